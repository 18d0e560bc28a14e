import { lambdaError, pressureErrorPa, readV, SENSORS, seemsK, sensorError, thermistorOhm, throttleErrorShare, TYPICAL_THERMISTOR as T } from './sensorError.ts' // prettier-ignore

describe('what a lifted return does to a reading', () => {
  it.each(SENSORS)('%s: none where nothing is lifted', (sensor) => expect(sensorError(sensor, 0)).toBeCloseTo(0, 9))
  it('a thermistor by hand: 2.8 kohm at 25 °C behind 2.49 kohm, 0.1 V up', () => {
    // Share 2800/5290 = 0.52930; volts 0.1 + 4.9 x 0.5293 = 2.69357; ohms 2490 x 2.69357/2.30643 = 2907.9.
    expect(readV(2800 / 5290, 0.1)).toBeCloseTo(2.69357, 4)
    // 1/T = 1/298.15 + ln(2907.9/2800)/3500.
    expect(seemsK(T, 298.15, 0.1)).toBeCloseTo(1 / (1 / 298.15 + Math.log(2907.95 / 2800) / 3500), 2)
    expect(thermistorOhm(T, 298.15)).toBe(2800)
  })
  it('up is cold for a thermistor, and too much pressure, throttle and lambda for the others', () => {
    for (const liftV of [0.02, 0.1, 0.4]) {
      expect(sensorError('coolant', liftV)!).toBeLessThan(0)
      expect(sensorError('air', liftV)!).toBeLessThan(0)
      for (const s of ['manifold', 'throttle', 'oxygen'] as const) expect(sensorError(s, liftV)!).toBeGreaterThan(0)
    }
  })
  it('the sign turns with the lift, and more of it is more', () => {
    for (const s of SENSORS) {
      expect(Math.sign(sensorError(s, 0.05)!)).toBe(-Math.sign(sensorError(s, -0.05)!))
      expect(Math.abs(sensorError(s, 0.2)!)).toBeGreaterThan(Math.abs(sensorError(s, 0.1)!))
    }
  })
  it('a hot thermistor is hurt more than a cold one: 0.1 V is 5 K at 85 °C, 1 K at 25 °C', () => {
    expect(seemsK(T, 358.15, 0.1)! - 358.15).toBeCloseTo(-5.05, 1)
    expect(seemsK(T, 298.15, 0.1)! - 298.15).toBeCloseTo(-0.96, 1)
  })
  it('pressure and throttle by hand', () => {
    // 40 kPa: 0.25 + 20/85 x 4.5 = 1.30882 V, a share of 0.26176; 0.1 V x (1 - 0.26176) x 85/4.5 kPa.
    expect(pressureErrorPa(40e3, 0.1)).toBeCloseTo(1394.44, 1)
    expect(throttleErrorShare(0.5, 0.1)).toBeCloseTo((0.1 * 0.5) / 4, 9)
    expect(lambdaError(0.1)).toBeCloseTo(0.012, 9)
  })
  it('below the range of the input nothing is read', () => expect(seemsK(T, 358.15, -3)).toBeNull())
})
