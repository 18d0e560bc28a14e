import { isTapered } from '../../parts/index.ts'
import type { Trace } from '../../verdict/index.ts'
import type { EngineTopCase } from './engineTopCase.ts'

export const traceSignal = (c: EngineTopCase, trace: Trace): void => {
  const { idleHighPa, idleLowPa, stoppedPa } = c.vacuum.entry
  if (idleHighPa === null || idleLowPa === null || stoppedPa === null) return
  trace.step({
    symbol: 'v',
    meaning: 'vacuum as the ECU reads it',
    formula: 's - (h + l) / 2',
    inputs: { s: { value: stoppedPa, unit: 'Pa' }, h: { value: idleHighPa, unit: 'Pa' }, l: { value: idleLowPa, unit: 'Pa' } },
    result: stoppedPa - (idleHighPa + idleLowPa) / 2,
    unit: 'Pa',
    source: 'stopped it reads the barometer; middle of the swing',
  })
} // prettier-ignore

export const traceTooth = (c: EngineTopCase, trace: Trace): void => {
  const { entry, wheel } = c.sensors
  if (!wheel || entry.wheel.teeth === null || entry.wheel.toothAtTop === null) return
  trace.step({
    symbol: 'a',
    meaning: 'first tooth behind the gap to top dead centre, degrees of crank',
    formula: '(n - 1) * 360 / z',
    inputs: { n: { value: entry.wheel.toothAtTop, unit: '' }, z: { value: entry.wheel.teeth, unit: '' } },
    result: wheel.gapToTopDeg,
    unit: '°',
    source: 'positions round the wheel, missing teeth included',
  })
}

export const traceFrequency = (c: EngineTopCase, trace: Trace): void => {
  const { entry, wheel } = c.sensors
  if (!wheel || entry.wheel.teeth === null || entry.wheel.mostRpm === null) return
  trace.step({
    symbol: 'f',
    meaning: 'teeth a second at maximum speed',
    formula: 'z * n / 60',
    inputs: { z: { value: entry.wheel.teeth, unit: '' }, n: { value: entry.wheel.mostRpm, unit: 'rpm' } },
    result: wheel.mostHz,
    unit: 'Hz',
    source: 'positions round the wheel, missing teeth included',
  })
}

export const traceCrankSignal = (c: EngineTopCase, trace: Trace): void => {
  const { crankingRpm, entry, wheel } = c.sensors
  const { signalRpm, signalV } = entry.wheel
  if (!wheel || wheel.crankingV === null || signalRpm === null || signalV === null) return
  trace.step({
    symbol: 'U',
    meaning: 'signal while cranking',
    formula: 'u * n / m',
    inputs: { u: { value: signalV, unit: 'V' }, n: { value: crankingRpm, unit: 'rpm' }, m: { value: signalRpm, unit: 'rpm' } },
    result: wheel.crankingV,
    unit: 'V',
    source: 'law of induction: in proportion to speed, at the same gap',
  })
} // prettier-ignore

/** @param index of the hole */
export const traceDrill = (c: EngineTopCase, trace: Trace, index: number): void => {
  const h = c.sensors.holes[index]
  if (!h?.tapped || !h.thread || h.hole.acrossM === null) return
  const { thread } = h
  if (isTapered(thread)) return
  trace.step({
    symbol: 'D',
    meaning: 'tapping drill',
    formula: 'd - k * p',
    // The whole pitch of a metric thread; three quarters of the height of an inch thread.
    inputs: { d: { value: thread.majorM, unit: 'm' }, k: { value: thread.form === 'iso' ? 1 : 0.75 * 1.299038, unit: '' }, p: { value: thread.pitchM, unit: 'm' } },
    result: h.tapped.drillM,
    unit: 'm',
    source: thread.form === 'iso' ? 'ISO 2306' : 'three quarters of the thread’s height: trade practice',
  })
  trace.step({
    symbol: 'w',
    meaning: 'wall left on either side',
    formula: '(a - d) / 2',
    inputs: { a: { value: h.hole.acrossM, unit: 'm' }, d: { value: thread.majorM, unit: 'm' } },
    result: h.tapped.wallM,
    unit: 'm',
    source: 'hole in the middle of the metal',
  })
} // prettier-ignore

const LN10 = Math.LN10
/** @param index of the thermistor */
export const traceThermistor = (c: EngineTopCase, trace: Trace, index: number): void => {
  const t = c.sensors.thermistors[index]
  if (!t?.curve || t.ambientK === null || t.entry.ambientOhm === null) return
  const ln = Math.log(t.entry.ambientOhm)
  trace.step({
    symbol: 'l',
    meaning: 'natural logarithm of the resistance',
    formula: 'k * log10(R)',
    inputs: { k: { value: LN10, unit: '' }, R: { value: t.entry.ambientOhm, unit: 'Ω' } },
    result: ln,
    unit: '',
    source: 'multimeter across the sensor',
  })
  trace.step({
    symbol: 'T',
    meaning: 'temperature that it stands for',
    formula: '1 / (a + b * l + c * l * l * l)',
    inputs: { a: { value: t.curve.a, unit: '' }, b: { value: t.curve.b, unit: '' }, c: { value: t.curve.c, unit: '' }, l: { value: ln, unit: '' } },
    result: t.ambientK,
    unit: 'K',
    source: 'Steinhart and Hart 1968, through the three points',
  })
} // prettier-ignore

export const traceRotor = (c: EngineTopCase, trace: Trace): void => {
  const { rotor, rotorCase } = c.ignition
  if (!rotor || !rotorCase) return
  const [least, , most] = rotor.ends
  const worst = least.overlapDeg <= most.overlapDeg ? least : most
  trace.step({
    symbol: 'p',
    meaning: 'rotor past its terminal at that end, degrees of the distributor',
    formula: 's - (a - t) / 2',
    inputs: { s: { value: rotorCase.seen.pastDeg, unit: '°' }, a: { value: worst.advanceDeg, unit: '°' }, t: { value: rotorCase.seen.atAdvanceDeg, unit: '°' } },
    result: worst.pastDeg,
    unit: '°',
    source: 'the distributor turns half as far as the crank; an earlier spark finds the rotor earlier',
  })
  trace.step({
    symbol: 'o',
    meaning: 'overlap of tip and terminal',
    formula: '(w + v) / 2 - max(p, 0 - p)',
    inputs: { w: { value: rotorCase.tipDeg, unit: '°' }, v: { value: rotorCase.terminalDeg, unit: '°' }, p: { value: worst.pastDeg, unit: '°' } },
    result: worst.overlapDeg,
    unit: '°',
    source: 'half of both widths less the distance of their middles',
  })
} // prettier-ignore
