import { seededRandom } from '../../numeric/seededRandom.ts'
import type { RouteCase, RouteCircuit, RouteCorridor } from './routeCase.ts'

export interface DrawnCar {
  readonly seed: number
  readonly corridors: number
  readonly circuits: number
  /** Holes that bind and classes that must be kept apart. */
  readonly binding: boolean
  readonly candidates?: number
  readonly kits?: boolean
}

/**
 * A car drawn by a seed, for laws and measurements: an engine bay and a cabin as two meshes of places, joined by a few holes in the bulkhead.
 * Its figures are those of a real job; its layout is nobody's.
 */
export const drawCar = ({ seed, corridors, circuits, binding, candidates = 3, kits = false }: DrawnCar): RouteCase => {
  const random = seededRandom(seed)
  const between = (low: number, high: number): number => low + (high - low) * random()
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const holes = Math.max(2, Math.round(corridors / 14))
  const half = Math.max(3, Math.round((corridors - holes) / 3.4))
  const bay = Array.from({ length: half }, (_, n) => `bay-${n}`)
  const cabin = Array.from({ length: half }, (_, n) => `cabin-${n}`)
  const made: RouteCorridor[] = []
  const add = (from: string, to: string, more: Partial<RouteCorridor>): void => {
    made.push({ id: `c${made.length}`, from, to, lengthM: between(0.15, 0.9), temperatureK: 333, ...more })
  }
  const bayCorridor = (): Partial<RouteCorridor> => ({
    temperatureK: pick([353, 363, 378, 398, 423]),
    wet: random() < 0.3,
    moving: random() < 0.05,
    apart: random() < 0.35,
    noisePerM: random() < 0.4 ? between(0.2, 3) : 0,
    ...(binding && random() < 0.15 ? { freeAreaM2: between(1.2, 5) * circuits * 1e-6 } : {}),
  })
  for (const mesh of [bay, cabin]) {
    const more = mesh === bay ? bayCorridor : (): Partial<RouteCorridor> => ({ apart: random() < 0.3 })
    for (let n = 1; n < mesh.length; n++) add(mesh[Math.max(0, n - 1 - Math.floor(random() * 2))]!, mesh[n]!, more())
  }
  // Bare wires of about 2 mm through 45 % of the bores, were they spread evenly.
  const typicalBoreM = Math.sqrt((1.1 * circuits * 0.0022 ** 2) / (0.45 * holes))
  for (let n = 0; n < holes; n++) {
    add(pick(bay), pick(cabin), {
      lengthM: between(0.05, 0.15),
      temperatureK: 343,
      apart: random() < 0.3,
      hole: { boreM: binding ? between(0.5, 0.9) * typicalBoreM : between(0.03, 0.05) },
    })
  }
  while (made.length < corridors) {
    const mesh = random() < 0.6 ? bay : cabin
    const from = pick(mesh)
    const to = pick(mesh)
    if (from !== to) add(from, to, mesh === bay ? bayCorridor() : { apart: random() < 0.3 })
  }
  const classes = ['power', 'noisy', 'quiet', 'digital', 'ignition']
  const list: RouteCircuit[] = []
  for (let n = 0; n < circuits; n++) {
    const kind = pick(classes)
    const toUnit = candidates > 0 && random() < 0.65
    const from = pick(random() < 0.75 ? bay : cabin)
    let to = pick(random() < 0.5 ? bay : cabin)
    while (to === from) to = pick(cabin)
    list.push({
      id: `w${n}`,
      from,
      to: toUnit ? 'unit' : to,
      class: kind,
      diameterM: kind === 'power' ? between(0.002, 0.0045) : between(0.0012, 0.0022),
      limitK: random() < 0.9 ? 433 : 423,
      leadFromM: between(0, 0.2),
      leadToM: between(0, 0.1),
      ...(kits && random() < 0.4
        ? { kit: { reachM: between(0.8, 3), ...(random() < 0.8 ? { extend: { minutes: 12, mostM: 2 } } : {}) } }
        : random() < 0.08
          ? { mostLengthM: between(4, 8) }
          : {}),
      flexible: random() < 0.5,
      ...(kind === 'quiet' && random() < 0.5 ? { noiseBudget: between(2, 8) } : {}),
      ...(random() < 0.06 ? { plugM: between(0.012, 0.03), repin: random() < 0.6 } : {}),
    })
  }
  const pairs: string[][] = []
  for (let n = 0; n + 1 < list.length && pairs.length < circuits / 16; n += 7) {
    const one = list[n]!
    const other = { ...list[n + 1]!, from: one.to, to: one.from, class: one.class }
    delete (other as { kit?: unknown }).kit
    list[n + 1] = other
    pairs.push([one.id, other.id])
  }
  return {
    corridors: made,
    circuits: list,
    ...(candidates > 0
      ? {
          unit: {
            limitK: 358,
            candidates: Array.from({ length: candidates }, (_, n) => ({
              id: `place-${n}`,
              place: n === 0 ? bay[0]! : cabin[n]!,
              temperatureK: n === 0 ? 353 : 323,
              wet: false,
              minutes: between(10, 60),
            })),
          },
        }
      : {}),
    separate: binding
      ? [
          ['quiet', 'ignition'],
          ['quiet', 'noisy'],
        ]
      : [['quiet', 'ignition']],
    together: pairs,
    rates: { lay: 2.5, wire: 1.5, open: 4, bundle: 6, heat: 8, wet: 5, cross: 3, repin: 10, fold: 1.5 },
    slack: { share: 0.04, perEndM: 0.1 },
  }
}
