import { earthedOff, meetingOf } from '../../../figures/index.ts'
import { TEST_ENTRIES } from '../../../meaning/index.ts'
import { fig, say } from '../../../verdict/index.ts'
import { CRANKING } from './testCautions.ts'
import { worstFinding, type Finding, type FitnessTest } from './fitnessTypes.ts'
import { atLeast, atMost, byWord, compression, vacuum } from './limits.ts'

const THUMB = 'rule of thumb; the maker’s figures come first'
const RUNNING = 'Run it outdoors or with extraction; keep clear of fan, belt and hot exhaust.'

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
    reason: say`Cylinder ${String(least.cylinder)} has ${compression(least.value)} against ${compression(most.value)} in cylinder ${String(most.cylinder)}: a spread of ${fig(spread, 'share')}.`,
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
    reason: say`Cylinder ${String(worst.cylinder)} leaks ${fig(worst.value, 'share')}. Listen for where the air goes: tail pipe, carburettor, oil filler or radiator.`,
  }
}

export const COMPRESSION: FitnessTest = {
  id: 'compression',
  title: 'Compression or leak-down',
  entries: TEST_ENTRIES['compression'],
  limit: say`spread up to ${fig(0.1, 'share')}, watch to ${fig(0.2, 'share')}; leak-down up to ${fig(0.1, 'share')}, watch to ${fig(0.2, 'share')}`,
  how: 'Engine warm, all plugs out, throttle wide open, battery full; six strokes on each cylinder. If one is low, put a spoonful of oil in it and repeat: if it rises it is the rings; if not, the valves or the gasket.',
  minutes: 45,
  cautions: [CRANKING, 'Plug holes spit: nobody leans over them.'],
  because:
    'The ECU gives every cylinder of a bank the same fuel. A weak one burns it late or not at all, its unburnt oxygen reads lean, and the loop enriches all the others.',
  repair: 'Repair valves, rings or gasket',
  source: THUMB,
  find: ({ walkAround: { tests } }) =>
    worstFinding([findCompression(tests.compressionPa), findLeakDown(tests.leakDownShare)]),
}

export const IDLE_VACUUM: FitnessTest = {
  id: 'idle-vacuum',
  title: 'Vacuum at idle',
  entries: TEST_ENTRIES['idle-vacuum'],
  limit: say`at least ${vacuum(50e3)} steady for a mild cam, ${vacuum(34e3)} for a sporting one`,
  how: 'Warm engine at idle speed, gauge on the manifold itself. A regular flick is one valve; a slow wander is mixture or a leak.',
  minutes: 10,
  cautions: [RUNNING],
  because:
    'The ECU reads this very pressure as load. A leak or a sticking valve upsets the reading, and the fuel with it.',
  repair: 'Find the leak or the bad valve',
  source: THUMB,
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      atLeast(tests.idleVacuumPa, { fit: 50e3, watch: 27e3 }, vacuum, {
        fit: (f) => say`${f}: a mild cam and no intake leaks.`,
        watch: (f) =>
          say`${f}: a sporting cam, late timing or a leak. Spray round the joints: if the speed changes it is a leak, otherwise it is the cam.`,
        repair: (f) => say`${f} is too little even for a wild cam: a leak, late timing or tired valves.`,
      }),
      byWord(tests.idleNeedle, {
        steady: ['fit', 'The needle is steady.'],
        'flicks-regularly': ['repair', 'A regular flick is one cylinder: a burnt or sticking valve.'],
        wanders: ['watch', 'A wandering needle is mixture, worn throttle shafts or a leak.'],
      }),
    ]),
}

export const VACUUM_LEAK: FitnessTest = {
  id: 'vacuum-leak',
  title: 'Vacuum leaks',
  entries: TEST_ENTRIES['vacuum-leak'],
  limit: say`none that changes the idle speed`,
  how: 'Warm idle. Carburettor cleaner, or unlit gas from a hose, along gaskets, hoses, throttle shaft and servo: a change of speed is a leak. Then smoke through the intake with the engine stopped.',
  minutes: 15,
  cautions: [
    RUNNING,
    'Cleaner and gas catch fire: short bursts, away from hot manifold and ignition, extinguisher within reach.',
  ],
  because:
    'Air that enters behind the throttle is fuelled by a system that goes by manifold pressure, yet idles too fast; one cylinder beside the leak runs lean alone. A carburettor was set to hide it.',
  repair: 'Seal the leak: gasket, hose or shaft bushes',
  source: 'trade practice',
  find: ({ walkAround: { tests } }) =>
    byWord(tests.vacuumLeak, {
      none: ['fit', 'No leak found.'],
      small: [
        'watch',
        'A small leak goes with the carburettor if it sits at its flange or shaft; anywhere else, seal it now.',
      ],
      large: [
        'repair',
        'It changes the speed: the ECU could not bring the idle down, and the cylinder beside it runs lean.',
      ],
    }),
}

const REPAIR_WORDS = { bands: 'bands', filler: 'filler', wire: 'wire', patch: 'a plate' } as const

export const EXHAUST_REPAIRS: FitnessTest = {
  id: 'exhaust-repairs',
  title: 'Makeshift exhaust repairs',
  entries: TEST_ENTRIES['exhaust-repairs'],
  limit: say`none from the ports to half a metre past the sensor`,
  how: 'From under the car with a lamp, exhaust cold: tap it, and look under heat shields and old wrap.',
  minutes: 10,
  cautions: ['Exhaust cold; car on axle stands, never on the jack alone.'],
  because: 'Bands, paste and wire are tight today and leak next month: then it reads lean, and the loop makes it rich.',
  repair: 'Replace the piece, or weld it properly',
  source: 'trade practice',
  find: ({ walkAround: { tests } }) => {
    const found = tests.exhaustRepairs.filter((r) => r !== 'none')
    if (tests.exhaustRepairs.length === 0) return null
    if (found.length === 0) return { state: 'fit', figure: null, reason: say`No makeshift repairs.` }
    const soon = found.includes('filler') || found.includes('wire')
    return {
      state: soon ? 'repair' : 'watch',
      figure: null,
      reason: say`Mended with ${found.map((r) => REPAIR_WORDS[r]).join(', ')}: ${soon ? 'it will not stay tight.' : 'smoke-test it with the sensor’s joints, and again after a month.'}`,
    }
  },
}

export const EXHAUST_LEAK: FitnessTest = {
  id: 'exhaust-leak',
  title: 'Exhaust leaks',
  entries: TEST_ENTRIES['exhaust-leak'],
  limit: say`none ahead of the sensor or for half a metre after it`,
  how: 'Exhaust cold, a vacuum cleaner’s outlet held to the tail pipe with a rag, soapy water on every joint. Or smoke.',
  minutes: 20,
  cautions: ['Exhaust cold; car on axle stands, never on the jack alone.'],
  because:
    'Between pulses an exhaust draws air in. It reads lean, the ECU adds fuel, plugs and sensor foul and it reads leaner still.',
  repair: 'Seal or replace the joint',
  source: 'orifice flow under pulse suction; trade practice',
  find: (job) =>
    byWord(meetingOf(job, 'walkAround.tests.exhaustLeak'), {
      none: ['fit', 'No leak found.'],
      'pin-hole': [
        'watch',
        'A pin-hole matters if its jet meets the sensor: seal it while the pipe is off for the bung.',
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
  limit: say`none; watch a puff on starting`,
  how: 'Have somebody follow down a long hill with the throttle shut, then open it: blue on opening is valve guides, blue under load is rings.',
  minutes: 20,
  cautions: ['The driver drives; somebody else watches.'],
  because: 'Oil ash coats the oxygen sensor: slow first, then pinned. Oil also lowers the fuel’s octane.',
  repair: 'Renew guides, seals or rings',
  source: 'trade practice',
  find: ({ walkAround: { tests } }) =>
    byWord(tests.smoke, {
      none: ['fit', 'No blue smoke.'],
      'on-start': ['watch', 'Valve stem seals are due: a sensor’s life is shortened.'],
      'on-overrun': ['watch', 'Oil is getting past the guides: a sensor lasts a year instead of five.'],
      always: ['repair', 'It burns oil all the time: the first sensor will foul within weeks.'],
    }),
}

export const MISFIRE: FitnessTest = {
  id: 'misfire',
  title: 'Misfire and plugs',
  entries: TEST_ENTRIES['misfire'],
  limit: say`none; plugs alike`,
  how: 'Read the plugs after a steady drive, engine stopped at once. At idle pull the leads one by one with an insulated tool: the dead cylinder is the one that changes nothing.',
  minutes: 30,
  cautions: [RUNNING, 'Ignition voltage: insulated pliers, one hand.'],
  because:
    'A charge that does not burn leaves all its oxygen: one dead cylinder in four reads a third lean, and the loop floods the other three.',
  repair: 'Put the ignition right',
  source: 'oxygen balance: lambda read = lambda n/(n - 1)',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      byWord(tests.misfire, {
        none: ['fit', 'No misfire.'],
        'under-load': ['repair', 'A misfire under load is ignition at its limit: leads, coil, plug gap.'],
        'at-idle': ['repair', 'A dead cylinder at idle pulls the whole bank rich.'],
      }),
      byWord(tests.plugs, {
        'even-tan': ['fit', 'Plug colour alike.'],
        'one-differs': ['repair', 'One cylinder burns differently: find out why before one ECU feeds them all.'],
        sooty: ['watch', 'All rich: the carburettor explains it, and it goes when the carburettor does.'],
        oily: ['repair', 'Oil in the chamber: see compression and smoke.'],
      }),
    ]),
}

export const CHAIN: FitnessTest = {
  id: 'chain-slack',
  title: 'Timing chain slack',
  entries: TEST_ENTRIES['chain-slack'],
  limit: say`up to ${fig(5, 'angle')}, watch to ${fig(10, 'angle')}`,
  how: 'By hand on the crank bolt, ignition off. Gear-driven cams show next to none.',
  minutes: 15,
  cautions: [(job) => `Ignition off and the battery disconnected: a hand is at the pulley. ${earthedOff(job)}`],
  because:
    'A slack chain lets distributor and cam wander against the crank: spark and injection land at a different crank angle every turn, and no table can correct it.',
  repair: 'Fit a new chain and sprockets',
  source: THUMB,
  find: ({ walkAround: { tests } }) =>
    atMost(tests.chainSlackDeg, { fit: 5, watch: 10 }, (si) => fig(si, 'angle', 1), {
      fit: (f) => say`${f}: a tight chain.`,
      watch: (f) =>
        say`${f}: it shows in the timing light as a shiver. A crank trigger would take the spark off the chain.`,
      repair: (f) => say`${f}: the chain is close to jumping, and timing wanders by half that.`,
    }),
}
