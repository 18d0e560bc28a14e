import { fig, plain, say, type VerdictState } from '../../verdict/index.ts'
import { FIRST_S, type PowerCase, type PowerVerdict } from './powerCase.ts'
import { loadAt } from './deviceVolts.ts'

/** So close to its minimum a colder morning or an older battery is enough. Rule of thumb. */
const DIP_MARGIN_V = 0.5

const leastWords = (c: PowerCase) => (c.ecuLeastKnown ? say`${c.ecuName ?? 'The ECU'}` : say`An ECU`)

/** Does the ECU reset while the starter turns? By the trace of the coldest start, not by a mean figure. */
export const judgeSag = (c: PowerCase): PowerVerdict => {
  const { resets, least } = c.coldStart
  const supply = least['ecu']
  const keyed = least['keyed']
  const limit = c.supply.ecu.leastV
  const low = Math.min(supply?.volts ?? Infinity, keyed?.volts ?? Infinity)
  const [reset] = resets
  const dips = !reset && low < limit
  const state: VerdictState =
    supply === undefined ? 'unknown' : reset ? 'stop' : low < limit + DIP_MARGIN_V ? 'caution' : 'ok'
  const which = (keyed?.volts ?? Infinity) < (supply?.volts ?? Infinity) ? 'keyed input' : 'supply'
  return {
    ...plain,
    id: 'crank-sag',
    title: reset
      ? reset.by === 'supply'
        ? 'ECU resets while cranking cold'
        : 'Keyed input drops out while cranking cold'
      : dips
        ? 'ECU rides through a dip below its minimum'
        : state === 'caution'
          ? 'ECU supply close to its minimum while cranking'
          : 'ECU supply while cranking',
    state,
    figureName: `lowest ${which}`,
    figure: Number.isFinite(low) ? fig(low, 'voltage', 1) : null,
    limitName: c.ecuLeastKnown ? 'minimum' : 'minimum, assumed',
    limit: fig(limit, 'voltage', 1),
    margin: Number.isFinite(low) ? fig(low - limit, 'voltage', 1) : null,
    reason: reset
      ? say`${leastWords(c)} resets below ${fig(limit, 'voltage', 1)} for longer than ${fig(c.supply.ecu.rideThroughS, 'duration', 0)}: it does so ${fig(reset.atS, 'duration', 0)} after the starter engages, at ${fig(c.supply.coldestK, 'temperature', 0)}. Cranks, never fires.`
      : dips
        ? say`It is below ${fig(limit, 'voltage', 1)} for less than the ${fig(c.supply.ecu.rideThroughS, 'duration', 0)} it rides through. A little more resistance and it resets.`
        : say`The deepest sag of the first ${fig(FIRST_S, 'time', 1)} at ${fig(c.supply.coldestK, 'temperature', 0)}, inrush and compression included.`,
    next: say`Feed and earth the ECU at the battery terminals; shorten or thicken the starter cable; charge or replace the battery`,
    source: c.ecuLeastKnown
      ? 'trace of the start; ECU data sheet'
      : 'trace of the start; minimum and ride-through assumed',
    pointId: 'crank-cold',
    workings: ['battery'],
  }
}

/** Is the keyed input live in "start"? Told apart from a weak battery by the volts at the terminals in the same start. */
export const judgeKeyed = (c: PowerCase): PowerVerdict => {
  const run = loadAt(c.solved, 'prime', 'keyed')
  const start = loadAt(c.solved, 'crank-warm', 'keyed')
  const off = loadAt(c.solved, 'key-off', 'keyed')
  const post = (c.solved.at['crank-warm'].parts['battery'] as { voltageV: number }).voltageV
  const least = c.supply.ecu.leastV
  const base = {
    ...plain,
    id: 'keyed',
    source: 'solved network',
    limitName: 'minimum',
    limit: fig(least, 'voltage', 1),
  }
  if (!run || !start)
    return { ...base, title: 'ECU keyed input connected to nothing', state: 'stop', reason: say`Connect it.` }
  const shown = { figureName: 'in start', figure: fig(start.voltageV, 'voltage', 1), margin: fig(start.voltageV - least, 'voltage', 1) } // prettier-ignore
  const afterBallast = c.power.design.keyedFeed === 'after-ballast' && c.supply.old.ballast
  if (afterBallast)
    return {
      ...base,
      ...shown,
      figureName: 'in run',
      figure: fig(run.voltageV, 'voltage', 1),
      margin: fig(run.voltageV - least, 'voltage', 1),
      title: 'Keyed feed taken after the ballast',
      state: 'stop',
      next: say`Take the keyed feed from a relay, or from a wire live in run and start`,
      reason: say`Behind a ballast resistor or resistance wire the coil terminal is at ${fig(run.voltageV, 'voltage', 1)} in run and full voltage in start: never a keyed feed.`,
    }
  if (Math.abs(off?.voltageV ?? 0) > 1)
    return {
      ...base,
      figureName: 'key off',
      figure: fig(off!.voltageV, 'voltage', 1),
      title: 'Keyed input live with the key off',
      state: 'stop',
      next: say`A diode or a separate contact`,
      reason: say`The engine would not stop. Something feeds back into the keyed wire.`,
    }
  if (start.voltageV < least)
    return {
      ...base,
      ...shown,
      title: start.voltageV < 1 ? 'Keyed feed dead in start' : 'Keyed feed sags in start',
      state: 'stop',
      next: say`Take the keyed feed from a relay with two diodes, or from a wire live in run and start`,
      reason:
        start.voltageV < 1
          ? say`The terminals hold ${fig(post, 'voltage', 1)} in the same start, so it is the wrong lead, not a weak battery. It cranks, never fires, and fires as the key is let go.`
          : say`The terminals hold ${fig(post, 'voltage', 1)} in the same start; the rest is lost on the way to the ECU.`,
    }
  return {
    ...base,
    ...shown,
    title: 'Keyed feed holds in run and in start',
    state: 'ok',
    reason: say`${fig(run.voltageV, 'voltage', 1)} in run, ${fig(start.voltageV, 'voltage', 1)} with the starter turning. Test it on the car while cranking, not only with the key on and off.`,
  }
}

/** Does it crank fast enough at the coldest start? */
export const judgeCranking = (c: PowerCase): PowerVerdict => {
  const rpm = (c.solved.crankRadS['crank-cold'] * 30) / Math.PI
  const warm = (c.solved.crankRadS['crank-warm'] * 30) / Math.PI
  const amps = loadAt(c.solved, 'crank-cold', 'starter')?.currentA ?? 0
  const short = rpm < c.leastCrankRpm
  return {
    ...plain,
    id: 'cranking',
    title:
      rpm === 0 ? 'Starter does not turn the engine cold' : short ? 'Cranks too slowly cold' : 'Cranking speed cold',
    state: short ? 'stop' : rpm < 1.25 * c.leastCrankRpm ? 'caution' : 'ok',
    figureName: 'mean speed',
    figure: fig(rpm, 'engineSpeed', 0),
    limitName: 'at least',
    limit: fig(c.leastCrankRpm, 'engineSpeed', 0),
    margin: fig(rpm - c.leastCrankRpm, 'engineSpeed', 0),
    next: say`Battery, cables and straps first, then starter and oil`,
    reason: say`At ${fig(c.supply.coldestK, 'temperature', 0)} the starter draws ${fig(amps, 'current', 0)}; warm it turns ${fig(warm, 'engineSpeed', 0)}. Friction, compression and starter are typical figures: the clamp meter decides.`,
    source: 'starter and friction in balance on the solved network',
    pointId: 'crank-cold',
    workings: ['battery'],
  }
}

const DROPS = { good: 1, poor: 1.5 } as const

/** What is lost between battery and starter, both sides together. */
export const judgeStarterCircuit = (c: PowerCase): PowerVerdict => {
  const m = c.solved.at['crank-cold']
  const battery = m.parts['battery'] as { voltageV: number }
  const starter = loadAt(c.solved, 'crank-cold', 'starter')
  const base = { ...plain, id: 'starter-circuit', source: 'solved network; 1 V for the whole starter circuit: handbook practice, from memory' } // prettier-ignore
  if (!starter || starter.currentA < 20)
    return {
      ...base,
      title: 'Starter circuit open',
      state: 'stop',
      reason: say`No cranking current flows: cable, strap or body connection is missing.`,
    }
  const lostV = battery.voltageV - starter.voltageV
  const earthV = starter.liftV ?? 0
  return {
    ...base,
    title: lostV > DROPS.good ? 'Starter circuit drops too much' : 'Starter circuit',
    state: lostV > DROPS.poor ? 'stop' : lostV > DROPS.good ? 'caution' : 'ok',
    figureName: 'drop, both sides',
    figure: fig(lostV, 'voltage', 2),
    limitName: 'at most',
    limit: fig(DROPS.good, 'voltage', 1),
    margin: fig(DROPS.good - lostV, 'voltage', 2),
    reason: say`${fig(lostV - earthV, 'voltage', 2)} on the positive side, ${fig(earthV, 'voltage', 2)} on the earth side, at ${fig(starter.currentA, 'current', 0)}.`,
    next: say`Thicker or shorter cables, clean terminals, a strap straight from battery to engine block`,
    pointId: 'crank-cold',
    workings: ['starter-wires'],
  }
}

/** What was measured while cranking, against what is computed: starter or battery? */
export const judgeMeasuredStart = (c: PowerCase): PowerVerdict | null => {
  const { crankingA, crankingRpm, crankingPostV } = c.found.tests
  if (crankingA === null || crankingRpm === null) return null
  const amps = loadAt(c.solved, 'crank-warm', 'starter')?.currentA ?? 0
  const slow = crankingRpm < 150
  const high = crankingA > 1.4 * amps
  const low = crankingA < 0.8 * amps
  return {
    ...plain,
    id: 'measured-start',
    title: slow
      ? high
        ? 'Slow with high current: starter, tight engine or wrong oil'
        : low
          ? 'Slow with low current: battery, cables or terminals'
          : 'Slow cranking'
      : 'Cranking as measured',
    state: slow ? 'caution' : 'ok',
    figureName: 'measured',
    figure: fig(crankingA, 'current', 0),
    limitName: 'typical starter, warm',
    limit: fig(amps, 'current', 0),
    margin: null,
    reason: say`${fig(crankingRpm, 'engineSpeed', 0)} at ${fig(crankingA, 'current', 0)}${crankingPostV === null ? '' : say`, ${fig(crankingPostV, 'voltage', 1)} at the terminals`}.`,
    source: 'trade practice; current and speed read together',
  }
}
