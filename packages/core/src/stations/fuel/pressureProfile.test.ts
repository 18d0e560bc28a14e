import { designOf } from './fuelDesign.ts'
import { emptyLeg } from '../../sections/index.ts'
import { engineOfJob } from '../../moments/index.ts'
import { pressureProfile } from './pressureProfile.ts'
import { isSolved, solvePoint } from './solvedPoint.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const profileOf = (job: ReturnType<typeof soundJob>, pointId: string) => {
  const engine = engineOfJob(job)
  const solved = solvePoint(
    designOf(job),
    engine.points.find((p) => p.id === pointId)!,
  )
  if (!isSolved(solved)) throw new Error(solved.code)
  return { pieces: pressureProfile(solved), answer: solved.answer }
}
const single = { systemType: 'single-line', regulator: catalogue.regulators[1]!, referenced: false } as const

describe('pressure profile', () => {
  it.each([
    [
      'return',
      soundJob(),
      ['tank', 'strainer', 'suction', 'pump', 'filter', 'feed', 'rail', 'regulator', 'return', 'tank'],
    ],
    ['returnless', soundJob(single), ['tank', 'strainer', 'suction', 'pump', 'filter', 'regulator', 'feed', 'rail']],
    [
      'single line, filter after',
      soundJob({ ...single, filterPosition: 'after-regulator' }),
      ['tank', 'strainer', 'suction', 'pump', 'regulator', 'filter', 'feed', 'rail'],
    ],
    [
      'bare',
      soundJob({ strainer: null, filter: null }),
      ['tank', 'suction', 'pump', 'feed', 'rail', 'regulator', 'return', 'tank'],
    ],
  ] as const)('%s: parts in the order of the flow, without a step between them', (_name, job, parts) => {
    for (const pointId of ['overrun', 'idle', 'full', 'full-low']) {
      const { pieces, answer } = profileOf(job, pointId)
      expect(pieces.map((p) => p.part)).toEqual(parts)
      pieces.slice(1).forEach((p, i) => expect(p.fromPa).toBeCloseTo(pieces[i]!.toPa, 3))
      expect(pieces.find((p) => p.part === 'rail')!.fromPa).toBeCloseTo(answer.railPa!, 2)
    }
  })

  it('a line described leg by leg is as long as its legs together', () => {
    const { feed } = soundJob().fuel
    const legs = [0.4, 2.8, 0.8].map((lengthM, i) => ({ ...emptyLeg(`leg-${i}`, `leg ${i}`), lengthM }))
    const { pieces } = profileOf(soundJob({ feed: { ...feed, legs } }), 'full')
    expect(pieces.find((p) => p.part === 'feed')!.lengthM).toBeCloseTo(4, 9)
  })

  it('is empty for a starved circuit', () => {
    const job = soundJob({ pump: catalogue.pumps[0]! }, { powerW: 900e3, displacementM3: 20e-3 })
    expect(profileOf(job, 'full').answer.state).toBe('starved')
    expect(profileOf(job, 'full').pieces).toEqual([])
  })
})
