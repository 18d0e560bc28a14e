import { CUT_IN_RPM, NODE, typicalOutput } from '../../power/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { limitAtRpm } from './generatorAt.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'
import { loadAt } from './deviceVolts.ts'

/** 12 V and negative earth, or nothing else is computed. */
export const judgeSupply = (c: PowerCase): PowerVerdict => {
  const { systemV, earth } = c.found.battery
  const base = { ...plain, id: 'supply', source: 'every ECU, pump and injector is made for 12 V and negative earth' }
  if (c.refusedBy === 'six-volts' || c.refusedBy === 'both')
    return {
      ...base,
      title: c.refusedBy === 'both' ? '6 V and positive earth' : '6 V supply',
      state: 'stop',
      next: c.refusedBy === 'both' ? say`Convert to 12 V and negative earth` : say`Convert to 12 V`,
      reason: say`Battery, generator and regulator, starter or its solenoid, coil, lamps, gauges (with a voltage reducer), wipers and heater motor change first. Nothing else is worked out until then.`,
    }
  if (c.refusedBy === 'positive-earth')
    return {
      ...base,
      title: 'Positive earth',
      state: 'stop',
      next: say`Convert to negative earth`,
      reason: say`Turn the battery round, repolarise a dynamo or fit an alternator, swap coil and ammeter leads, check radio, clock and electronic tachometer. Nothing else is worked out until then.`,
    }
  const known = systemV !== null && earth !== null
  return {
    ...base,
    title: known ? '12 V, negative earth' : 'Voltage and polarity not known',
    state: known ? 'ok' : 'unknown',
    reason: known
      ? say`Made for what is to be fitted.`
      : say`Measure across the battery terminals, and see which of them goes to the body.`,
  }
}

/** No belt turns a generator faster for long, rpm of its shaft. Rule of thumb. */
const MOST_SHAFT_RPM = { dynamo: 7000, alternator: 15_000 } as const
const MOST_RATIO = 4

const demandA = (c: PowerCase, condition: 'idle' | 'night-rain'): number => {
  const m = c.solved.at[condition]
  const battery = m.parts['battery'] as { currentA: number }
  const generator = m.parts['generator'] as { currentA: number }
  return Math.max(0, generator.currentA + battery.currentA)
}

/** Least pulley ratio at which the generator covers the load at idle; null where none does. */
export const ratioThatCovers = (c: PowerCase): number | null => {
  const { generator, speeds } = c.supply
  const wanted = demandA(c, 'idle')
  const most = Math.min(MOST_RATIO, MOST_SHAFT_RPM[generator.kind] / speeds.fullRpm)
  for (let ratio = generator.pulleyRatio; ratio <= most + 1e-9; ratio = Math.round((ratio + 0.05) * 100) / 100)
    if (limitAtRpm(c.supply, speeds.idleRpm * ratio) >= wanted) return ratio
  return null
}

/** As they are sold. */
export const ALTERNATORS_A = [35, 45, 55, 65, 75, 90, 110, 130] as const
/** Smallest alternator that covers the load at idle at night in rain, with the pulleys as they are; null where none does. */
export const alternatorThatCovers = (c: PowerCase): number | null => {
  const { idleRpm } = c.supply.speeds
  const wanted = demandA(c, 'night-rain')
  const gives = (ratedA: number) =>
    limitAtRpm(
      { generator: { ...c.supply.generator, output: typicalOutput('alternator', ratedA, CUT_IN_RPM.alternator) } },
      idleRpm * c.supply.generator.pulleyRatio,
    )
  return ALTERNATORS_A.find((a) => gives(a) >= wanted) ?? null
}

/** Does the generator cover the load at idle? A dynamo that no pulley helps is refused. */
export const judgeGenerator = (c: PowerCase): PowerVerdict => {
  const { kind, pulleyRatio } = c.supply.generator
  const { idleRpm } = c.supply.speeds
  const batteryA = (loadAt(c.solved, 'idle', 'battery') as { currentA: number } | null)?.currentA ?? 0
  const nightA = (loadAt(c.solved, 'night-rain', 'battery') as { currentA: number } | null)?.currentA ?? 0
  const given = limitAtRpm(c.supply, idleRpm * pulleyRatio)
  const wanted = demandA(c, 'idle')
  const loses = batteryA > 0.5
  const drains = !loses && nightA > 0.5
  const load = demandA(c, drains ? 'night-rain' : 'idle')
  const ratio = loses ? ratioThatCovers(c) : null
  const bigger = loses ? alternatorThatCovers(c) : null
  const dynamo = kind === 'dynamo'
  const unseen = c.found.charging.kind === null
  return {
    ...plain,
    id: 'generator',
    title: unseen
      ? 'Dynamo or alternator not known'
      : loses
        ? dynamo
          ? ratio === null
            ? 'Dynamo loses at idle, whatever its pulley'
            : 'Dynamo loses at idle'
          : 'Alternator loses at idle'
        : nightA > 0.5
          ? 'Battery drains at idle with everything on'
          : 'Generator covers the load at idle',
    state: unseen ? 'unknown' : loses ? 'stop' : nightA > 0.5 ? 'caution' : 'ok',
    figureName: 'output at idle',
    figure: fig(given, 'current', 0),
    limitName: drains ? 'load at night in rain' : 'load at idle',
    limit: fig(load, 'current', 0),
    margin: fig(given - load, 'current', 0),
    next: unseen
      ? say`Look at the generator`
      : loses
        ? ratio === null
          ? dynamo
            ? bigger === null
              ? say`Fit an alternator, with a smaller pulley`
              : say`Fit an alternator of ${fig(bigger, 'current')} or more`
            : say`Fit an alternator that gives more at idle`
          : say`Fit a pulley of ${fig(ratio, 'ratio', 2)}`
        : say`Raise the idle, fit a smaller pulley or an alternator that gives more at idle`,
    reason: unseen
      ? say`See which it is, and what it gives: an alternator is assumed.`
      : loses
        ? ratio === null
          ? say`At ${fig(idleRpm, 'engineSpeed')} it gives ${fig(given, 'current', 0)} of the ${fig(wanted, 'current', 0)} needed; no pulley up to the speed it stands covers that. The battery gives the rest until it is empty.`
          : say`At ${fig(idleRpm, 'engineSpeed')} it gives ${fig(given, 'current', 0)} of the ${fig(wanted, 'current', 0)} needed; with a pulley ratio of ${fig(ratio, 'ratio', 2)} it covers them.`
        : nightA > 0.5
          ? say`Lights, wipers, blower and fan on, the battery gives ${fig(nightA, 'current', 0)} at idle: bearable in a queue, not for an evening.`
          : say`With everything on at night in rain it still ${nightA < -0.5 ? 'charges' : 'covers the load'}.`,
    source: 'solved network; output by speed',
    pointId: loses ? 'idle' : 'night-rain',
  }
}

/** So far a meter may lie from what is computed before something is not as entered, V. Rule of thumb. */
const APART_V = 0.5

/** Charging voltage measured at idle with loads on, against what the network gives there. */
export const judgeMeasuredCharging = (c: PowerCase): PowerVerdict | null => {
  const measured = c.found.tests.idleChargingV
  if (measured === null) return null
  const computed = c.solved.at['night-rain'].nodesV[NODE.post] ?? 0
  const apart = measured - computed
  const low = apart < -APART_V
  const high = apart > APART_V
  return {
    ...plain,
    id: 'measured-charging',
    title: low ? 'Charges less than its figures say' : high ? 'Charges more than its figures say' : 'Charging voltage as computed',
    state: low ? 'caution' : 'ok',
    figureName: 'measured, idling, loads on',
    figure: fig(measured, 'voltage', 1),
    limitName: 'computed, night in rain',
    limit: fig(computed, 'voltage', 1),
    margin: fig(apart, 'voltage', 1),
    marginIs: 'apart',
    next: say`Belt, brushes, regulator, and the joints of the charging path: measure each drop`,
    reason: low
      ? say`Believe the meter: output, regulator or a joint is not as entered.`
      : high
        ? say`Fewer loads were on, or its output is better than entered.`
        : say`Meter and figures agree.`,
    source: 'measured against the solved network; 0.5 V: rule of thumb',
    pointId: 'night-rain',
  }
} // prettier-ignore

/** Points of an output that contradict each other. */
export const judgeOutputPoints = (c: PowerCase): PowerVerdict | null => {
  const known = c.power.generator.output.filter((p) => p.speedRpm !== null && p.currentA !== null)
  const twice = known.find((p, i) => known.some((q, k) => k < i && q.speedRpm === p.speedRpm && q.currentA !== p.currentA)) // prettier-ignore
  if (!twice) return null
  return {
    ...plain,
    id: 'output-points',
    title: 'Two outputs at one generator speed',
    state: 'caution',
    figureName: 'speed of its shaft',
    figure: fig(twice.speedRpm!, 'engineSpeed'),
    next: say`Measure that point again, and remove the wrong one`,
    reason: say`Until then the first one entered counts.`,
    source: 'as entered',
  }
}
