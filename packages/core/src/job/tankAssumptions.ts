import type { Default } from './default.ts'
import { fuelLoopOf, pumpInTank } from './choices.ts'
import type { JobDocument } from './jobDocument.ts'

const THUMB = 'rule of thumb'
const withModule = (job: JobDocument) => pumpInTank(job)
const withReturn = (job: JobDocument) => fuelLoopOf(job) === 'return'
const sheet = 'as a usual hanger; the sheet says'
/** Nothing is asked of tank and vapour before anything of the fuel design stands. */
const begun = (job: JobDocument) => job.fuel.pump !== null

/** Tank, vapour and prime: asked for after the circuit itself. House assumptions, shown wherever they are used. */
export const TANK_DEFAULTS = {
  'fuel.reidPa': {
    label: 'Reid vapour pressure',
    family: 'pressure',
    why: 'summer petrol; winter petrol has up to 100 kPa',
    read: (j) => j.fuel.reidPa,
    assume: () => 60e3,
    matters: begun,
  },
  'fuel.altitudeM': {
    label: 'Highest place it shall run',
    family: 'distance',
    why: 'a mountain pass',
    read: (j) => j.fuel.altitudeM,
    assume: () => 1500,
    matters: begun,
  },
  'fuel.hotFuelK': {
    label: 'Hottest fuel in the tank',
    family: 'temperature',
    why: 'a hot day, low tank',
    read: (j) => j.fuel.hotFuelK,
    assume: () => 318.15,
    matters: begun,
  },
  'fuel.inletHeadM': {
    label: 'Fuel above the pump’s inlet, tank low',
    family: 'bore',
    why: 'hanging pump: just covered; in-line: level with the fuel',
    read: (j) => j.fuel.inletHeadM,
    assume: (j) => (pumpInTank(j) ? 0.02 : 0),
    matters: begun,
  },
  'fuel.primeS': {
    label: 'Pump run at key-on',
    family: 'time',
    why: 'two to three seconds are usual',
    read: (j) => j.fuel.primeS,
    assume: () => 2,
    matters: begun,
  },
  'fuel.railM3': {
    label: 'Volume of the rail',
    family: 'volume',
    why: 'throttle body 60 cm³, port rail 120 cm³',
    read: (j) => j.fuel.railM3,
    assume: (j) => (j.system.chosen?.injection === 'port' || j.fuel.injectionPlace === 'port' ? 120e-6 : 60e-6),
    matters: begun,
  },
  'walkAround.tank.volumeM3': {
    label: 'Tank, when full',
    family: 'volume',
    why: 'a middling car',
    read: (j) => j.walkAround.tank.volumeM3,
    assume: () => 50e-3,
    matters: begun,
  },
  'fuel.tank.hangerM': {
    label: 'Hanger under the hat',
    family: 'bore',
    why: sheet,
    read: (j) => j.fuel.tank.hangerM ?? j.fuel.pump?.hangerM ?? null,
    assume: () => 0.25,
    matters: withModule,
  },
  'fuel.tank.floorClearanceM': {
    label: 'Sock to the tank’s floor',
    family: 'bore',
    why: '5 to 10 mm, sprung: rule of thumb',
    read: (j) => j.fuel.tank.floorClearanceM,
    assume: () => 0.008,
    matters: withModule,
  },
  'fuel.tank.hatHeightM': {
    label: 'Hat above the tank',
    family: 'bore',
    why: sheet,
    read: (j) => j.fuel.tank.hatHeightM ?? j.fuel.pump?.hatHeightM ?? null,
    assume: () => 0.025,
    matters: withModule,
  },
  'fuel.tank.fittingHeightM': {
    label: 'Fittings above the hat',
    family: 'bore',
    why: 'a 90° end leaving sideways',
    read: (j) => j.fuel.tank.fittingHeightM,
    assume: () => 0.02,
    matters: withModule,
  },
  'fuel.tank.bendRadiusM': {
    label: 'Bend above the fittings',
    family: 'bore',
    why: 'hose leaves sideways: no bend above',
    read: (j) => j.fuel.tank.bendRadiusM,
    assume: () => 0,
    matters: withModule,
  },
  'fuel.tank.lowerM': {
    label: 'Tank let down with the hoses on',
    family: 'bore',
    why: 'a hand’s breadth to reach the fittings',
    read: (j) => j.fuel.tank.lowerM,
    assume: () => 0.12,
    matters: begun,
  },
  'fuel.tank.lowM3': {
    label: 'Fuel at which it must still run',
    family: 'volume',
    why: 'a sixth of the tank',
    read: (j) => j.fuel.tank.lowM3,
    assume: (j) => (j.walkAround.tank.volumeM3 ?? 50e-3) / 6,
    matters: begun,
  },
  'fuel.tank.lossWK': {
    label: 'Heat the tank passes on to the air',
    family: 'heatLoss',
    why: '1 m² of steel in moving air, 15 W/(m² K): rule of thumb',
    read: (j) => j.fuel.tank.lossWK,
    assume: () => 15,
    matters: begun,
  },
  'fuel.tank.returnWarmerK': {
    label: 'Fuel comes back warmer by',
    family: 'warming',
    why: 'through a warm bonnet: rule of thumb',
    read: (j) => (withReturn(j) ? j.fuel.tank.returnWarmerK : 0),
    assume: () => 3,
    matters: begun,
  },
  'fuel.tank.hotDayK': {
    label: 'Air on a hot day',
    family: 'temperature',
    why: THUMB,
    read: (j) => j.fuel.tank.hotDayK,
    assume: () => 303.15,
    matters: begun,
  },
  'fuel.tank.pickUpHeightM': {
    label: 'Depth the pick-up needs',
    family: 'bore',
    why: 'flat sock on the floor',
    read: (j) => j.fuel.tank.pickUpHeightM,
    assume: () => 0.012,
    matters: begun,
  },
} satisfies Record<string, Default>
