import { carSupplyOf } from '../../figures/index.ts'
import { poweredJob } from '../../stations/power/test/powered.ts'
import { chargingBalance, DRIVES, restTimeS, type DriveId } from './chargingBalance.ts'
import { FLAT_CHARGE, leastChargeToStart, startsAtCharge } from './startsAtCharge.ts'

const supply = carSupplyOf(poweredJob())
const balance = (places: Readonly<Record<string, unknown>> = {}, least = 0.3) =>
  Object.fromEntries(chargingBalance(carSupplyOf(poweredJob(places)), least).map((d) => [d.drive, d])) as Record<DriveId, ReturnType<typeof chargingBalance>[0]> // prettier-ignore
const WEAK = { 'walkAround.charging.ratedA': 22 }

describe('charging balance', () => {
  it('what the generator gives goes into the loads and the battery', () => {
    for (const d of Object.values(balance())) expect(d.generatorA).toBeCloseTo(d.loadA + d.batteryA, 9)
  })
  it('faster gains more, night gains less, and a way that gains never comes to an end', () => {
    const b = balance(WEAK)
    expect(b.road.batteryA).toBeGreaterThan(b.idle.batteryA)
    for (const d of ['idle', 'town', 'road'] as const) expect(b[`night-${d}`].batteryA).toBeLessThan(b[d].batteryA)
    for (const d of DRIVES) expect(b[d].untilNoStartS === Infinity).toBe(b[d].batteryA >= -1e-3 || b[d].untilNoStartS === Infinity) // prettier-ignore
    expect(b['night-idle'].untilNoStartS).toBeLessThan(Infinity)
  })
  it('time by charge over current: hours of a battery of 60 Ah', () => {
    const { batteryA, untilNoStartS } = balance(WEAK, 0.3)['night-idle']
    const charge = supply.battery.charge - 0.3
    // Falling voltage takes less from some loads and the generator no more: within a tenth of the present current.
    expect(untilNoStartS / ((charge * 60 * 3600) / -batteryA)).toBeGreaterThan(0.9)
    expect(untilNoStartS / ((charge * 60 * 3600) / -batteryA)).toBeLessThan(1.25)
  })
  it('a better generator never loses more; a larger battery lasts in proportion', () => {
    const small = balance(WEAK)['night-idle']
    expect(balance({ 'walkAround.charging.ratedA': 26 })['night-idle'].batteryA).toBeGreaterThan(small.batteryA)
    const twice = balance({ ...WEAK, 'walkAround.battery.capacityC': 120 * 3600 })['night-idle']
    expect(twice.untilNoStartS / small.untilNoStartS).toBeCloseTo(2, 6)
  })
  it('a car that does not start as it is has no time left', () =>
    expect(chargingBalance(supply, null).every((d) => d.untilNoStartS === 0)).toBe(true))
})

describe('the charge from which it starts no more', () => {
  const weak = carSupplyOf(poweredJob({ 'walkAround.battery.coldCrankA': 190, 'walkAround.battery.ageS': 2.5e8, 'walkAround.battery.coldestStartK': 258.15 })) // prettier-ignore
  it.each([80, 150, 200])('at %d rpm: the edge that trying every charge finds', (rpm) => {
    const least = leastChargeToStart(weak, rpm)
    let edge: number | null = null
    for (let charge = weak.battery.charge; charge >= FLAT_CHARGE; charge -= 0.01)
      if (startsAtCharge(weak, charge, rpm)) edge = charge
      else break
    if (edge === null) expect(least).toBeNull()
    else expect(Math.abs(least! - edge)).toBeLessThan(0.016)
  })
  it('a faster minimum never lets it run flatter', () => {
    const at = (rpm: number) => leastChargeToStart(weak, rpm) ?? 2
    expect(at(200)).toBeGreaterThanOrEqual(at(150))
    expect(at(150)).toBeGreaterThanOrEqual(at(80))
  })
})

describe('at rest', () => {
  it.each([
    // 60 Ah, from 0.9 to 0.4: 30 Ah at 20 mA and 4 % of 60 Ah in 720 h, which is 3.33 mA: 1286 h.
    { drainA: 0.02, hours: 30 / 0.023333 },
    { drainA: 0, hours: 9000 },
    { drainA: 0.5, hours: 30 / 0.503333 },
  ])('$drainA A: $hours h', ({ drainA, hours }) =>
    expect(restTimeS({ drainA, capacityC: 60 * 3600, charge: 0.9, leastCharge: 0.4 }) / 3600).toBeCloseTo(hours, 0),
  )
  it('a battery below it has none', () =>
    expect(restTimeS({ drainA: 1, capacityC: 1e5, charge: 0.2, leastCharge: 0.4 })).toBe(0))
})
