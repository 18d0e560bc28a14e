import { FUSE_RATINGS_A, keyedFuseA, leastFuseA } from '../../power/index.ts'
import type { BoxPosition } from '../../sections/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { loadAt } from './deviceVolts.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'

export type Live = NonNullable<BoxPosition['live']>
export const LIVE_WORDS: Readonly<Record<Live, string>> = {
  always: 'always',
  run: 'in run',
  'run-and-start': 'in run and start',
  lights: 'with the lights',
}

/** A new circuit that needs a fuse. */
export interface NewCircuit {
  readonly id: string
  readonly what: string
  readonly continuousA: number
  readonly fuseA: number
  /** When it must be live. */
  readonly live: Live
  /** At the battery, alone; or in the old box, where a position of that kind is free. */
  readonly goes: 'battery' | 'box'
  /** What may hang on the same fuse, or why nothing may. */
  readonly shares: string
}

/** Smaller ones are seldom in the drawer. Rule of thumb. */
const LEAST_FUSE_A = 5
const ratingFor = (continuousA: number, ambientK: number): number =>
  FUSE_RATINGS_A.find((a) => a >= Math.max(LEAST_FUSE_A, leastFuseA(continuousA, ambientK))) ?? FUSE_RATINGS_A.at(-1)!
const LASTING = ['idle', 'full-load', 'night-rain'] as const
const lastingA = (c: PowerCase, device: string): number =>
  Math.max(...LASTING.map((id) => Math.abs(loadAt(c.solved, id, device)?.currentA ?? 0)))
/** A fuse box under the dash. */
const BOX_K = 318.15
/** Every circuit of the conversion that gets a fuse, by the design. */
export const newCircuits = (c: PowerCase): NewCircuit[] => {
  const { design, fan, wires } = c.supply
  const at = (role: 'ecuFeed' | 'pumpFeed' | 'fanFeed') => c.wireChecks.find((w) => w.role === role)
  const own = (id: 'ecuFeed' | 'pumpFeed' | 'fanFeed', what: string, live: Live, shares: string): NewCircuit[] => {
    const check = at(id)
    return check && wires[id].fuseA !== null
      ? [{ id, what, continuousA: check.continuousA, fuseA: wires[id].fuseA, live, goes: 'battery', shares }]
      : []
  }
  const heaterA = lastingA(c, 'heater')
  const gaugesA = lastingA(c, 'gauges')
  return [
    ...own('ecuFeed', 'ECU constant feed', 'always', 'nothing: the ECU alone'),
    ...(design.keyedFeed === 'relay'
      ? [{ id: 'keyed', what: 'Keyed relay', continuousA: Math.abs(loadAt(c.solved, 'idle', 'keyed')?.currentA ?? 0) + (design.heaterFeed === 'keyed' ? heaterA : 0) +
              (design.coilFeed === 'relay' ? lastingA(c, 'ignition') : 0), fuseA: keyedFuseA(design), live: 'run-and-start', goes: 'battery', shares: design.coilFeed === 'relay' ? 'ECU keyed input, relay coils, sensor heater, ignition coils' : 'ECU keyed input, relay coils, sensor heater' } as const]
      : []),
    ...(design.relays === 'separate' ? own('pumpFeed', 'Fuel pump', 'run-and-start', 'nothing: pump and injection stop together if it blows') : []),
    ...(fan === 'relay' ? own('fanFeed', 'Radiator fan', 'run', 'nothing: its inrush pulls others down') : []),
    ...(design.heaterFeed !== 'pump-relay' && design.keyedFeed !== 'relay' && heaterA > 0
      ? [{ id: 'heater', what: 'Oxygen sensor heater', continuousA: heaterA, fuseA: ratingFor(heaterA, BOX_K), live: 'run', goes: 'box', shares: 'gauges; never the ECU' } as const]
      : []),
    ...(design.gaugesFeed === 'ignition' && gaugesA > 0
      ? [{ id: 'gauges', what: 'Added gauges', continuousA: gaugesA, fuseA: ratingFor(gaugesA, BOX_K), live: 'run', goes: 'box', shares: 'other gauges and a radio; never pump or ECU' } as const]
      : []),
  ]
} // prettier-ignore

const isFree = (p: BoxPosition): boolean => p.feeds.trim() === ''
/** Whether a position is live when a circuit must be. */
const serves = (p: BoxPosition, circuit: NewCircuit): boolean =>
  isFree(p) && p.live !== null && (p.live === circuit.live || (circuit.live === 'run' && p.live === 'run-and-start'))

export interface FusePlan {
  readonly box: readonly { readonly position: BoxPosition; readonly free: boolean; readonly takes: NewCircuit | null }[]
  /** Fuses of their own, within a hand of the battery. */
  readonly atBattery: readonly NewCircuit[]
  /** What finds no position in the old box. */
  readonly subPanel: readonly NewCircuit[]
  /** Fuse of the sub-panel's feed, A; null where none is needed. */
  readonly subPanelA: number | null
}

/** A sub-panel is fed for what will come, too. Rule of thumb. */
const LEAST_PANEL_A = 15

/** As many circuits as the old box can take: augmenting paths from each circuit to a free position. */
const assign = (circuits: readonly NewCircuit[], box: readonly BoxPosition[]): Map<string, string> => {
  const takenBy = new Map<string, NewCircuit>()
  const place = (circuit: NewCircuit, tried: Set<string>): boolean =>
    box.some((p) => {
      if (tried.has(p.id) || !serves(p, circuit)) return false
      tried.add(p.id)
      const other = takenBy.get(p.id)
      if (other && !place(other, tried)) return false
      takenBy.set(p.id, circuit)
      return true
    })
  for (const circuit of circuits) place(circuit, new Set())
  return new Map([...takenBy].map(([position, circuit]) => [circuit.id, position]))
}

/** Where every fuse goes: at the battery, in a free position of the old box, or in a sub-panel with a feed of its own. */
export const fusePlanOf = (c: PowerCase): FusePlan => {
  const { box } = c.power.old
  const circuits = newCircuits(c)
  const wanting = circuits.filter((x) => x.goes === 'box')
  const placed = assign(wanting, box)
  const subPanel = wanting.filter((x) => !placed.has(x.id))
  return {
    box: box.map((position) => ({
      position,
      free: isFree(position),
      takes: wanting.find((x) => placed.get(x.id) === position.id) ?? null,
    })),
    atBattery: circuits.filter((x) => x.goes === 'battery'),
    subPanel,
    subPanelA: subPanel.length === 0 ? null : Math.max(LEAST_PANEL_A, ratingFor(subPanel.reduce((sum, x) => sum + x.continuousA, 0), BOX_K)),
  }
} // prettier-ignore

export const judgeFusePlan = (c: PowerCase): PowerVerdict => {
  const plan = fusePlanOf(c)
  const { box } = c.power.old
  const base = { ...plain, id: 'fuse-plan', source: 'trade practice' }
  const placed = plan.box.filter((b) => b.takes !== null)
  if (plan.subPanel.length === 0)
    return {
      ...base,
      title: 'Every new circuit has its fuse position',
      state: 'ok',
      reason: say`${fig(plan.atBattery.length, 'count')} at the battery${placed.length > 0 ? say`, ${fig(placed.length, 'count')} in the old box` : ''}.`,
    }
  const names = plan.subPanel.map((x) => x.what.toLowerCase()).join(' and ')
  return {
    ...base,
    title: box.length === 0 ? 'Old fuse box not looked at yet' : 'No free position in the old fuse box',
    state: box.length === 0 ? 'unknown' : 'caution',
    next: box.length === 0 ? say`Enter its positions: what each feeds, and when it is live` : say`A sub-panel with a feed of its own, fused at ${fig(plan.subPanelA ?? 0, 'current')}`, // prettier-ignore
    reason: say`${names.charAt(0).toUpperCase() + names.slice(1)}: a sub-panel with its own feed, never a third wire under one terminal.`,
  }
}
