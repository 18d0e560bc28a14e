import { hoursOfReach, SEIZED_S } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { walkEntryAt } from '../../meaning/index.ts'
import { fig, plain, say, type Sentence, type Verdict } from '../../verdict/index.ts'
import { counted } from '../../words/index.ts'

/** Beyond that two readings of vacuum are not of the same idle. Rule of thumb. */
const SAME_IDLE_PA = 7e3
/** Below its opening figure a thermostat is shut: not warm yet. Rule of thumb. */
const NOT_WARM_K = 10
/** Where the thermostat's figure is not known. Rule of thumb. */
const WARM_K = 343.15
/** A generator that charges at all at idle. Rule of thumb. */
const CHARGES_V = 13
/** A carburettor that idles at all runs between these. Rule of thumb. */
const IDLE_LAMBDA = [0.75, 1.1] as const

/** Without these five there is nothing to compare hand-over with. */
const NEEDED = ['idleRpm', 'idleVacuumPa', 'idleLambda', 'coolantK', 'idleV'] as const
const OFF = ['in-build', 'started', 'handed-over']

const doubtsOf = (job: JobDocument): Sentence[] => {
  const { baseline: b, tests } = job.walkAround
  const { thermostatK } = job.walkAround.cooling
  const warmK = thermostatK === null ? WARM_K : thermostatK - NOT_WARM_K
  return [
    ...(b.coolantK !== null && b.coolantK < warmK
      ? [say`At ${fig(b.coolantK, 'temperature')} the thermostat is still shut: the choke and a cold engine are in these figures. Take them again warm.`]
      : []),
    ...(b.idleVacuumPa !== null && tests.idleVacuumPa !== null && Math.abs(b.idleVacuumPa - tests.idleVacuumPa) > SAME_IDLE_PA
      ? [say`${fig(b.idleVacuumPa, 'vacuum')} here and ${fig(tests.idleVacuumPa, 'vacuum')} in the test of the engine: not the same idle, or something changed between them.`]
      : []),
    ...(b.idleLambda !== null && (b.idleLambda < IDLE_LAMBDA[0] || b.idleLambda > IDLE_LAMBDA[1])
      ? [say`No carburettor idles evenly at ${fig(b.idleLambda, 'lambda', 2)}: set it, or look for air in the tail pipe.`]
      : []),
    ...(b.idleV !== null && b.idleV < CHARGES_V
      ? [say`${fig(b.idleV, 'voltage')} at idle: it is not charging there, and the ignition ran on the battery.`]
      : []),
  ]
} // prettier-ignore

/** How it ran with the carburettor on: whole, and of one warm idle. */
export const judgeBaseline = (job: JobDocument): Verdict => {
  const { baseline } = job.walkAround
  const missing = NEEDED.filter((n) => baseline[n] === null)
  const off = OFF.includes(job.work.state)
  const base = {
    ...plain,
    id: 'baseline',
    figureName: 'taken',
    figure: fig(NEEDED.length - missing.length, 'count'),
    limitName: 'needed',
    limit: fig(NEEDED.length, 'count'),
    source: 'trade practice; 7 kPa, 10 K, 13 V: rules of thumb',
  }
  const [doubt, ...more] = doubtsOf(job)
  if (missing.length > 0) {
    const label = walkEntryAt(`walkAround.baseline.${missing[0]!}`)!.label.toLowerCase()
    return {
      ...base,
      title: off ? 'No baseline of the carburettor' : 'Baseline not taken yet',
      state: off ? 'caution' : 'unknown',
      next: off ? say`Hand over against the owner’s memory, and say so` : say`Measure ${label}, while the carburettor is on`,
      reason: off
        ? say`The carburettor is off: how it ran before can no longer be measured. “It ran better before” then has no answer.`
        : say`${counted(missing.length, 'figure')} missing. Once the carburettor is off they cannot be had any more, and hand-over has nothing to be compared with.`,
    }
  } // prettier-ignore
  return {
    ...base,
    title: doubt ? 'Baseline does not hold together' : 'Baseline taken',
    state: doubt ? 'caution' : 'ok',
    reason: doubt
      ? say`${doubt}${more.length > 0 ? ` And ${more.length} more.` : ''}`
      : say`${fig(baseline.idleRpm!, 'engineSpeed')} at ${fig(baseline.idleVacuumPa!, 'vacuum')} and ${fig(baseline.idleLambda!, 'lambda', 2)}, warm: hand-over must be at least as good.`,
  }
}

/** What must come out before anything can be reached, with its time. */
export const judgeReach = (job: JobDocument): Verdict | null => {
  const { inTheWay, fasteners } = job.walkAround.reach
  if (inTheWay.length === 0 && fasteners.length === 0) return null
  const open = inTheWay.find((i) => i.takesS === null)
  const seized = fasteners.filter((f) => f.state !== 'missing')
  return {
    ...plain,
    id: 'reach',
    title: open ? 'Time to get there not estimated' : 'What must come out first',
    state: open ? 'unknown' : 'ok',
    figureName: 'out and in again',
    figure: fig(hoursOfReach(job) * 3600, 'work'),
    next: open ? say`Estimate the time for ${open.name.toLowerCase()}, out and in` : say``,
    reason: say`${counted(inTheWay.length, 'part')} in the way${seized.length > 0 ? say`; ${fig(SEIZED_S, 'work', 1)} for each kind of stubborn fastener` : ''}. Part of the hours of every system that reaches there; nothing goes back before all behind it is proved.`,
    source: 'as entered; half an hour a stubborn fastener: rule of thumb',
  }
}

/** The gauge as it was found: put right while the tank is out, or blamed on the conversion. */
export const judgeGaugeFound = (job: JobDocument): Verdict | null => {
  const { gauge } = job.walkAround.tank
  if (gauge !== 'off' && gauge !== 'dead') return null
  return {
    ...plain,
    id: 'gauge-found',
    title: gauge === 'dead' ? 'Fuel gauge dead before the work' : 'Fuel gauge wrong before the work',
    state: 'caution',
    next: say`Measure sender and gauge apart while the tank is out`,
    reason: say`Found so at the walk-around. Left alone it will be blamed on the conversion, and the tank comes down twice.`,
    source: 'trade practice',
  }
}

/** What a person cannot do with what there is: said before anything is planned on it. */
export const judgeMeans = (job: JobDocument): Verdict | null => {
  const { lift, crimpTools, helper, shelter } = job.walkAround.means
  const without = [
    ...(lift === 'none' ? ['nothing to put the car up on: exhaust, lines and tank are for a shop, or for hired stands'] : []),
    ...(crimpTools === false ? ['no crimp tools: terminals are crimped by a shop, or the tool is on the list'] : []),
    ...(helper === false ? ['no second pair of hands: bleeding, steering from lock to lock, cranking tests and lowering the tank wait for one'] : []),
    ...(shelter === false ? ['no place out of the rain: nothing stays open overnight'] : []),
  ] // prettier-ignore
  if (without.length === 0) return null
  return {
    ...plain,
    id: 'means',
    title: lift === 'none' ? 'Nothing to put the car up on' : 'Some of the work needs more than you have',
    state: lift === 'none' ? 'stop' : 'caution',
    next: lift === 'none' ? say`Rated stands on level, hard ground, or a shop’s lift` : say`Arrange it before the day`,
    reason: say`${without.join('; ').replace(/^./, (x) => x.toUpperCase())}.`,
    source: 'trade practice',
  }
}
