import { fig, plain, say } from '../../verdict/index.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'

/** Fully open within what an angle gauge reads. */
const FULL_SHARE = 0.98
/** Below this the engine is short of power that was paid for. */
const FAILS_SHARE = 0.9
/** The pedal pushes on when the plate stands on its stop; beyond what an angle gauge reads it bends something. */
const HAIR_SHARE = 1.02
const FORCED_SHARE = 1.05
/** At the pad, m. Rules of thumb. */
const MOST_SLACK_M = 0.005
/** Opening at half of the pedal. Rule of thumb. */
const MOST_AT_HALF = 0.7
/** One spring alone against the drag. Rule of thumb. */
const SPRING_RESERVE = 2
/** Volts of a throttle sensor on 5 V that an ECU takes for a broken wire. Rule of thumb. */
const [FAULT_LOW_V, FAULT_HIGH_V] = [0.2, 4.8]
const LEAST_SPAN_V = 2.5
const RAD = Math.PI / 180

/** Is the linkage measured, does its rod reach, does it follow to the end? */
const judgeGeometry = (c: EngineTopCase): EngineTopVerdict[] => {
  const { answer, entry, missing, unreached } = c.throttle
  const base = { ...plain, id: 'linkage', source: 'geometry of the linkage' }
  if (missing.length > 0)
    return [
      {
        ...base,
        title: 'Throttle linkage not measured',
        state: 'unknown',
        next: say`Measure levers and rods with the pedal at rest`,
        reason: say`Not known: ${missing.join(', ')}.`,
      },
    ]
  if (unreached !== null)
    return [
      {
        ...base,
        title: `Rod does not reach: ${unreached}`,
        state: 'stop',
        next: say`Measure the rod and both levers again`,
        reason: say`With both levers as entered no rod of this length joins them.`,
      },
    ]
  const { binds } = answer!
  return [
    {
      ...plain,
      id: 'binds',
      title: binds ? `Linkage binds: ${entry.links[binds.link]!.name}` : 'Linkage follows over its whole travel',
      state: binds ? 'stop' : 'ok',
      figureName: binds ? 'at the pad' : 'pedal travel at the pad',
      figure: fig(binds ? binds.padM : c.throttle.solved!.padArmM * c.throttle.solved!.pedalRad, 'bore', 0),
      reason: binds
        ? say`There rod and lever lie in line: the pedal goes no further, or the lever turns over and does not return.`
        : say`No rod comes in line with its lever.`,
      source: 'geometry of the linkage',
      workings: ['plate-turn'],
    },
  ]
}

const judgeTravel = (c: EngineTopCase): EngineTopVerdict[] => {
  const { answer, plateRad, slackM } = c.throttle
  if (answer === null) return []
  const { atHalf, binds, leftAtPadM, share } = answer
  const openDeg = (share * plateRad) / RAD
  const plateDeg = plateRad / RAD
  const full = share >= FULL_SHARE
  const over = share > HAIR_SHARE
  return [
    {
      ...plain,
      id: 'full-throttle',
      title: full ? 'Plate opens fully' : 'Plate does not open fully',
      state: full ? 'ok' : share < FAILS_SHARE || binds ? 'stop' : 'caution',
      figureName: 'plate, pedal on its stop',
      figure: fig(Math.min(openDeg, plateDeg), 'angle', 0),
      limitName: 'fully open',
      limit: fig(plateDeg, 'angle', 0),
      margin: fig(Math.min(openDeg, plateDeg) - plateDeg, 'angle', 0),
      reason: full
        ? say`Prove it with a helper’s foot on the floor, carpet in, engine stopped.`
        : say`${fig(share, 'share', 0)} of its opening: power is lost, and the throttle sensor never reads full.`,
      source: 'geometry of the linkage',
      workings: ['plate-turn'],
      // A linkage that binds before is the cause: freed, it may open fully.
      ...(binds && !full && { effectOf: 'binds' }),
    },
    {
      ...plain,
      id: 'pedal-stop',
      title: over ? 'Pedal forces the plate’s stop' : 'Pedal stops before the plate does',
      state: share > FORCED_SHARE ? 'stop' : over ? 'caution' : 'ok',
      figureName: over && leftAtPadM !== null ? 'pedal left when the plate is open' : '',
      figure: over && leftAtPadM !== null ? fig(leftAtPadM, 'bore', 0) : null,
      next: say`Set the pedal’s stop so that it takes the foot first`,
      reason: over
        ? say`The foot bends shaft and lever, and the plate jams open.`
        : say`The pedal’s own stop takes the foot.`,
      source: 'geometry of the linkage',
    },
    {
      ...plain,
      id: 'slack',
      title: slackM > MOST_SLACK_M ? 'Slack in the throttle linkage' : 'Throttle linkage without slack',
      state: slackM > MOST_SLACK_M ? 'caution' : 'ok',
      figureName: 'at the pad',
      figure: fig(slackM, 'bore', 0),
      limitName: 'at most',
      limit: fig(MOST_SLACK_M, 'bore', 0),
      margin: fig(MOST_SLACK_M - slackM, 'bore', 0),
      next: say`Take it up at the adjuster, with the plate on its stop`,
      reason: say`Slack is opening that the pedal never reaches, and a throttle that starts with a jerk.`,
      source: 'rule of thumb',
    },
    // Of a linkage that stops half way nothing is said about how it goes on.
    ...(binds
      ? []
      : [
    {
      ...plain,
      id: 'progression',
      title: atHalf > MOST_AT_HALF ? 'Throttle opens too soon' : 'Throttle opens evenly',
      state: atHalf > MOST_AT_HALF ? 'caution' : 'ok',
      figureName: 'open at half pedal',
      figure: fig(atHalf, 'share', 0),
      limitName: 'at most',
      limit: fig(MOST_AT_HALF, 'share', 0),
      margin: fig(MOST_AT_HALF - atHalf, 'share', 0),
      next: say`A lever on the plate that starts further round, or a cam that grows`,
      reason: atHalf > MOST_AT_HALF ? say`Most of the air comes in the first half: the car jerks in traffic.` : say`The first half of the pedal leaves room for the second.`,
      source: 'rule of thumb',
      workings: ['plate-turn'],
    } satisfies EngineTopVerdict,
        ]),
  ]
} // prettier-ignore

const judgeSprings = (c: EngineTopCase): EngineTopVerdict[] => {
  if (!c.begun) return []
  const { entry, padN, springs } = c.throttle
  const stuck: EngineTopVerdict[] =
    c.linkagePlay === 'sticks'
      ? [
          {
            ...plain,
            id: 'sticks',
            title: 'Throttle sticks',
            state: 'stop',
            next: say`Find where it rubs, and free it before anything new goes on`,
            reason: say`As walked round. A throttle that does not close by itself is not driven, not even round the yard.`,
            source: 'tried by hand',
          },
        ]
      : []
  const base = { ...plain, id: 'springs', source: 'spring balance times arm; twice the drag: rule of thumb' }
  if (entry.springs !== null && entry.springs < 2)
    return [
      ...stuck,
      {
        ...base,
        title: entry.springs === 0 ? 'No return spring' : 'Only one return spring',
        state: 'stop',
        figureName: 'springs',
        figure: fig(entry.springs, 'count'),
        limitName: 'at least',
        limit: fig(2, 'count'),
        margin: fig(entry.springs - 2, 'count'),
        reason: say`Springs break. Two that each close the plate alone, with ends of their own.`,
      },
    ]
  if (springs === null)
    return [
      ...stuck,
      {
        ...base,
        title: 'Return springs not measured',
        state: 'unknown',
        next: say`Count them, and measure the weaker one and the drag by spring balance`,
        reason: say`Each must close the plate alone, from fully open too.`,
      },
    ]
  const weak = springs.reserve < SPRING_RESERVE
  return [
    ...stuck,
    {
      ...base,
      title: springs.reserve < 1 ? 'One spring alone does not close the plate' : weak ? 'One spring alone hardly closes the plate' : 'Each spring closes the plate alone',
      state: springs.reserve < 1 ? 'stop' : weak ? 'caution' : 'ok',
      figureName: `weaker spring, plate ${springs.at}`,
      figure: fig(Math.min(entry.springClosedNm!, entry.springOpenNm!), 'torque', 2),
      limitName: 'twice the drag',
      limit: fig(SPRING_RESERVE * entry.dragNm!, 'torque', 2),
      margin: fig(Math.min(entry.springClosedNm!, entry.springOpenNm!) - SPRING_RESERVE * entry.dragNm!, 'torque', 2),
      next: say`A stronger spring, or find what drags`,
      reason: padN === null ? say`Measured at the plate’s shaft.` : say`At the pad at least ${fig(padN[0], 'force', 0)} to leave the stop, ${fig(padN[1], 'force', 0)} with the plate open.`,
    },
  ]
} // prettier-ignore

const judgeKickdown = (c: EngineTopCase): EngineTopVerdict | null => {
  const kind = c.gearboxCable
  if (!c.begun || kind === null || kind === 'none' || kind === 'electric') return null
  const { entry, kickdown: k, toleranceM } = c.throttle
  const shifts = kind === 'throttle-valve-cable'
  const base = { ...plain, id: 'kickdown', source: 'gearbox maker’s two points; geometry of the lever' }
  if (k === null)
    return {
      ...base,
      title: 'Gearbox cable not measured',
      state: 'unknown',
      next: say`Enter lever, travel and the maker’s two points`,
      reason: shifts
        ? say`It sets the gearbox’s pressure: a wrong lever burns its clutches within a drive.`
        : say`A wrong lever kicks down too early, or never.`,
    }
  const off = Math.max(Math.abs(k.offClosedM), Math.abs(k.offOpenM))
  const wrong = off > toleranceM * (1 + 1e-9)
  const atOpen = Math.abs(k.offOpenM) >= Math.abs(k.offClosedM)
  const proved = !shifts || entry.kickdown.pressureProved === true
  return {
    ...base,
    title: wrong
      ? atOpen
        ? k.offOpenM < 0
          ? 'Gearbox cable pulled too little at full throttle'
          : 'Gearbox cable pulled too far at full throttle'
        : 'Gearbox cable wrong at closed throttle'
      : proved
        ? 'Gearbox cable right at both ends'
        : 'Gearbox pressure not proved',
    state: wrong ? (shifts ? 'stop' : 'caution') : proved ? 'ok' : 'unknown',
    figureName: atOpen ? 'pulled out, plate open' : 'pulled out, plate closed',
    figure: fig(atOpen ? k.openM : entry.kickdown.closedM!, 'bore', 1),
    limitName: 'maker’s travel',
    limit: fig(atOpen ? entry.kickdown.wantsOpenM! : entry.kickdown.wantsClosedM!, 'bore', 1),
    margin: fig(atOpen ? k.offOpenM : k.offClosedM, 'bore', 1),
    marginIs: 'apart',
    next: wrong ? say`Set the closed end by the adjuster, then change the lever` : say`Gauge on the gearbox’s test port, by its manual, before the first drive`,
    reason: wrong
      ? shifts
        ? say`Too little travel is too little pressure: clutches slip and burn. Do not drive it. ${k.armM === null ? '' : say`An arm of ${fig(k.armM, 'bore', 1)} has the maker’s travel.`}`
        : say`${k.armM === null ? 'No arm on this lever has the maker’s travel.' : say`An arm of ${fig(k.armM, 'bore', 1)} has the maker’s travel.`}`
      : say`Closed and open as the maker wants within ${fig(toleranceM, 'bore', 1)}${shifts ? '; the pressure decides.' : '.'}`,
    workings: ['kickdown-travel'],
  }
} // prettier-ignore

const judgeSensor = (c: EngineTopCase): EngineTopVerdict | null => {
  if (!c.begun) return null
  const { closedV, openV } = c.throttle.entry
  const base = { ...plain, id: 'plate-sensor', source: 'multimeter; bands on 5 V: rule of thumb' }
  if (closedV === null || openV === null)
    return {
      ...base,
      title: 'Throttle sensor not measured',
      state: 'unknown',
      next: say`Measure its volts with the plate closed and fully open`,
      reason: say`The ECU is told these two as 0 and 100 %.`,
    }
  const span = openV - closedV
  const [low, high] = [Math.min(closedV, openV), Math.max(closedV, openV)]
  const fault = low < FAULT_LOW_V || high > FAULT_HIGH_V
  const narrow = Math.abs(span) < LEAST_SPAN_V
  return {
    ...base,
    title: fault
      ? 'Throttle sensor reads like a broken wire'
      : narrow
        ? 'Throttle sensor moves too little'
        : span < 0
          ? 'Throttle sensor falls as the plate opens'
          : 'Throttle sensor OK',
    state: fault ? 'stop' : narrow || span < 0 ? 'caution' : 'ok',
    figureName: fault ? (low < FAULT_LOW_V ? 'lowest' : 'highest') : 'closed to open',
    figure: fig(fault ? (low < FAULT_LOW_V ? low : high) : Math.abs(span), 'voltage', 2),
    limitName: fault ? (low < FAULT_LOW_V ? 'at least' : 'at most') : 'at least',
    limit: fig(fault ? (low < FAULT_LOW_V ? FAULT_LOW_V : FAULT_HIGH_V) : LEAST_SPAN_V, 'voltage', 2),
    margin: fig(fault ? (low < FAULT_LOW_V ? low - FAULT_LOW_V : FAULT_HIGH_V - high) : Math.abs(span) - LEAST_SPAN_V, 'voltage', 2),
    next: fault ? say`Turn the sensor on its screws, or look for a crossed wire` : span < 0 ? say`Swap supply and return at the sensor, unless the ECU takes it as it is` : say`Look whether the plate really opens fully`,
    reason: say`Tell the ECU ${fig(closedV, 'voltage', 2)} as 0 and ${fig(openV, 'voltage', 2)} as 100 %.`,
  }
} // prettier-ignore

/** From the pedal to the plate, its springs, the gearbox's cable and the sensor. */
export const judgeThrottle = (c: EngineTopCase): EngineTopVerdict[] => {
  if (!c.begun) return []
  const kickdown = judgeKickdown(c)
  const sensor = judgeSensor(c)
  return [
    ...judgeGeometry(c),
    ...judgeTravel(c),
    ...judgeSprings(c),
    ...(kickdown ? [kickdown] : []),
    ...(sensor ? [sensor] : []),
  ]
}
