import { earthedOff, meetingOf } from '../../../figures/index.ts'
import { TEST_ENTRIES } from '../../../meaning/index.ts'
import { fig, say } from '../../../verdict/index.ts'
import { CRANKING } from './testCautions.ts'
import { worstFinding, type Finding, type FitnessTest } from './fitnessTypes.ts'
import { atLeast, atMost, byWord, pressure } from './limits.ts'

const THUMB = 'rule of thumb; the maker’s figures come first'
const RUNNING = 'Exhaust gas outdoors or extracted; mind fan, belt and hot exhaust.'

/** Known entries of a per-cylinder list with their cylinder numbers. */
const byCylinder = (values: readonly (number | null)[]): { cylinder: number; value: number }[] =>
  values.flatMap((value, i) => (value === null ? [] : [{ cylinder: i + 1, value }]))

const findCompression = (values: readonly (number | null)[]): Finding | null => {
  const known = byCylinder(values)
  if (known.length < 2) return null
  const least = known.reduce((a, b) => (b.value < a.value ? b : a))
  const most = known.reduce((a, b) => (b.value > a.value ? b : a))
  const spread = most.value > 0 ? (most.value - least.value) / most.value : 1
  const state = spread <= 0.1 ? 'fit' : spread <= 0.2 ? 'watch' : 'repair'
  return {
    state,
    figure: fig(spread, 'share'),
    reason: say`Cylinder ${String(least.cylinder)} has ${pressure(least.value)} against ${pressure(most.value)} in cylinder ${String(most.cylinder)}: a spread of ${fig(spread, 'share')}.`,
  }
}

const findLeakDown = (values: readonly (number | null)[]): Finding | null => {
  const known = byCylinder(values)
  if (known.length === 0) return null
  const worst = known.reduce((a, b) => (b.value > a.value ? b : a))
  const state = worst.value <= 0.1 ? 'fit' : worst.value <= 0.2 ? 'watch' : 'repair'
  return {
    state,
    figure: fig(worst.value, 'share'),
    reason: say`Cylinder ${String(worst.cylinder)} leaks ${fig(worst.value, 'share')}. Listen where the air goes: tail pipe, carburettor, oil filler or radiator.`,
  }
}

export const COMPRESSION: FitnessTest = {
  id: 'compression',
  title: 'Compression or leak-down',
  entries: TEST_ENTRIES['compression'],
  limit: say`spread up to ${fig(0.1, 'share')}, watch to ${fig(0.2, 'share')}; leak-down up to ${fig(0.1, 'share')}, watch to ${fig(0.2, 'share')}`,
  how: 'Engine warm, all plugs out, throttle wide open, battery full; six strokes on each cylinder. A cylinder that is low: a spoon of oil in it and once more; if it rises it is the rings, if not the valves or the gasket.',
  minutes: 45,
  cautions: [CRANKING, 'Plug holes spit: nobody leans over.'],
  because:
    'The controller gives every cylinder of a bank the same fuel. A weak one burns it late or not at all, its unburnt oxygen reads as lean, and the loop enriches all the others.',
  repair: 'Valves, rings or gasket',
  source: THUMB,
  find: ({ walkAround: { tests } }) =>
    worstFinding([findCompression(tests.compressionPa), findLeakDown(tests.leakDownShare)]),
}

export const IDLE_VACUUM: FitnessTest = {
  id: 'idle-vacuum',
  title: 'Vacuum at idle',
  entries: TEST_ENTRIES['idle-vacuum'],
  limit: say`at least ${pressure(50e3)} steady for a mild cam, ${pressure(34e3)} for a sporting one`,
  how: 'Warm engine at its idle speed, gauge on the manifold itself. A regular flick is one valve; a slow wander is mixture or a leak.',
  minutes: 10,
  cautions: [RUNNING],
  because:
    'The controller reads this very pressure as load. A leak or a valve that hangs shakes the reading, and the fuel with it.',
  repair: 'Find the leak or the valve',
  source: THUMB,
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      atLeast(tests.idleVacuumPa, { fit: 50e3, watch: 27e3 }, pressure, {
        fit: (f) => say`${f}: a mild cam and a tight intake.`,
        watch: (f) =>
          say`${f}: a sporting cam, late timing or a leak. Spray round the joints: if the speed changes it is a leak, else it is the cam.`,
        repair: (f) => say`${f} is too little even for a wild cam: a leak, late timing or tired valves.`,
      }),
      byWord(tests.idleNeedle, {
        steady: ['fit', 'The needle stands steady.'],
        'flicks-regularly': ['repair', 'A regular flick is one cylinder: a burnt or hanging valve.'],
        wanders: ['watch', 'A wandering needle is mixture, worn throttle shafts or a leak.'],
      }),
    ]),
}

export const EXHAUST_LEAK: FitnessTest = {
  id: 'exhaust-leak',
  title: 'Exhaust leaks',
  entries: TEST_ENTRIES['exhaust-leak'],
  limit: say`none ahead of the sensor and for half a metre behind it`,
  how: 'Cold exhaust, a vacuum cleaner’s blowing end held to the tail with a rag, soapy water on every joint. Or smoke.',
  minutes: 20,
  cautions: ['Exhaust cold; car on stands, never on the jack alone.'],
  because:
    'Between the pulses an exhaust sucks. Air that gets in is read as lean, the controller adds fuel, plugs and sensor foul and read leaner still.',
  repair: 'Seal or replace the joint',
  source: 'orifice flow under pulse suction; trade practice',
  find: (job) =>
    byWord(meetingOf(job, 'walkAround.tests.exhaustLeak'), {
      none: ['fit', 'No leak found.'],
      'pin-hole': [
        'watch',
        'A pin-hole matters where its plume meets the sensor: seal it while the pipe is down for the bung.',
      ],
      'open-joint': [
        'repair',
        'An open joint or crack lets in several percent of air at idle: the reading is worthless there.',
      ],
    }),
}

export const SMOKE: FitnessTest = {
  id: 'oil-smoke',
  title: 'Oil smoke',
  entries: TEST_ENTRIES['oil-smoke'],
  limit: say`none; a puff on starting is watched`,
  how: 'Somebody follows on a long downhill with the throttle shut, then opens it: blue on opening is valve guides, blue under load is rings.',
  minutes: 20,
  cautions: ['The driver drives; another person looks.'],
  because: 'Oil ash coats the oxygen sensor: slow first, then pinned. Oil also lowers the fuel’s knock resistance.',
  repair: 'Guides, seals or rings',
  source: 'trade practice',
  find: ({ walkAround: { tests } }) =>
    byWord(tests.smoke, {
      none: ['fit', 'No blue smoke.'],
      'on-start': ['watch', 'Valve stem seals are due: a sensor lives shorter.'],
      'on-overrun': ['watch', 'Oil comes past the guides: a sensor lives a year instead of five.'],
      always: ['repair', 'Oil is burnt all the time: the first sensor fouls within weeks.'],
    }),
}

export const MISFIRE: FitnessTest = {
  id: 'misfire',
  title: 'Misfire and plugs',
  entries: TEST_ENTRIES['misfire'],
  limit: say`none; plugs alike`,
  how: 'Read the plugs after a steady drive, engine stopped at once. At idle pull the leads one by one with an insulated tool: the one that changes nothing is the one.',
  minutes: 30,
  cautions: [RUNNING, 'Ignition voltage: insulated pliers, one hand.'],
  because:
    'A charge that does not burn leaves all its oxygen: one dead cylinder of four reads a third lean, and the loop drowns the other three.',
  repair: 'Ignition put right',
  source: 'oxygen balance: lambda read = lambda n/(n - 1)',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      byWord(tests.misfire, {
        none: ['fit', 'No misfire.'],
        'under-load': ['repair', 'A misfire under load is ignition at its limit: leads, coil, plug gap.'],
        'at-idle': ['repair', 'A dead cylinder at idle pulls the whole bank rich.'],
      }),
      byWord(tests.plugs, {
        'even-tan': ['fit', 'The plugs are alike.'],
        'one-differs': ['repair', 'One cylinder burns differently: find out why before one controller feeds them all.'],
        sooty: ['watch', 'All rich: the carburettor explains it and leaves with it.'],
        oily: ['repair', 'Oil in the chamber: see compression and smoke.'],
      }),
    ]),
}

export const CHAIN: FitnessTest = {
  id: 'chain-slack',
  title: 'Timing chain slack',
  entries: TEST_ENTRIES['chain-slack'],
  limit: say`up to ${fig(5, 'angle')}, watch to ${fig(10, 'angle')}`,
  how: 'By hand on the crank bolt, ignition off. Gear-driven cams show nearly none.',
  minutes: 15,
  cautions: [(job) => `Ignition off and the battery disconnected: a hand is at the pulley. ${earthedOff(job)}`],
  because:
    'A slack chain lets the distributor and the cam wander against the crank: spark and injection hit another crank angle every turn, and no table can follow.',
  repair: 'New chain and sprockets',
  source: THUMB,
  find: ({ walkAround: { tests } }) =>
    atMost(tests.chainSlackDeg, { fit: 5, watch: 10 }, (si) => fig(si, 'angle', 1), {
      fit: (f) => say`${f}: a tight chain.`,
      watch: (f) =>
        say`${f}: it shows in the timing light as a shiver. A crank trigger would take the spark off the chain.`,
      repair: (f) => say`${f}: the chain is near jumping, and timing wanders by half of it.`,
    }),
}
