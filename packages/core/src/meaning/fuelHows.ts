import type { FUEL } from '../sections/fuel.ts'
import type { LINE } from '../sections/fuelLines.ts'
import type { FUEL_TANK } from '../sections/fuelTank.ts'
import type { Hows } from './hows.ts'

const SHEET = 'From the sheet of the hanger, else with a rule beside it.'

const LINE_HOWS: Hows<typeof LINE> = {
  measuredBoreM:
    'The shank of a drill that just slides in. On an old line measure at a cut end, past the flare. A measured bore counts before the catalogue’s.',
  lengthM: 'A string along the real path, from fitting to fitting, with slack enough to lower the tank.',
  riseM:
    'Height of the end above the start; a minus where it lies lower. With the car level: rail above the floor less fuel level above the floor.',
  bends90: 'Count those of about a right angle, angled ends among them.',
  bends45: 'Count those of about half a right angle.',
  connectors: 'Count what the fuel has to pass: unions, tees, adapters.',
  legs: {
    item: {
      lengthM:
        'A string along the real path, inside of the bends, from sealing seat to sealing seat. Slack for the tank or the engine is added by itself.',
      bends90: 'Count those of about a right angle, angled ends left out.',
      bends45: 'Count those of about half a right angle.',
      bendRadiusM: 'A washer or lid that just lies in the bend: half its diameter.',
      exhaustGapM: 'With the exhaust cold. Empty where it does not come near.',
      panels: 'Count the holes it goes through: each takes a grommet.',
    },
  },
}

const TANK_HOWS: Hows<typeof FUEL_TANK> = {
  hangerM: SHEET,
  mostHangerM: 'For hangers that telescope. Empty: it cannot be drawn out.',
  floorClearanceM: 'Decided: near enough to drink, far enough from the dirt.',
  hatHeightM: SHEET,
  fittingHeightM: 'To the highest edge of the ends on their spigots.',
  bendRadiusM: 'Radius of the hose that goes up and over. Nothing where it leaves sideways.',
  tiltDeg: 'One edge in its straps first: by how much the tank then hangs askew. Empty: 15°, rule of thumb.',
  hingeToHatM: 'With a rule on the tank, from the edge that goes up first.',
  swingRoomM: 'From the rim of the hat to the next rib or member, at the height of the fittings.',
  lowerM: 'How far it must come down before a hand reaches the ends: so much slack the hoses get.',
  lowM3: 'What is in it when the owner fills up at the latest.',
  floorLengthM: 'Inside, along the car: outside less two walls.',
  floorWidthM: 'Inside, across the car: outside less two walls.',
  fromFrontM: 'From the middle of the sock, along the car.',
  fromLeftM: 'From the middle of the sock, across the car.',
  pickUpHeightM: 'Fuel that must stand over the sock before it draws air.',
  potM3: 'Its inside, up to the hole that fills it.',
  lossWK:
    'Rule of thumb: 15 watts a kelvin for a square metre of steel in moving air; half of that where it is boxed in.',
  returnWarmerK: 'Two probes, one on the feed at the tank and one on the return there, after half an hour.',
  hotDayK: 'Decided: the hottest day it shall be driven on.',
  senderEmptyOhm: 'An ohmmeter on the sender, its arm down.',
  senderFullOhm: 'The same, its arm up.',
  gaugeEmptyOhm: 'A decade box in place of the sender: what makes the needle stand at empty.',
  gaugeFullOhm: 'The same, with the needle at full.',
}

export const FUEL_HOWS: Hows<typeof FUEL> = {
  ethanolShare:
    'Shake 100 mL of fuel with 10 mL of water in a graduated cylinder: what the water gains is the ethanol. What a pump calls E85 holds 51 to 83 %.',
  fuelTemperatureK: 'A probe in the filler after half an hour of driving.',
  setPressurePa: 'With the reference hose off, engine idling, a gauge at the rail.',
  gaugeMostPa: 'The last figure on its scale. It has to stand what the pump reaches with the line closed.',
  pumpCount:
    'Two alike, each behind its own check valve: twice the flow at the same pressure, twice the current and the heat. The second also keeps a car going when one dies.',
  feed: LINE_HOWS,
  return: LINE_HOWS,
  suction: LINE_HOWS,
  vent: LINE_HOWS,
  oldLine: {
    outsideM: 'With a caliper, rust and paint off, at three places; the least.',
    wallM: 'At a cut end, deburred, with a caliper or a ball micrometer.',
    provedPa:
      'Filled with water, no air in it, pressed with a hand pump for five minutes: the pressure that did not fall.',
  },
  injectorCount: 'One a cylinder in the ports; two, four or more on a throttle body.',
  openingsPerCycle:
    'Two turns of the crank are one cycle. Sequential 1, batch 2; throttle bodies often 4 or more. The controller sets it.',
  lowV: 'Meter on the pump’s own two terminals, engine idling hot, lights, fan and heater on. Not at the battery: the wires take their share.',
  runningV: 'The same place at 2500 rpm without the consumers.',
  highV: 'At the battery on a cold morning after a start: the largest figure you see.',
  reidPa:
    'Of the fuel as you buy it, its ethanol included. By season and law: summer petrol 45 to 60 kPa, winter petrol up to 100. The seller or the fuel standard of the country states it. Winter fuel in a warm spring is the worst of the year.',
  altitudeM: 'The highest pass the owner drives: air lets the fuel boil sooner there.',
  hotFuelK: 'A probe in the filler after an hour in traffic on a hot day.',
  inletHeadM: 'Level of the low fuel less the height of the inlet; a minus where the pump sits higher and has to lift.',
  primeS: 'Set in the controller; two to three seconds are usual.',
  railM3: 'Bore² x 0.785 x length of the rail, or filled from a syringe.',
  tank: TANK_HOWS,
}
