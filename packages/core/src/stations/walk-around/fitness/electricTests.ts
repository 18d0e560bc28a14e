import type { JobDocument } from '../../../job/index.ts'
import { TEST_ENTRIES } from '../../../meaning/index.ts'
import { say } from '../../../verdict/index.ts'
import { earthedOff } from '../../../figures/index.ts'
import { CRANKING } from './testCautions.ts'
import { worstFinding, type Finding, type FitnessTest } from './fitnessTypes.ts'
import { atLeast, atMost, volts } from './limits.ts'

const BATTERY = (job: JobDocument) => `No sparks near a battery that was charged. ${earthedOff(job)}`

export const SUPPLY: FitnessTest = {
  id: 'supply',
  title: 'Polarity and system voltage',
  entries: TEST_ENTRIES['supply'],
  limit: say`12 V, negative earth`,
  how: 'Which post goes to the body, and what a meter shows across the battery. Entered under battery.',
  minutes: 5,
  cautions: [BATTERY],
  because:
    'Every controller, pump and injector is made for 12 V and negative earth. Anything else destroys it in the first second.',
  repair: '12 V, negative earth',
  source: 'makers’ ratings',
  find: ({ walkAround: { battery } }): Finding | null => {
    const positive = battery.earth === 'positive'
    if (battery.systemV === '6')
      return {
        state: 'repair',
        figure: null,
        reason: say`A 6 V system feeds no controller, pump or injector.${positive ? ' It has positive earth besides: both change in the same work.' : ''}`,
        repair: positive ? 'Convert to 12 V, negative earth' : 'Convert to 12 V',
      }
    if (positive)
      return {
        state: 'repair',
        figure: null,
        reason: say`Positive earth: the car is turned over to negative, with coil, ammeter, clock and radio looked at one by one; a dynamo that stays is polarised anew. ${battery.systemV === null ? 'Whether it has 12 V is still to be measured.' : 'Its 12 V stay.'}`,
        repair: 'Turn the car over to negative earth',
      }
    if (battery.earth === null || battery.systemV === null) return null
    return { state: 'fit', figure: null, reason: say`12 V, negative earth.` }
  },
}

export const RESTING: FitnessTest = {
  id: 'battery-resting',
  title: 'Battery at rest',
  entries: TEST_ENTRIES['battery-resting'],
  limit: say`at least ${volts(12.4)}`,
  how: 'A meter across the posts in the morning, doors shut, nothing on.',
  minutes: 5,
  cautions: [BATTERY],
  because:
    'A carburetted engine starts on the last gasp of a battery. A controller below about 8 V forgets where it was, and the pump gives half.',
  repair: 'Charge and test, or a new battery',
  source: 'open-circuit voltage of a lead battery, about three quarters charged',
  find: ({ walkAround: { tests } }) =>
    atLeast(tests.restingV, { fit: 12.4, watch: 12.2 }, volts, {
      fit: (f) => say`${f}: charged.`,
      watch: (f) => say`${f}: about half charged. Charge it, and see where it stands after a night.`,
      repair: (f) => say`${f}: flat or dying.`,
    }),
}

const findSag = (postV: number | null, remoteV: number | null): Finding | null =>
  postV === null || remoteV === null
    ? null
    : postV >= DEAD_WHILE_POSTS_V && remoteV < DEAD_LEAD_V
      ? {
          state: 'watch',
          figure: volts(remoteV),
          reason: say`${volts(remoteV)} at the remote point while the posts stand at ${volts(postV)}: that lead is switched off in “start”. It is the wrong lead, not a weak battery: the controller would die while cranking. Find one that is live in “run” and in “start”.`,
        }
      : atMost(
          Math.max(0, postV - remoteV),
          { fit: 0.3, watch: 0.7 },
          volts,
          {
            fit: (f) => say`Only ${f} is lost between post and remote point.`,
            watch: (f) =>
              say`${f} is lost between post and remote point while cranking: the controller’s feed goes to the posts, not there.`,
            repair: (f) => say`${f} is lost on the way: a joint, switch or strap is bad.`,
          },
          'Joint, switch or strap on the way to the remote point',
        )

/** A lead that shows less than this carries nothing at all: no joint that still passes current loses so much. Rule of thumb. */
const DEAD_LEAD_V = 1
/** Posts that stand above this have not collapsed themselves. */
const DEAD_WHILE_POSTS_V = 6

export const CRANKING_VOLTAGE: FitnessTest = {
  id: 'battery-cranking',
  title: 'Voltage while cranking',
  entries: TEST_ENTRIES['battery-cranking'],
  limit: say`at least ${volts(9.6)} at the posts, at most ${volts(0.3)} less at the remote point`,
  how: 'Two people or a meter with hold. Coil off, five seconds, engine cold if it is to count.',
  minutes: 15,
  cautions: [CRANKING, BATTERY],
  because:
    'The controller must count teeth, fire injectors and remember its settings in the very second in which the starter takes everything.',
  repair: 'Battery, cables or starter',
  source: 'rule of thumb; controllers want 6 to 8 V at their pins',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      atLeast(tests.crankingPostV, { fit: 9.6, watch: 9 }, volts, {
        fit: (f) => say`${f} at the posts: the battery holds.`,
        watch: (f) => say`${f} at the posts: cold mornings will be short of voltage.`,
        repair: (f) =>
          say`${f} at the posts: battery worn out or starter dragging. Current and speed of the starter tell them apart.`,
      }),
      findSag(tests.crankingPostV, tests.crankingRemoteV),
    ]),
}

export const CRANKING_DROPS: FitnessTest = {
  id: 'cranking-drops',
  title: 'Drops while cranking',
  entries: TEST_ENTRIES['cranking-drops'],
  limit: say`live side at most ${volts(0.5)}, ground at most ${volts(0.2)}`,
  how: 'Meter in the 2 V range, across the cable, cranked for five seconds with the coil off.',
  minutes: 15,
  cautions: [CRANKING],
  because:
    'What the ground side loses lifts the block against the controller: every sensor on it reads wrong by as much, just when the first fuel is metered.',
  repair: 'New strap, bright contacts',
  source: 'trade practice: 0.1 to 0.2 V a ground leg, 0.2 to 0.5 V a live leg',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      atMost(tests.crankingGroundDropV, { fit: 0.1, watch: 0.2 }, volts, {
        fit: (f) => say`Ground side ${f}: bright.`,
        watch: (f) => say`Ground side ${f}: clean the strap’s ends while the bay is open.`,
        repair: (f) => say`Ground side ${f}: the block floats while cranking. Strap missing, loose or green.`,
      }),
      atMost(tests.crankingPlusDropV, { fit: 0.2, watch: 0.5 }, volts, {
        fit: (f) => say`Live side ${f}: good.`,
        watch: (f) => say`Live side ${f}: joints want cleaning.`,
        repair: (f) => say`Live side ${f}: cable too thin, or a joint that will burn.`,
      }),
    ]),
}

export const CHARGING: FitnessTest = {
  id: 'charging',
  title: 'Charging at idle, loads on',
  entries: TEST_ENTRIES['charging'],
  limit: say`at least ${volts(13.2)}`,
  how: 'Idle at its normal speed, everything on that a wet night needs, three minutes, read.',
  minutes: 10,
  cautions: [
    'Exhaust gas outdoors or extracted; mind fan, belt and hot exhaust.',
    'Never take the battery off a running engine.',
  ],
  because:
    'Pump, injectors, controller and ignition take 10 to 15 A more, all the time. A generator that gives nothing at idle empties the battery in town, and the pump slows with it.',
  repair: 'Alternator of today’s kind',
  source: 'rule of thumb',
  find: ({ walkAround: { tests, charging } }) =>
    worstFinding([
      atLeast(tests.idleChargingV, { fit: 13.2, watch: 12.8 }, volts, {
        fit: (f) => say`${f} with the loads on: it charges.`,
        watch: (f) => say`${f}: the balance is near nothing, and the conversion adds 10 to 15 A.`,
        repair: (f) => say`${f}: the battery is carrying the car at idle already.`,
      }),
      charging.kind === 'dynamo'
        ? {
            state: 'repair',
            figure: null,
            reason: say`A dynamo gives next to nothing at idle: pump and injectors would run off the battery. An alternator comes first.`,
          }
        : null,
    ]),
}

export const RIPPLE: FitnessTest = {
  id: 'ripple',
  title: 'Alternator ripple',
  entries: TEST_ENTRIES['ripple'],
  limit: say`at most ${volts(0.2)}, watch to ${volts(0.5)}`,
  how: 'A meter on its AC range across the posts, 2000/min, lamps on.',
  minutes: 5,
  cautions: ['Mind fan and belt.'],
  because:
    'A dead diode puts a saw-tooth on every supply and reference: speed spikes and wandering sensors that nobody finds.',
  repair: 'Rectifier or alternator',
  source: 'rule of thumb',
  // A dynamo has a commutator and no diodes: nothing of this can be read off it.
  applies: ({ walkAround: { charging } }) => charging.kind !== 'dynamo',
  find: ({ walkAround: { tests } }) =>
    atMost(tests.rippleV, { fit: 0.2, watch: 0.5 }, volts, {
      fit: (f) => say`${f}: all diodes work.`,
      watch: (f) => say`${f}: look at the diodes before noise is hunted elsewhere.`,
      repair: (f) => say`${f}: a diode is open or shorted.`,
    }),
}
