import type { JobDocument } from '../../../job/index.ts'
import { TEST_ENTRIES } from '../../../meaning/index.ts'
import { say } from '../../../verdict/index.ts'
import { earthedOff } from '../../../figures/index.ts'
import { CRANKING } from './testCautions.ts'
import { worstFinding, type Finding, type FitnessTest } from './fitnessTypes.ts'
import { atLeast, atMost, volts } from './limits.ts'

const BATTERY = (job: JobDocument) => `No sparks near a battery that has been on charge. ${earthedOff(job)}`

export const SUPPLY: FitnessTest = {
  id: 'supply',
  title: 'Polarity and system voltage',
  entries: TEST_ENTRIES['supply'],
  limit: say`12 V, negative earth`,
  how: 'Which terminal goes to the body, and what a meter reads across the battery. Enter it under battery.',
  minutes: 5,
  cautions: [BATTERY],
  because:
    'Every ECU, pump and injector is made for 12 V and negative earth. Anything else destroys it in the first second.',
  repair: 'Convert to 12 V, negative earth',
  source: 'makers’ ratings',
  find: ({ walkAround: { battery } }): Finding | null => {
    const positive = battery.earth === 'positive'
    if (battery.systemV === '6')
      return {
        state: 'repair',
        figure: null,
        reason: say`A 6 V system cannot feed an ECU, pump or injectors.${positive ? ' It is positive earth as well: change both in the same job.' : ''}`,
        repair: positive ? 'Convert to 12 V, negative earth' : 'Convert to 12 V',
      }
    if (positive)
      return {
        state: 'repair',
        figure: null,
        reason: say`Positive earth: convert the car to negative, checking coil, ammeter, clock and radio one by one; repolarise a dynamo that stays. ${battery.systemV === null ? 'Whether it has 12 V is still to be measured.' : 'It is 12 V already.'}`,
        repair: 'Convert to negative earth',
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
  how: 'A meter across the battery terminals in the morning, doors shut, everything off.',
  minutes: 5,
  cautions: [BATTERY],
  because:
    'A carburetted engine starts on the last gasp of a battery. Below about 8 V an ECU resets, and the pump delivers half.',
  repair: 'Charge and test it, or fit a new battery',
  source: 'open-circuit voltage of a lead battery, about three quarters charged',
  find: ({ walkAround: { tests } }) =>
    atLeast(tests.restingV, { fit: 12.4, watch: 12.2 }, volts, {
      fit: (f) => say`${f}: charged.`,
      watch: (f) => say`${f}: about half charged. Charge it, and check again after a night.`,
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
          reason: say`${volts(remoteV)} at the remote point while the battery terminals read ${volts(postV)}: that lead is dead in “start”. It is the wrong lead, not a weak battery: the ECU would die while cranking. Find one that is live in “run” and in “start”.`,
        }
      : atMost(
          Math.max(0, postV - remoteV),
          { fit: 0.3, watch: 0.7 },
          volts,
          {
            fit: (f) => say`Only ${f} is lost between battery terminal and remote point.`,
            watch: (f) =>
              say`${f} is lost between battery terminal and remote point while cranking: take the ECU feed from the battery terminals, not from there.`,
            repair: (f) => say`${f} is lost on the way: a joint, switch or strap is bad.`,
          },
          'Repair the joint, switch or strap on the way to the remote point',
        )

/** A lead that shows less than this carries nothing at all: no joint that still passes current loses so much. Rule of thumb. */
const DEAD_LEAD_V = 1
/** Posts that stand above this have not collapsed themselves. */
const DEAD_WHILE_POSTS_V = 6

export const CRANKING_VOLTAGE: FitnessTest = {
  id: 'battery-cranking',
  title: 'Voltage while cranking',
  entries: TEST_ENTRIES['battery-cranking'],
  limit: say`at least ${volts(9.6)} at the battery terminals, at most ${volts(0.3)} less at the remote point`,
  how: 'Two people, or a meter with hold. Coil off, five seconds, engine cold for a true result.',
  minutes: 15,
  cautions: [CRANKING, BATTERY],
  because:
    'The ECU must count teeth, fire injectors and keep its settings in the very second the starter takes everything.',
  repair: 'Repair battery, cables or starter',
  source: 'rule of thumb; ECUs need 6 to 8 V at their pins',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      atLeast(tests.crankingPostV, { fit: 9.6, watch: 9 }, volts, {
        fit: (f) => say`${f} at the battery terminals: the battery copes.`,
        watch: (f) => say`${f} at the battery terminals: too low for cold mornings.`,
        repair: (f) =>
          say`${f} at the battery terminals: battery worn out or starter dragging. Starter current and speed tell them apart.`,
      }),
      findSag(tests.crankingPostV, tests.crankingRemoteV),
    ]),
}

export const CRANKING_DROPS: FitnessTest = {
  id: 'cranking-drops',
  title: 'Drops while cranking',
  entries: TEST_ENTRIES['cranking-drops'],
  limit: say`positive side at most ${volts(0.5)}, earth side at most ${volts(0.2)}`,
  how: 'Meter in the 2 V range, across the cable, cranked for five seconds with the coil off.',
  minutes: 15,
  cautions: [CRANKING],
  because:
    'The earth-side drop lifts the block above the ECU’s earth: every sensor on it reads wrong by that much, just when the first fuel is metered.',
  repair: 'Fit a new strap, bright contacts',
  source: 'trade practice: 0.1 to 0.2 V earth side, 0.2 to 0.5 V positive side',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      atMost(tests.crankingGroundDropV, { fit: 0.1, watch: 0.2 }, volts, {
        fit: (f) => say`Earth-side drop ${f}: good.`,
        watch: (f) => say`Earth-side drop ${f}: clean the strap ends while the bay is open.`,
        repair: (f) => say`Earth-side drop ${f}: the block floats while cranking. Strap missing, loose or corroded.`,
      }),
      atMost(tests.crankingPlusDropV, { fit: 0.2, watch: 0.5 }, volts, {
        fit: (f) => say`Positive-side drop ${f}: good.`,
        watch: (f) => say`Positive-side drop ${f}: joints need cleaning.`,
        repair: (f) => say`Positive-side drop ${f}: cable too thin, or a joint that will burn.`,
      }),
    ]),
}

export const CHARGING: FitnessTest = {
  id: 'charging',
  title: 'Charging at idle, loads on',
  entries: TEST_ENTRIES['charging'],
  limit: say`at least ${volts(13.2)}`,
  how: 'Idle at normal speed with everything on that a wet night needs; read after three minutes.',
  minutes: 10,
  cautions: [
    'Run it outdoors or with extraction; keep clear of fan, belt and hot exhaust.',
    'Never take the battery off a running engine.',
  ],
  because:
    'Pump, injectors, ECU and ignition draw 10 to 15 A more, all the time. A generator that gives nothing at idle flattens the battery in town, and the pump slows with it.',
  repair: 'Fit a modern alternator',
  source: 'rule of thumb',
  find: ({ walkAround: { tests, charging } }) =>
    worstFinding([
      atLeast(tests.idleChargingV, { fit: 13.2, watch: 12.8 }, volts, {
        fit: (f) => say`${f} with the loads on: it charges.`,
        watch: (f) => say`${f}: barely breaking even, and the conversion adds 10 to 15 A.`,
        repair: (f) => say`${f}: the battery is already carrying the car at idle.`,
      }),
      charging.kind === 'dynamo'
        ? {
            state: 'repair',
            figure: null,
            reason: say`A dynamo gives next to nothing at idle: pump and injectors would run off the battery. Fit an alternator first.`,
          }
        : null,
    ]),
}

export const RIPPLE: FitnessTest = {
  id: 'ripple',
  title: 'Alternator ripple',
  entries: TEST_ENTRIES['ripple'],
  limit: say`at most ${volts(0.2)}, watch to ${volts(0.5)}`,
  how: 'A meter on its AC range across the battery terminals, 2000 rpm, lamps on.',
  minutes: 5,
  cautions: ['Keep clear of fan and belt.'],
  because:
    'A dead diode puts ripple on every supply and reference: speed spikes and wandering sensors that nobody can find.',
  repair: 'Replace rectifier or alternator',
  source: 'rule of thumb',
  // A dynamo has a commutator and no diodes: nothing of this can be read off it.
  applies: ({ walkAround: { charging } }) => charging.kind !== 'dynamo',
  find: ({ walkAround: { tests } }) =>
    atMost(tests.rippleV, { fit: 0.2, watch: 0.5 }, volts, {
      fit: (f) => say`${f}: all diodes work.`,
      watch: (f) => say`${f}: check the diodes before you hunt for noise elsewhere.`,
      repair: (f) => say`${f}: a diode is open or shorted.`,
    }),
}
