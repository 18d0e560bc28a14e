import { designOf } from './fuelDesign.ts'
import type { FuelSection } from '../../sections/index.ts'
import { circuitOfJob, explainGap } from './circuitOfJob.ts'
import { FITTING_K } from './lineOfDesign.ts'
import { engineOfJob } from '../../moments/index.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const circuitAt = (fuel: Partial<FuelSection>, pointId = 'full') => {
  const job = soundJob(fuel)
  const engine = engineOfJob(job)
  return circuitOfJob(
    designOf(job),
    engine.points.find((p) => p.id === pointId)!,
  )
}
const { feed } = soundJob().fuel

describe('circuit of a job', () => {
  it('takes fittings, bore and roughness from the design', () => {
    const built = circuitAt({})
    if (!built.ok) throw new Error(built.error.code)
    const { bend90, connector, entry, exit } = FITTING_K
    expect(built.value.feed).toEqual({
      boreM: 0.007,
      lengthM: 4,
      roughnessM: 2e-6,
      minorK: 3 * bend90 + 2 * connector + entry + exit,
      riseM: 0.4,
    })
    expect(built.value.regulator).toMatchObject({ type: 'return', setPressurePa: 300e3 })
  })

  it('a measured bore counts before the listed one, and an old line is rough', () => {
    const measured = circuitAt({ feed: { ...feed, measuredBoreM: 0.0055 } })
    expect(measured.ok && measured.value.feed).toMatchObject({ boreM: 0.0055, roughnessM: 2e-6 })
    const old = circuitAt({ feed: { ...feed, hose: null, measuredBoreM: 0.0055 } })
    expect(old.ok && old.value.feed).toMatchObject({ boreM: 0.0055, roughnessM: 150e-6 })
  })

  it('a single line has no return from the engine and no reference', () => {
    const built = circuitAt({ systemType: 'single-line', regulator: catalogue.regulators[1]!, referenced: true })
    expect(built.ok && built.value).toMatchObject({ return: null, regulator: { type: 'single-line', referencePa: 0 } })
  })

  const gaps: [string, Partial<FuelSection>, RegExp, string?][] = [
    ['no pump', { pump: null }, /Choose a pump/],
    ['no regulator', { regulator: null }, /Choose a regulator/],
    ['no feed', { feed: { ...feed, hose: null } }, /Choose the feed hose, or measure its bore/],
    ['no return', { return: { ...feed, hose: null } }, /Choose the return hose/],
    ['the wrong regulator', { regulator: catalogue.regulators[1]! }, /other type of system/],
    ['a filter after a return regulator', { filterPosition: 'after-regulator' }, /sees only returned fuel/],
    [
      'a pump that stalls',
      {
        runningV: 6,
        pump: {
          ...catalogue.pumps[0]!,
          // At 6 V straight on from these: 3e-5 - 4 x 3e-5 m³/s against no pressure.
          tables: [12, 13.5].map((voltageV, i) => ({
            voltageV,
            points: [
              { pressurePa: 0, flowM3S: (3 + 3 * i) * 1e-5, currentA: 5 },
              { pressurePa: 300e3, flowM3S: (1 + 3 * i) * 1e-5, currentA: 6 },
            ],
          })),
        },
      },
      /At 6\.0 V this pump delivers nothing/,
    ],
    [
      'a pump whose tables cross',
      {
        pump: {
          ...catalogue.pumps[0]!,
          tables: [12, 13.5].map((voltageV, i) => ({
            voltageV,
            points: [
              { pressurePa: 0, flowM3S: 6e-5, currentA: 5 },
              { pressurePa: 300e3, flowM3S: (4 - i) * 1e-5, currentA: 6 },
            ],
          })),
        },
      },
      /data sheet of this pump cannot be used: tables\.\d\.points\.1\.flowM3S/,
    ],
    ['vacuum beyond the set pressure', { setPressurePa: 50e3 }, /would hold -11 kPa: take the hose off/, 'idle'],
  ]
  it.each(gaps.map(([name, fuel, sentence, pointId = 'full']) => ({ name, fuel, sentence, pointId })))(
    'says what is missing: $name',
    ({ fuel, sentence, pointId }) => {
      const built = circuitAt(fuel, pointId)
      expect(built.ok ? 'solved' : explainGap(built.error)).toMatch(sentence)
    },
  )
})
