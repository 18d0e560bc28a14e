import { lineVolumeM3, prime } from './prime.ts'

const LH = 1 / 3.6e6
const curve = [
  { pressurePa: 0, flowM3S: 120 * LH },
  { pressurePa: 600e3, flowM3S: 0 },
]
const base = {
  curve,
  lineM3: 200e-6,
  filterM3: 200e-6,
  railM3: 100e-6,
  setPressurePa: 300e3,
  trappedShare: 0,
  primeS: 2,
}

describe('prime', () => {
  // 0.5 L at 120 L/h is 15 s; pressing: 0.5 L x 0.2 % = 1 cm³ at the mean of 120 and 60 L/h, 25 cm³/s: 0.04 s
  it('half a litre at 120 L/h fills in 15 s: eight turns of the key', () => {
    const p = prime(base)
    expect(p.dryS).toBeCloseTo(15.04, 2)
    expect(p.dryCycles).toBe(8)
    expect(p.wetS).toBeCloseTo(0.04, 3)
    expect(p.wetCycles).toBe(1)
  })
  // 50 cm³ of air pressed to 50 x 101.3/401.3: 37.4 cm³ have to be pumped in: 1.5 s more
  it('air in a dead-ended rail is pressed together by Boyle', () => {
    const p = prime({ ...base, trappedShare: 0.5 })
    expect(p.trappedM3 * 1e6).toBeCloseTo(50, 9)
    expect(p.wetS).toBeCloseTo(1e-6 / 25e-6 + (50 * (300 / 401.325)) / 25, 2)
  })
  it('a pump that brings nothing against the set pressure never gets there', () =>
    expect(prime({ ...base, setPressurePa: 650e3 })).toMatchObject({ wetS: Infinity, wetCycles: Infinity }))
  it('4 m of 8 mm hold 0.201 L', () => expect(lineVolumeM3(0.008, 4) * 1e3).toBeCloseTo(0.20106, 5))
})
