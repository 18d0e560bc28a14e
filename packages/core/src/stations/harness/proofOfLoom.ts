import {
  continuityPlan,
  followUpReading,
  loomNets,
  type ContinuityPlan,
  type LoomNets,
  type Reading,
  type Taken,
} from '../../harness/index.ts'
import type { HarnessCase } from './harnessCase.ts'
import { circuitEnds, type CircuitEnds } from './wireEnds.ts'

/** Where the clip sits, and what is touched from there. */
export interface ProofStep {
  /** Id of the step in the document: the clip's pin, or the bars. */
  readonly id: string
  readonly readings: readonly Reading[]
}

/** The readings that prove the accepted loom, and what was read of them. */
export interface LoomProof {
  readonly loom: LoomNets
  readonly ends: readonly CircuitEnds[]
  readonly plan: ContinuityPlan
  readonly steps: readonly ProofStep[]
  readonly taken: readonly Taken[]
  /** Steps that are done, and readings among them that were not as they must be. */
  readonly done: number
  readonly off: number
  /** Entries that belong to no reading of this loom: it was read before the loom changed. */
  readonly stale: number
}

/** Beginnings of the names of wires that carry a supply, and of those that are an earth. */
const SUPPLY = ['ecu-feed', 'keyed-feed', 'pump-supply', 'pump-feed', 'fan-supply', 'fan-feed', 'coil-supply', 'injector-supply', 'heater-supply', 'sensor-supply'] // prettier-ignore
const EARTH = ['ecu-earth', 'pump-return', 'fan-return', 'sensor-earth']
const among = (ends: readonly CircuitEnds[], names: readonly string[]): string[] =>
  ends.map((e) => e.circuit.id).filter((id) => names.some((name) => id === name || id.startsWith(`${name}-`)))

/** A reading that was asked for, as it is kept in the document: which pins, and whether it rang. */
export const askedEntry = (loom: LoomNets, reading: Reading, rang: boolean): string =>
  `${rang ? 'rang' : 'silent'} ${markOf(loom)} ${numbersOf(loom, reading.clip)} | ${numbersOf(loom, reading.probe)}`
const numbersOf = (loom: LoomNets, pins: readonly string[]): string => pins.map((p) => loom.pins.indexOf(p)).join(' ')
/** Tells one list of pins from another. */
const markOf = (loom: LoomNets): string => {
  let hash = 0x811c9dc5
  for (const ch of loom.pins.join('\n')) hash = Math.imul(hash ^ ch.codePointAt(0)!, 0x01000193) >>> 0
  return hash.toString(36)
}
const askedReading = (loom: LoomNets, entry: string): Taken | null => {
  const [, word, mark, clips, probes] = /^(rang|silent) (\S+) ([\d ]+) \| ([\d ]+)$/.exec(entry) ?? []
  if (mark !== markOf(loom) || clips === undefined || probes === undefined) return null
  const pins = (text: string) => text.split(' ').map((n) => loom.pins[Number(n)]!)
  const [clip, probe] = [pins(clips), pins(probes)]
  if ([...clip, ...probe].includes(undefined as never)) return null
  return { reading: followUpReading(clip, probe), rang: word === 'rang' }
}

const stepId = (r: Reading): string => (r.kind === 'group' ? r.id : r.clip[0]!)

/** Null before a loom is accepted. */
export const proofOfLoom = (c: HarnessCase): LoomProof | null => {
  if (!c.accepted) return null
  const laid = new Set(c.harness.loom!.wires.map((w) => w.id))
  const ends = circuitEnds(c).filter((e) => laid.has(e.circuit.id))
  const loom = loomNets(ends.map((e) => ({ id: e.circuit.id, from: e.from.pin, to: e.to.pin })))
  const plan = continuityPlan(loom, { supply: among(ends, SUPPLY), earth: among(ends, EARTH), grouped: true })
  const steps = [...new Set(plan.readings.map(stepId))].map((id) => ({
    id,
    readings: plan.readings.filter((r) => stepId(r) === id),
  }))
  const { asked, done, off } = c.harness.proof
  const finished = steps.filter((s) => done.includes(s.id))
  const read = finished.flatMap((s) => s.readings)
  const wrong = new Set(off)
  const follow = asked.map((entry) => askedReading(loom, entry))
  const known = new Set(steps.map((s) => s.id))
  const readingIds = new Set(plan.readings.map((r) => r.id))
  return {
    loom,
    ends,
    plan,
    steps,
    taken: [
      ...read.map((reading) => ({ reading, rang: wrong.has(reading.id) ? !reading.rings : reading.rings })),
      ...follow.filter((t) => t !== null),
    ],
    done: finished.length,
    off: read.filter((r) => wrong.has(r.id)).length,
    stale:
      done.filter((id) => !known.has(id)).length +
      off.filter((id) => !readingIds.has(id)).length +
      follow.filter((t) => t === null).length,
  }
}
