import { LEAST_TAIL_M } from '../../exhaust/gas/reversion.ts'
import { say, type Sentence } from '../../verdict/index.ts'
import { chosenSpots, type ExhaustCase } from './exhaustCase.ts'

export interface SensorAdvice {
  readonly count: 0 | 1 | 2
  readonly reasons: readonly Sentence[]
  /** Other numbers that practice uses here as well, with what they bring. */
  readonly also: readonly { readonly count: 0 | 1 | 2; readonly says: Sentence }[]
}

const hasPiece = (c: ExhaustCase, kind: string): boolean =>
  c.runs.some((r) => r.pieces.some((p) => p.piece.kind === kind))

/** Whether all cylinders go through one turbine: one in the pipe of both banks, or the only bank's. */
export const sharesTurbine = (c: ExhaustCase): boolean => {
  const banks = c.runs.filter((r) => r.id !== 'common')
  return c.runs.some(
    (r) => r.pieces.some((p) => p.piece.kind === 'turbine') && (r.id === 'common' || banks.length === 1),
  )
}

/** Longest tail that a sensor after the merge could have, m, of any run. */
export const longestTailM = (c: ExhaustCase): number =>
  Math.max(
    0,
    ...c.runs.map((r) => {
      const common = r.id === 'common' ? undefined : c.runs.find((x) => x.id === 'common')
      return r.toM + (common ? common.toM - common.fromM : 0)
    }),
  )

/** One sensor, two, or none: what this engine and this exhaust ask for. */
export const sensorAdvice = (c: ExhaustCase): SensorAdvice => {
  const banks = c.runs.filter((r) => r.id !== 'common')
  const port = c.trimsBanks
  if (longestTailM(c) < LEAST_TAIL_M)
    return {
      count: 0,
      also: [],
      reasons: [
        say`Open or very short pipes: outside air is drawn back everywhere. No closed loop; tune by plugs and power, or fit a longer tail for tuning.`,
      ],
    }
  if (sharesTurbine(c))
    return {
      count: 1,
      also: [],
      reasons: [
        say`One turbo, one sensor after it: all cylinders are mixed there. Two after the same turbo would make the banks fight.`,
      ],
    }
  if (banks.length === 2 && port)
    return {
      count: 2,
      also: [{ count: 1, says: say`One sensor in one bank: the other bank follows blindly.` }],
      reasons: [
        say`Port injection and a pipe per bank: a sensor in each bank trims its own bank, before anything joins them.`,
      ],
    }
  if (banks.length === 2)
    return {
      count: 1,
      also: [
        {
          count: 2,
          says: say`Two sensors on a throttle body: the ECU averages them. They show up a bank that differs, they do not trim it.`,
        },
      ],
      reasons: [
        c.runs.some((r) => r.id === 'common')
          ? say`A throttle body feeds both banks alike, and both go through one pipe: one sensor there reads all cylinders.`
          : say`A throttle body feeds both banks alike: one sensor in the leaner bank. With two, the ECU averages them, which shows up a bank that differs.`,
      ],
    }
  return {
    count: 1,
    also: [],
    reasons: [say`All cylinders merge into one pipe: one sensor after the merge reads them all.`],
  }
}

/** Whether a flap in this bank robs a sensor of its gas; before any has its spot, and where nobody has said which bank, it may. */
const reachesASensor = (c: ExhaustCase, bank: 'a' | 'b' | null): boolean => {
  const spots = chosenSpots(c)
  return bank === null || spots.length === 0 || spots.some(({ spot }) => spot.run === bank)
}

/** What else bears on whether the reading may steer at all. */
export const steeringDoubts = (c: ExhaustCase): readonly Sentence[] => {
  const { airInjection, heatRiser, heatRiserBank } = c.exhaust
  return [
    ...(airInjection === 'ports'
      ? [
          say`Air is pumped into the ports: in closed loop it must be shut off or diverted to the catalyst. Removing it may be illegal on the road: local rules decide.`,
        ]
      : []),
    ...((heatRiser === 'working' || heatRiser === 'seized') && reachesASensor(c, heatRiserBank)
      ? [
          say`When cold, the heat-riser flap sends one bank${heatRiserBank === null ? '' : ` (${heatRiserBank.toUpperCase()})`} out through the other: wire it open, or choose the other side.`,
        ]
      : []),
    ...(hasPiece(c, 'crossover') && c.sensorCount === 2
      ? [say`A cross-over joins the banks: each sensor goes before it.`]
      : []),
  ]
}
