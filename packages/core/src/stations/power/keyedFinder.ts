import type { KeyedWire } from '../../sections/index.ts'
import { fig, plain, say, type Sentence } from '../../verdict/index.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'

export const KEYED_KINDS = ['run-and-start', 'run-only', 'start-only', 'always', 'after-ballast', 'sags', 'back-fed', 'dead', 'not-measured'] as const // prettier-ignore
export type KeyedKind = (typeof KEYED_KINDS)[number]

export const KEYED_WORDS: Readonly<Record<KeyedKind, string>> = {
  'run-and-start': 'holds in run and in start',
  'run-only': 'dead in start',
  'start-only': 'live in start only',
  always: 'live with the key off too',
  'after-ballast': 'behind a ballast',
  sags: 'sags in start',
  'back-fed': 'fed back with the key off',
  dead: 'dead',
  'not-measured': 'not measured yet',
}

/** From here on a wire is live, V: behind a ballast it has 6 to 9 V with a load on it. Rules of thumb. */
const LIVE_V = 9.5
const DEAD_V = 2
/** With the key off. */
const BACK_FED_V = 0.5
/** What the way from the battery may take in start. Rule of thumb. */
const START_LOSS_V = 1

export interface FoundWire {
  readonly wire: KeyedWire
  readonly kind: KeyedKind
  readonly says: Sentence
}

/** What a measured wire is good for. Weak battery and wrong wire are told apart by the terminals in the same start. */
export const findKeyed = (wire: KeyedWire): FoundWire => {
  const { offV, runV, startV, postsV } = wire
  const as = (kind: KeyedKind, says: Sentence): FoundWire => ({ wire, kind, says })
  if (runV === null || startV === null) return as('not-measured', say`Measure it in run and while cranking.`)
  const reference = postsV ?? startV
  const lostV = reference - startV
  const startLive = startV >= DEAD_V
  if (offV !== null && offV >= LIVE_V)
    return as('always', say`Live with the key off: it would never let the engine stop.`)
  if (offV !== null && offV > BACK_FED_V)
    return as('back-fed', say`${fig(offV, 'voltage', 1)} with the key off: something feeds back. A diode or a contact of its own.`) // prettier-ignore
  if (runV < DEAD_V) return startLive ? as('start-only', say`The start diode of a relay may take it.`) : as('dead', say`No feed.`) // prettier-ignore
  if (runV < LIVE_V) return as('after-ballast', say`${fig(runV, 'voltage', 1)} in run: a resistor or resistance wire stands before it, or the battery is flat. Never a keyed feed.`) // prettier-ignore
  if (!startLive)
    return as('run-only', postsV === null ? say`Dead in start: the wrong wire. Measure the terminals in the same start too.` : say`Dead in start while the terminals hold ${fig(postsV, 'voltage', 1)}: the wrong wire, not a weak battery.`) // prettier-ignore
  if (postsV === null) return as('not-measured', say`Measure the battery’s terminals in the same start.`)
  if (lostV > START_LOSS_V) return as('sags', say`Loses ${fig(lostV, 'voltage', 1)} on the way in start: key contacts or joints.`) // prettier-ignore
  return as('run-and-start', say`Loses ${fig(Math.max(0, lostV), 'voltage', 1)} in start. Try it with the load it must carry.`) // prettier-ignore
}

export interface KeyedFind {
  readonly wires: readonly FoundWire[]
  /** Best one that may be used as it is. */
  readonly direct: KeyedWire | null
  /** Two wires for the diodes of a relay. */
  readonly forRelay: { readonly run: KeyedWire; readonly start: KeyedWire } | null
}

const highest = (found: readonly FoundWire[], kinds: readonly KeyedKind[], of: (w: KeyedWire) => number | null) =>
  found
    .filter((f) => kinds.includes(f.kind))
    .map((f) => f.wire)
    .reduce<KeyedWire | null>((a, b) => (a === null || (of(b) ?? 0) > (of(a) ?? 0) ? b : a), null)

/** Which of the old keyed wires may be used, and how. */
export const keyedFind = (wires: readonly KeyedWire[]): KeyedFind => {
  const found = wires.map(findKeyed)
  const run = highest(found, ['run-and-start', 'run-only', 'sags'], (w) => w.runV)
  const start = highest(found, ['run-and-start', 'start-only', 'sags'], (w) => w.startV)
  return {
    wires: found,
    direct: highest(found, ['run-and-start'], (w) => w.startV),
    forRelay: run && start ? { run, start } : null,
  }
}

/** Does what was measured bear out the choice of the keyed feed? */
export const judgeKeyedWires = (c: PowerCase): PowerVerdict | null => {
  const { keyedWires } = c.power.old
  if (keyedWires.length === 0) return null
  const { wires, direct, forRelay } = keyedFind(keyedWires)
  const { keyedFeed } = c.power.design
  const base = { ...plain, id: 'keyed-wires', source: 'measured key off, in run and in start; 1 V in start: rule of thumb' } // prettier-ignore
  const relayed = keyedFeed === 'relay'
  const good = relayed ? forRelay !== null : keyedFeed === 'run-and-start' ? direct !== null : false
  if (good)
    return {
      ...base,
      title: 'Old keyed wires bear out the keyed feed',
      state: 'ok',
      reason: relayed
        ? forRelay!.run.id === forRelay!.start.id
          ? say`${forRelay!.run.name} holds in run and in start: the coil may hang on it alone.`
          : say`Diodes from ${forRelay!.run.name} and ${forRelay!.start.name}.`
        : say`${direct!.name} holds in run and in start.`,
    }
  const open = wires.filter((f) => f.kind === 'not-measured')
  if (open.length > 0)
    return { ...base, title: 'Old keyed wires not measured yet', state: 'unknown', reason: say`${open[0]!.wire.name}: ${open[0]!.says}` } // prettier-ignore
  return {
    ...base,
    title: relayed ? 'No two old wires for the keyed relay' : 'No old wire holds in run and in start',
    state: 'stop',
    next: relayed
      ? say`Find a wire that is live in start: the solenoid’s own will do for the second diode`
      : say`A relay, its coil from two keyed wires through diodes`,
    reason: say`${wires.map((f) => `${f.wire.name}: ${KEYED_WORDS[f.kind]}`).join('; ')}.`,
  }
}
