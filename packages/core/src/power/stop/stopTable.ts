import { carNetwork } from '../car/carNetwork.ts'
import type { CarSupply } from '../car/carSupply.ts'
import { changesWithin, HOT_REGULATOR_K, partsOn, runningChanges } from '../car/conditions.ts'
import { compileNetwork, solveMoments, type PartChange } from '../network/index.ts'
import type { MomentResult, RelayFigures } from '../network/networkResult.ts'

/** How the switches stand, and what turns. */
export interface StopCase {
  readonly key: 'off' | 'run' | 'start'
  readonly kill: 'closed' | 'open'
  readonly inertia: 'set' | 'tripped'
  /** The engine turns, its generator gives, and the ECU sees it. */
  readonly turning: boolean
  /** The radiator fan is driven by the wind and feeds back. */
  readonly wind: boolean
}

export type Must = 'live' | 'dead' | 'either'
export const STOPPED = ['ignition', 'pump', 'starter'] as const
export type Stopped = (typeof STOPPED)[number]

/** What must be live and what dead: rules of safety, whatever the wiring. */
export const mustBe = ({ key, kill, inertia, turning }: StopCase): Readonly<Record<Stopped, Must>> => {
  const on = key !== 'off' && kill === 'closed'
  return {
    ignition: on ? (turning ? 'live' : 'either') : 'dead',
    pump: on && inertia === 'set' && turning ? 'live' : 'dead',
    starter: on && key === 'start' ? 'live' : 'dead',
  }
}

export interface StopOutcome {
  readonly when: StopCase
  readonly must: Readonly<Record<Stopped, Must>>
  readonly volts: Readonly<Record<Stopped, number>>
  readonly is: Readonly<Record<Stopped, 'live' | 'dead'>>
  /** Live where it must be dead, or dead where it must be live. */
  readonly wrong: readonly Stopped[]
}

/** Above so many volts a coil still sparks, a pump still delivers, a solenoid still holds. Typical. */
const LIVE_V: Readonly<Record<Stopped, number>> = { ignition: 4, pump: 4, starter: 4 }
/** A fan in the wind of a fast road: share of its rated speed. Typical. */
const WIND_SHARE = 0.6

const changesOf = (s: CarSupply, c: StopCase, ecuAlive: boolean): PartChange[] => {
  const keyed = c.key !== 'off'
  const open = c.kill === 'open'
  const turning = c.turning
  const running = runningChanges(s, { engineRpm: s.speeds.idleRpm * 2, regulatorK: HOT_REGULATOR_K, duty: 0.1 })
  const switches: PartChange[] = [
    { id: 'key-run', closed: keyed },
    { id: 'key-acc', closed: c.key === 'run' },
    { id: 'key-start', closed: c.key === 'start' },
    { id: 'kill-switch', closed: !open },
    { id: 'kill-keyed', closed: !open },
    { id: 'inertia-switch', closed: c.inertia === 'set' },
    { id: 'oil-switch', closed: turning },
    { id: 'field-fed', closed: turning },
    { id: 'field', on: !turning },
    { id: 'ecu-drives-pump', closed: turning && ecuAlive },
    { id: 'ecu', on: ecuAlive },
    { id: 'injectors', on: ecuAlive && turning },
    { id: 'solenoid', on: true },
    ...(c.wind ? [{ id: 'fan-switch', closed: true }, { id: 'fan', speed: WIND_SHARE }] : []),
    ...(!turning || (open && s.old.killSwitch === 'full') ? [{ id: 'generator', mode: 'off' as const }] : []),
  ] // prettier-ignore
  return [...running.filter((r) => !switches.some((x) => x.id === r.id)), ...partsOn('ignition'), ...switches]
}

const RUNNING: StopCase = { key: 'run', kill: 'closed', inertia: 'set', turning: true, wind: false }

/** Something that tells how one line ends: relays remember that the car has run. */
const judgeOf = (s: CarSupply): ((when: StopCase) => StopOutcome) => {
  const { network } = carNetwork(s)
  const moment = (id: string, c: StopCase, alive: boolean) => ({ id, changes: changesWithin(network, changesOf(s, c, alive)) }) // prettier-ignore
  const [running] = solveMoments(compileNetwork(network), [moment('running', RUNNING, true)])
  const relays = (network.relays ?? []).map((r) => ({ ...r, energised: (running!.parts[r.id] as RelayFigures).energised })) // prettier-ignore
  const net = compileNetwork({ ...network, relays })
  const volts = (m: MomentResult, id: string) =>
    Math.abs((m.parts[id] as { voltageV: number } | undefined)?.voltageV ?? 0)
  return (when) => {
    const then = moment('then', when, true)
    const [first] = solveMoments(net, [then])
    const alive = volts(first!, 'keyed') >= s.ecu.leastV && volts(first!, 'ecu') >= s.ecu.leastV
    // What the ECU drives falls with it.
    const last = alive ? first! : solveMoments(net, [then, moment('last', when, false)])[1]!
    const at = { ignition: volts(last, 'ignition'), pump: volts(last, 'pump'), starter: volts(last, 'solenoid') }
    const must = mustBe(when)
    const is = Object.fromEntries(STOPPED.map((d) => [d, at[d] > LIVE_V[d] ? 'live' : 'dead'])) as StopOutcome['is']
    return { when, must, volts: at, is, wrong: STOPPED.filter((d) => must[d] !== 'either' && must[d] !== is[d]) }
  }
}

/** Every combination that a car has: no kill switch, no inertia switch or no electric fan leaves theirs out. */
export const stopCases = (s: CarSupply): StopCase[] => {
  const kills = s.old.killSwitch === 'none' ? (['closed'] as const) : (['closed', 'open'] as const)
  const inertias = s.inertiaSwitch ? (['set', 'tripped'] as const) : (['set'] as const)
  const winds = s.fan === 'none' ? [false] : [false, true]
  return (['off', 'run', 'start'] as const).flatMap((key) =>
    kills.flatMap((kill) =>
      inertias.flatMap((inertia) =>
        [true, false].flatMap((turning) =>
          key === 'start' && !turning ? [] : winds.map((wind): StopCase => ({ key, kill, inertia, turning, wind })),
        ),
      ),
    ),
  )
}

/** The whole truth table, each line solved in the network after the car has run. */
export const stopTable = (s: CarSupply): StopOutcome[] => stopCases(s).map(judgeOf(s))

const steps = (c: StopCase): number =>
  Number(c.key !== 'run') + Number(c.kill === 'open') + Number(c.inertia === 'tripped') + Number(!c.turning)

/** The lines in which one thing has moved since the car ran: where those are right, the whole table is. */
export const singleStops = (s: CarSupply): StopOutcome[] =>
  stopCases(s)
    .filter((c) => steps(c) <= 1)
    .map(judgeOf(s))

const WORDS = {
  key: { off: 'key off', run: 'key on', start: 'key in start' },
  kill: { closed: '', open: 'kill switch open' },
  inertia: { set: '', tripped: 'inertia switch tripped' },
} as const
/** "Key on, kill switch open, engine still turning". */
export const stopWords = (c: StopCase): string => {
  const said = [WORDS.key[c.key], WORDS.kill[c.kill], WORDS.inertia[c.inertia], c.turning ? 'engine turning' : 'engine stopped', c.wind ? 'fan in the wind' : ''].filter((w) => w !== '').join(', ') // prettier-ignore
  return said.charAt(0).toUpperCase() + said.slice(1)
}
