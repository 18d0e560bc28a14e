import fc from 'fast-check'
import { ALL_THREADS, isTapered } from '../../parts/index.ts'
import { taperedGeometry } from '../bolts/taperedThread.ts'
import { crankWheel } from './crankWheel.ts'
import { tapping } from './tapping.ts'
import {
  ohmOfTemperature,
  steinhartHart,
  temperatureOfOhm,
  thermistorTable,
  type ThermistorPoint,
} from './thermistor.ts'

/** A common thermistor of 2.5 kilohm at 20 °C as data sheets list it: °C and ohm. */
const LISTED: readonly (readonly [number, number])[] = [[-30, 26114], [-20, 15462], [-10, 9397], [0, 5896], [10, 3792], [20, 2500], [30, 1707], [40, 1175], [50, 834], [60, 596], [70, 436], [80, 323], [90, 243], [100, 187], [110, 144], [120, 113]] // prettier-ignore
const at = (celsius: number): ThermistorPoint => ({ temperatureK: celsius + 273.15, ohm: LISTED.find(([t]) => t === celsius)![1] }) // prettier-ignore

describe('a thermistor from three points', () => {
  const s = steinhartHart([at(-20), at(30), at(100)])
  it('meets a published table within a degree at the points that did not make it', () => {
    for (const [celsius, ohm] of LISTED.filter(([t]) => ![-20, 30, 100].includes(t)))
      expect([celsius, Math.abs(temperatureOfOhm(s, ohm) - 273.15 - celsius) < 1]).toEqual([celsius, true])
  })
  it('goes through its own points, and back again from any temperature', () => {
    for (const t of [-20, 30, 100]) expect(ohmOfTemperature(s, t + 273.15)).toBeCloseTo(at(t).ohm, 5)
    fc.assert(
      fc.property(fc.double({ min: 240, max: 400, noNaN: true }), (k) =>
        expect(temperatureOfOhm(s, ohmOfTemperature(s, k))).toBeCloseTo(k, 8),
      ),
      { seed: 253, numRuns: 100 },
    )
  })
  it('against its bias resistor it is at half of the counts where both are alike', () => {
    const [row] = thermistorTable(s, [293.15], { biasOhm: ohmOfTemperature(s, 293.15), supplyV: 5, bits: 10 })
    expect(row).toMatchObject({ voltageV: expect.closeTo(2.5, 9), counts: 512 })
    const counts = thermistorTable(s, [250, 300, 350, 400], { biasOhm: 2490, supplyV: 5, bits: 10 }).map(
      (r) => r.counts,
    )
    expect(counts).toEqual([...counts].sort((a, b) => b - a))
  })
})

it.each([
  // Drills as charts have them, mm.
  ['M8x1.25', 6.75],
  ['M12x1.5', 10.5],
  ['3/8-16', 7.98],
  ['1/2-13', 10.8],
  ['NPT3/8', 14.42],
])('%s is drilled to %d mm', (id, mm) => {
  const thread = ALL_THREADS.find((t) => t.id === id)!
  const a = tapping({ thread, acrossM: 0.03, depthM: 0.014, sensorThreadM: 0.012 })
  expect(a.drillM * 1e3).toBeCloseTo(mm, 1)
  expect(a.deepEnough).toBe(true)
  expect(a.wallM).toBeCloseTo((0.03 - (isTapered(thread) ? taperedGeometry(thread).largestM : thread.majorM)) / 2, 12)
  expect(tapping({ thread, acrossM: 0.03, depthM: 0.005, sensorThreadM: 0.012 }).deepEnough).toBe(false)
})

it('a wheel of thirty-six places, one missing, by hand', () => {
  const a = crankWheel({ places: 36, missing: 1, diameterM: 0.18, gapsM: [0.8e-3, 0.9e-3, 0.7e-3], toothAtTop: 10, mostRpm: 6000, crankRpm: 180, signal: { voltageV: 8, atRpm: 800, needsV: 1 } }) // prettier-ignore
  // The tenth tooth is nine steps of ten degrees behind the first; 36 teeth a turn, a hundred turns a second.
  expect(a).toMatchObject({ gapToTopDeg: 90, mostHz: 3600, crankingV: expect.closeTo(1.8, 12), strongEnough: true, runOutM: expect.closeTo(0.2e-3, 12) }) // prettier-ignore
  expect(a.toothM).toBeCloseTo((Math.PI * 0.18) / 72, 12)
})
