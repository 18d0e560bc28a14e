import type { PartLine } from '../../parts/index.ts'
import { fig, say } from '../../verdict/index.ts'
import type { EngineTopCase } from './engineTopCase.ts'

/** Hoses, caps or tees of one bore. */
export interface BoreToBuy {
  readonly boreM: number
  readonly count: number
  /** Together, as far as they were measured; null for caps. */
  readonly lengthM: number | null
  readonly unmeasured: number
}

/** Bores as they are sold and printed, to a tenth of a millimetre: 5/32 in and 4.0 mm are one. */
const soldM = (boreM: number): number => Math.round(boreM * 1e4) / 1e4
const byBore = (bores: readonly number[]): [boreM: number, count: number][] => {
  const sold = bores.map(soldM)
  return [...new Set(sold)].sort((a, b) => b - a).map((boreM) => [boreM, sold.filter((b) => b === boreM).length])
}

/** Caps and hoses counted by bore. */
export const boresToBuy = (c: EngineTopCase): { readonly caps: BoreToBuy[]; readonly hoses: BoreToBuy[]; readonly tees: number } => {
  const laid = c.vacuum.hoses.filter((h) => h.port !== null || h.by === 'drilled')
  return {
    caps: byBore(c.vacuum.capped.map((p) => p.boreM)).map(([boreM, count]) => ({ boreM, count, lengthM: null, unmeasured: 0 })),
    hoses: byBore(laid.map((h) => h.consumer.boreM)).map(([boreM, count]) => {
      const own = laid.filter((h) => soldM(h.consumer.boreM) === boreM)
      return { boreM, count, lengthM: own.reduce((s, h) => s + (h.lengthM ?? 0), 0), unmeasured: own.filter((h) => h.lengthM === null).length }
    }),
    tees: laid.filter((h) => h.by === 'tee').length - new Set(laid.flatMap((h) => (h.by === 'tee' ? [h.port] : []))).size,
  }
} // prettier-ignore

/** Named for its bore and not for its place in the list: an order stays with it when another bore comes or goes. */
const ofBore = (what: string, boreM: number): string => `${what}-${(boreM * 1e4).toFixed(0)}`
const one = (id: string, what: string, name: string, specification: PartLine['specification'], why: string): PartLine => ({ id, what, name, quantity: fig(1, 'count'), specification, why, assumed: false }) // prettier-ignore

/** What must be bought for vacuum, sensors and ignition. */
export const partsOfPlaces = (c: EngineTopCase): PartLine[] => {
  const { caps, hoses, tees } = boresToBuy(c)
  const { entry } = c.vacuum
  const drilled = c.vacuum.hoses.filter((h) => h.by === 'drilled').length
  const sealed = c.sensors.holes.filter((h) => h.hole.seal === 'sealant')
  const { ignition } = c
  return [
    ...hoses.map((h) => ({
      id: ofBore('vacuum-hose', h.boreM),
      what: 'vacuum hose',
      name: 'Vacuum hose, petrol-proof',
      quantity: h.lengthM! > 0 ? fig(h.lengthM!, 'distance', 2) : fig(h.count, 'count'),
      specification: say`${fig(h.boreM, 'bore', 1)} inside, for ${fig(h.count, 'count')}${h.unmeasured > 0 ? say`; ${fig(h.unmeasured, 'count')} not measured` : ''}`,
      why: 'smallest bore of each consumer',
      assumed: h.unmeasured > 0,
    })),
    ...caps.map((h) => ({
      id: ofBore('vacuum-cap', h.boreM),
      what: 'cap',
      name: 'Cap for a vacuum port, with clip',
      quantity: fig(h.count, 'count'),
      specification: say`for ${fig(h.boreM, 'bore', 1)} bore`,
      why: 'ports with nothing on them',
      assumed: false,
    })),
    ...(tees > 0 ? [{ ...one('vacuum-tee', 'tee', 'Vacuum tee', say`by the bores of the hoses it joins`, 'ports that are shared'), quantity: fig(tees, 'count') }] : []),
    ...(drilled > 0 ? [{ ...one('vacuum-spigot', 'port', 'Screw-in vacuum port', say`by the bore of its hose`, 'ports that are drilled'), quantity: fig(drilled, 'count') }] : []),
    ...(entry.throughBulkhead === true ? [one('grommet', 'grommet', 'Grommet for the bulkhead', say`over the pressure line`, 'pressure line goes through sheet metal')] : []),
    ...c.sensors.holes.flatMap((h) => (h.hole.adapter === true && h.thread && h.holeThread ? [one(`adapter-${h.hole.id}`, 'adapter', `Adapter, ${h.hole.name.toLowerCase()}`, say`${h.holeThread.name} outside, ${h.thread.name} inside`, 'hole and sensor have different threads')] : [])),
    ...c.sensors.holes.flatMap((h) => (h.tapped && h.thread ? [one(`tap-${h.hole.id}`, 'tool', `Tap and drill, ${h.hole.name.toLowerCase()}`, say`${h.thread.name}, drill ${fig(h.tapped.drillM, 'bore', 2)}`, 'hole in plain metal')] : [])),
    ...(sealed.length > 0 ? [one('sensor-sealant', 'sealant', 'Thread sealant for sensors', say`bears coolant and petrol`, 'tapered threads')] : []),
    ...(ignition.entry.box === 'igniter' ? [one('igniter', 'igniter', 'Igniter', say`logic input, for the coil that is there`, 'plain coil on a logic output')] : []),
    ...(c.system?.timing === 'crank-trigger' && ignition.order !== null && (ignition.entry.coils === 'pairs' || ignition.entry.coils === 'one-each')
      ? [{ ...one('coils', 'coil', ignition.entry.coils === 'pairs' ? 'Coil for two cylinders' : 'Coil for one cylinder', say`${ignition.entry.coil === 'own-driver' ? 'with its own driver' : 'plain'}`, 'cylinders and firing order'), quantity: fig(ignition.entry.coils === 'pairs' ? Math.ceil(ignition.order.length / 2) : ignition.order.length, 'count') }]
      : []),
  ]
} // prettier-ignore
