import { STOPPED, stopWords, type StopOutcome, type Stopped } from '../../power/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'

export const STOPPED_WORDS: Readonly<Record<Stopped, string>> = {
  ignition: 'ignition',
  pump: 'fuel pump',
  starter: 'starter solenoid',
}

const listed = (o: StopOutcome, is: 'live' | 'dead') =>
  STOPPED.filter((d) => o.wrong.includes(d) && o.is[d] === is).map((d) => STOPPED_WORDS[d]).join(' and ') // prettier-ignore

const titleOf = ({ when, is, wrong }: StopOutcome): string => {
  if (wrong.every((d) => is[d] === 'dead')) return 'Something is dead that the engine needs'
  if (when.kill === 'open') return 'Kill switch does not stop the engine'
  if (when.inertia === 'tripped') return 'Inertia switch does not stop the pump'
  if (when.key === 'off') return 'Key does not stop the engine'
  return wrong.includes('pump') ? 'Pump runs on when the engine stalls' : 'Starter live without the key in start'
}

/** Do ignition and pump stop when they must, whatever turns, charges or feeds back? */
export const judgeStop = (c: PowerCase): PowerVerdict => {
  const bad = c.stops.filter((o) => o.wrong.length > 0)
  // What stays live is worse than what is dead.
  const [worst] = [...bad].sort((a, b) => Number(b.wrong.some((d) => b.is[d] === 'live')) - Number(a.wrong.some((d) => a.is[d] === 'live'))) // prettier-ignore
  const base = {
    ...plain,
    id: 'stop-logic',
    source: 'solved network, each switch moved after the engine has run; 4 V as live: typical',
  }
  if (!worst)
    return {
      ...base,
      title: 'Key, kill and inertia switch stop what they must',
      state: 'ok',
      reason: say`Ignition and pump are dead with the key off${c.supply.old.killSwitch === 'none' ? '' : ' and with the kill switch open'}, the pump also with the engine stalled${c.supply.inertiaSwitch ? ' or the inertia switch tripped' : ''}; generator, charging lamp and a fan in the wind are counted in. Only what is on the constant feed stays live: label it.`,
    }
  const live = listed(worst, 'live')
  const dead = listed(worst, 'dead')
  const shown = worst.wrong[0]!
  return {
    ...base,
    title: titleOf(worst),
    state: 'stop',
    figureName: STOPPED_WORDS[shown],
    figure: fig(worst.volts[shown], 'voltage', 1),
    next:
      worst.when.kill === 'open'
        ? say`A kill switch with contacts for keyed feed and generator field beside the battery’s`
        : say`A diode or a contact of its own for what feeds back; the fan on a relay`,
    reason: say`${stopWords(worst.when)}: ${live === '' ? '' : `${live} live`}${live !== '' && dead !== '' ? ', ' : ''}${dead === '' ? '' : `${dead} dead`}.${worst.when.kill === 'open' && live !== '' ? ' The generator keeps engine and pump running.' : ''} Try it on the car, engine running.`,
  }
}

/** An oil-pressure switch may stop a healthy engine in traffic. */
export const judgePumpCut = (c: PowerCase): PowerVerdict => {
  const oil = c.power.design.pumpCut === 'oil-pressure'
  return {
    ...plain,
    id: 'pump-cut',
    title: oil ? 'Pump cut by oil pressure' : 'Pump cut by the ECU',
    state: oil ? 'caution' : 'ok',
    next: say`Drive the relay from the ECU; a lamp that warns before anything cuts`,
    reason: oil
      ? say`Stops the pump with the engine even where the ECU has no output for it. A switch that fails stops the car in traffic, and nothing primes before the start: fit a warning lamp first.`
      : say`The ECU primes, and drops the relay when the crank stops.${c.supply.inertiaSwitch ? '' : ' Beside it an inertia or roll-over switch in the coil’s feed: it cuts after a crash, when the crank may still turn.'}`,
    source: 'recommended practices differ; trade practice',
  }
}
