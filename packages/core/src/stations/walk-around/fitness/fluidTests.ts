import { TEST_ENTRIES } from '../../../meaning/index.ts'
import { fig, say } from '../../../verdict/index.ts'
import { worstFinding, type FitnessTest } from './fitnessTypes.ts'
import { atMost, byWord } from './limits.ts'

const MONTH_S = (365.25 * 24 * 3600) / 12
const FUEL_OPEN =
  'Cold engine, no flame, heater or hot lamp, ventilated, class B extinguisher within reach. A drained tank is not gas-free.'

export const FUEL_AGE: FitnessTest = {
  id: 'fuel-age',
  title: 'Age of the fuel',
  entries: TEST_ENTRIES['fuel-age'],
  limit: say`up to ${fig(3 * MONTH_S, 'age')}, watch to ${fig(6 * MONTH_S, 'age')}`,
  how: 'Ask when it was last filled. Sour, varnish-like smell or amber colour: it is old, whatever you are told.',
  minutes: 5,
  cautions: [FUEL_OPEN],
  because:
    'Stale petrol has lost its light ends: it starts badly cold, gums injectors whose holes are tenths of a millimetre, and the mixture is not what the table expects.',
  repair: 'Drain it, dispose of it legally, fill with fresh',
  source: 'rule of thumb',
  find: ({ walkAround: { tests } }) =>
    atMost(tests.fuelAgeS, { fit: 3 * MONTH_S, watch: 6 * MONTH_S }, (si) => fig(si, 'age', 1), {
      fit: (f) => say`${f}: fresh.`,
      watch: (f) => say`${f}: fill up with fresh fuel before the first start.`,
      repair: (f) => say`${f}: stale. Drain it before a new pump goes in.`,
    }),
}

export const TANK_INSIDE: FitnessTest = {
  id: 'tank-inside',
  title: 'Tank inside',
  entries: TEST_ENTRIES['tank-inside'],
  limit: say`clean`,
  how: 'Look through the sender hole from outside; wipe the floor with a lint-free rag on a wooden stick; cut the old filter open.',
  minutes: 20,
  cautions: [
    FUEL_OPEN,
    'Never weld, solder, drill or grind on or near a tank that has held fuel: have it cleaned, inerted and measured first, or leave it to a specialist.',
  ],
  because:
    'In a carburettor bowl rust settles. An injection pump circulates its whole flow all the time, dirt included, through a 10 micron filter and holes of tenths of a millimetre.',
  repair: 'Clean, coat or replace the tank',
  source: 'trade practice',
  find: ({ walkAround: { tests } }) =>
    byWord(tests.tankInside, {
      clean: ['fit', 'Clean.'],
      dust: ['watch', 'Flush it; carry a spare filter for the first hundred kilometres.'],
      rust: ['repair', 'Rust blocks the strainer and wears the pump within days.'],
      'old-sealant': ['repair', 'Old sealant lets go in modern fuel and wraps round the strainer.'],
    }),
}

export const COOLANT: FitnessTest = {
  id: 'coolant',
  title: 'Coolant flow and thermostat',
  entries: TEST_ENTRIES['coolant'],
  limit: say`brisk flow, thermostat within ${fig(5, 'count')} K of its figure`,
  how: 'Start cold with the cap off and watch. In a pan of water with a thermometer the thermostat shows its figure.',
  minutes: 25,
  cautions: ['Cap off only when cold; never open a hot system.'],
  because:
    'Warm-up fuel, closed loop and fan go by the coolant sensor. An engine that never warms up runs rich for ever; with no coolant flow the sensor reads wrong.',
  repair: 'Flush it, or replace pump or thermostat',
  source: 'trade practice',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      byWord(tests.coolantFlow, {
        brisk: ['fit', 'It flows.'],
        weak: ['watch', 'Weak flow: the sensor trails the head. Flush it.'],
        none: ['repair', 'No flow: the sensor would read a pocket, not the engine.'],
      }),
      byWord(tests.thermostatOpens, {
        'at-its-figure': ['fit', 'The thermostat opens at its figure.'],
        'early-or-late': ['watch', 'Fit a new thermostat with the sensor.'],
        stuck: ['repair', 'Stuck open, it never leaves warm-up; stuck shut, it boils.'],
      }),
    ]),
}

export const SHAFT_AND_LINKAGE: FitnessTest = {
  id: 'throttle',
  title: 'Throttle shaft and linkage',
  entries: TEST_ENTRIES['throttle'],
  limit: say`shaft up to ${fig(0.1e-3, 'bore', 2)}, linkage without slack`,
  how: 'Engine off: push the shaft across, pedal to the floor by hand and back, ten times.',
  minutes: 10,
  cautions: ['Engine off.'],
  because:
    'The ECU sets idle by the air past the plate and enriches by how fast it moves: slack hides your foot, a worn shaft is a leak, and a sticking throttle is dangerous with any system.',
  repair: 'Make the linkage free, with no slack',
  source: 'rule of thumb',
  find: ({ walkAround: { tests } }) =>
    worstFinding([
      atMost(tests.shaftPlayM, { fit: 0.1e-3, watch: 1e-3 }, (si) => fig(si, 'bore', 2), {
        fit: (f) => say`${f}: tight.`,
        watch: (f) =>
          say`${f}: it leaks air. The shaft goes with the carburettor, but a baseline taken with it is false.`,
        repair: (f) => say`${f}: the plate may jam in its bore.`,
      }),
      byWord(tests.linkagePlay, {
        none: ['fit', 'The linkage is free, with no slack.'],
        some: ['watch', 'Renew the joints with the new bracket: full travel and no slack.'],
        sticks: ['repair', 'Repair a sticking throttle before anything else.'],
      }),
    ]),
}
