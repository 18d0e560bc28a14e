import type { FUEL } from '../sections/fuel.ts'
import type { LINE } from '../sections/fuelLines.ts'
import type { FUEL_TANK } from '../sections/fuelTank.ts'
import type { Hows } from './hows.ts'

const SHEET = 'From the module’s data sheet, or with a rule beside it.'

const LINE_HOWS: Hows<typeof LINE> = {
  measuredBoreM:
    'The shank of the largest drill that just slides in. On an old line measure at a cut end, past the flare. A measured bore overrides the catalogue.',
  lengthM: 'String along the real route, from fitting to fitting, with enough slack to lower the tank.',
  riseM:
    'Height of the end above the start; negative if it is lower. With the car level: rail height above the floor less fuel level above the floor.',
  bends90: 'Count those near a right angle, angled fittings included.',
  bends45: 'Count those near half a right angle.',
  connectors: 'Count everything the fuel passes through: unions, tees, adapters.',
  legs: {
    item: {
      lengthM:
        'String along the real route, inside the bends, from sealing seat to sealing seat. Slack for the tank or the engine is added for you.',
      bends90: 'Count those near a right angle, angled fittings excluded.',
      bends45: 'Count those near half a right angle.',
      bendRadiusM: 'A washer or lid that just sits in the bend: half its diameter.',
      exhaustGapM: 'With the exhaust cold. Leave empty if it does not come near.',
      panels: 'Count the holes it goes through: each needs a grommet.',
    },
  },
}

const TANK_HOWS: Hows<typeof FUEL_TANK> = {
  hangerM: SHEET,
  mostHangerM: 'For hangers that telescope. Empty means fixed length.',
  floorClearanceM: 'Your decision: low enough to pick up the last fuel, high enough to miss the dirt.',
  hatHeightM: SHEET,
  fittingHeightM: 'To the highest edge of the hose ends on their spigots.',
  bendRadiusM: 'Radius of the hose that goes up and over. Zero if it leaves sideways.',
  tiltDeg: 'One edge goes into its straps first: how far the tank tilts then. Empty means 15°, rule of thumb.',
  hingeToHatM: 'With a rule on the tank, from the edge that goes up first.',
  swingRoomM: 'From the rim of the hat to the nearest rib or member, at the height of the fittings.',
  lowerM: 'How far the tank must come down before a hand reaches the fittings: the hoses get that much slack.',
  lowM3: 'What is left in it when the owner fills up, at worst.',
  floorLengthM: 'Inside, along the car: outside less two walls.',
  floorWidthM: 'Inside, across the car: outside less two walls.',
  fromFrontM: 'From the centre of the strainer, along the car.',
  fromLeftM: 'From the centre of the strainer, across the car.',
  pickUpHeightM: 'Depth of fuel needed over the strainer before it draws air.',
  potM3: 'Inside volume, up to the hole that fills it.',
  lossWK:
    'Rule of thumb: 15 watts per kelvin for each square metre of steel in moving air; half that where it is boxed in.',
  returnWarmerK: 'Two probes at the tank, one on the feed and one on the return, after half an hour.',
  hotDayK: 'Your decision: the hottest day it should cope with.',
  senderEmptyOhm: 'Ohmmeter on the sender, arm down.',
  senderFullOhm: 'The same, arm up.',
  gaugeEmptyOhm: 'A decade box in place of the sender: the value that puts the needle on empty.',
  gaugeFullOhm: 'The same, with the needle on full.',
}

export const FUEL_HOWS: Hows<typeof FUEL> = {
  secondEthanolShare:
    'Of a second fuel that goes in by turns, tested the same way. Leave it empty where there is only one.',
  ethanolShare:
    'Shake 100 mL of fuel with 10 mL of water in a graduated cylinder: what the water layer gains is ethanol. Fuel sold as E85 holds 51 to 83 %.',
  fuelTemperatureK: 'A probe in the filler neck after half an hour’s driving.',
  setPressurePa: 'Gauge at the rail, engine idling, reference hose off.',
  gaugeMostPa: 'The last figure on its scale. It must take the pump’s shut-off pressure.',
  pumpCount:
    'Two the same, each with its own check valve: twice the flow at the same pressure, twice the current and the heat. The second also gets the car home when one dies.',
  feed: LINE_HOWS,
  return: LINE_HOWS,
  suction: LINE_HOWS,
  vent: LINE_HOWS,
  oldLine: {
    outsideM: 'With a caliper, rust and paint off, in three places; enter the smallest.',
    wallM: 'At a cut, deburred end, with a caliper or ball micrometer.',
    provedPa:
      'Filled with water, all air bled out, pumped up by hand and left for five minutes: the pressure that did not fall.',
  },
  injectorCount: 'One per cylinder in the ports; two, four or more on a throttle body.',
  openingsPerCycle:
    'One cycle is two turns of the crank. Sequential 1, batch 2; throttle bodies often 4 or more. Set in the ECU.',
  lowV: 'Meter on the pump’s own two terminals, engine idling hot, lights, fan and heater on. Not at the battery: the wires drop some.',
  runningV: 'The same place at 2500 rpm, everything off.',
  highV: 'At the battery on a cold morning after a start: the highest figure you see.',
  reidPa:
    'For the fuel as you buy it, ethanol included. Set by season and law: summer petrol 45 to 60 kPa, winter petrol up to 100. The supplier or the national fuel standard states it. Winter fuel in a warm spring is the worst of the year.',
  altitudeM: 'The highest pass the owner drives: fuel boils sooner in thin air.',
  hotFuelK: 'A probe in the filler neck after an hour in traffic on a hot day.',
  inletHeadM: 'Low fuel level less the height of the inlet; negative if the pump sits higher and has to lift the fuel.',
  primeS: 'Set in the ECU; two to three seconds is usual.',
  railM3: 'Bore² x 0.785 x length of the rail, or filled from a syringe.',
  tank: TANK_HOWS,
}
