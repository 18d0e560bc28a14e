import type { Band } from '../../engine/index.ts'
import type { Trace } from '../../verdict/index.ts'

export interface SensorDelayCase {
  readonly speedRpm: number
  /** From the ports to the sensor at the flow of this moment. */
  readonly transportS: number
  /** Lag of the sensor itself. */
  readonly sensorS: Band
  /** Lag of the fuel film: share of the fuel that wets times the film's time constant. */
  readonly filmS: number
}

export interface SensorDelayAnswer {
  /** Injection to exhaust valve: 0.75 to 1.75 of 120/n by injection phase. */
  readonly cycleS: Band
  readonly transportS: number
  /** Dead time: cycle and transport. */
  readonly deadS: Band
  /** Lags: sensor and film. */
  readonly lagS: Band
  readonly totalS: Band
  /** Least integral time of the loop, T_I = 2 (dead time + lag). */
  readonly leastIntegralS: Band
}

const map = (f: (k: keyof Band) => number): Band => ({ low: f('low'), typical: f('typical'), high: f('high') })
/** Share of an engine cycle by injection phase. */
const CYCLE_SHARE: Band = { low: 0.75, typical: 1, high: 1.75 }

/**
 * How long a change of fuel takes to be read, and how quick a loop may be: T_I >= 2 (dead time + lag), which leaves a
 * phase margin of about 60° (Skogestad, J. Process Control 13 (2003) 291-309).
 */
export const sensorDelay = (c: SensorDelayCase, trace?: Trace): SensorDelayAnswer => {
  const cycleS = map((k) => (CYCLE_SHARE[k] * 120) / c.speedRpm)
  const deadS = map((k) => cycleS[k] + c.transportS)
  const lagS = map((k) => c.sensorS[k] + c.filmS)
  const totalS = map((k) => deadS[k] + lagS[k])
  const leastIntegralS = map((k) => 2 * totalS[k])
  if (trace) {
    trace.step({
      symbol: 't_c',
      meaning: 'engine cycle, typical phase',
      formula: '120 / n',
      inputs: { n: { value: c.speedRpm, unit: 'rpm' } },
      result: cycleS.typical,
      unit: 's',
      source: 'four-stroke; 0.75 to 1.75 of it by injection phase',
    })
    trace.step({
      symbol: 'T_I',
      meaning: 'minimum integral time of the loop',
      formula: '2 * (t_c + t_g + t_s + t_f)',
      inputs: {
        t_c: { value: cycleS.typical, unit: 's, cycle' },
        t_g: { value: c.transportS, unit: 's, gas' },
        t_s: { value: c.sensorS.typical, unit: 's, sensor' },
        t_f: { value: c.filmS, unit: 's, fuel film' },
      },
      result: leastIntegralS.typical,
      unit: 's',
      source: 'Skogestad 2003, phase margin about 60°',
    })
  }
  return { cycleS, transportS: c.transportS, deadS, lagS, totalS, leastIntegralS }
}
