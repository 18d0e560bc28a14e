import { relayHold, type RelayCoil } from './relayHold.ts'

const coil: RelayCoil = { pullInV: 7.2, dropOutV: 2.5, coilOhm: 85, coilK: 293.15 }
const hold = (coilK: number, more: Partial<Parameters<typeof relayHold>[1]> = {}) =>
  relayHold({ ...coil, coilK }, { supplyV: 12.5, sagV: 8, damping: 'none', ...more })

describe('a relay at its temperature', () => {
  it.each([
    // 7.2 to 7.8 V at 20 °C become 9.0 to 9.8 V at 85 °C.
    { pullInV: 7.2, hot: 9.04 },
    { pullInV: 7.8, hot: 9.79 },
  ])(
    '$pullInV V cold is $hot V at 85 °C',
    ({ pullInV, hot }) =>
    expect(relayHold({ ...coil, pullInV, coilK: 358.15 }, { supplyV: 12, sagV: 8, damping: 'none' }).pullInV).toBeCloseTo(hot, 2), // prettier-ignore
  )
  it('cold it pulls in again at a sag of 8 V; hot it holds, and would not come back', () => {
    expect(hold(293.15)).toMatchObject({ pullsIn: true, holds: true, pullsInAgain: true })
    expect(hold(358.15)).toMatchObject({ pullsIn: true, holds: true, pullsInAgain: false })
    expect(hold(358.15, { sagV: 2 }).holds).toBe(false)
  })
  it('a diode slows its release, a resistor less, and each bounds the peak', () => {
    const [none, resistor, diode] = (['none', 'resistor', 'diode'] as const).map((damping) => hold(293.15, { damping }))
    expect(none!.releaseS).toBeLessThan(resistor!.releaseS)
    expect(resistor!.releaseS).toBeLessThan(diode!.releaseS)
    // L/R ln((I + Uf/R)/(I0 + Uf/R)) = 4.706 ms x ln(13.2/3.2).
    expect(diode!.releaseS).toBeCloseTo(6.668e-3, 5)
    // Six times its resistance: six times its voltage.
    expect([diode!.peakV, resistor!.peakV]).toEqual([0.7, expect.closeTo(75, 6)])
  })
  it('the same release by small steps of the current', () => {
    const h = hold(320, { damping: 'diode' })
    const ohm = 85 * (1 + 0.00393 * (320 - 293.15))
    let [amps, t] = [12.5 / ohm, 0]
    while (amps > h.dropOutV / ohm) {
      amps -= ((ohm * amps + 0.7) / 0.4) * 1e-7
      t += 1e-7
    }
    expect(h.releaseS).toBeCloseTo(t, 5)
  })
  it('one that never pulled in has nothing to release', () =>
    expect(hold(293.15, { supplyV: 2 })).toMatchObject({ pullsIn: false, releaseS: 0 }))
})
