import type { HARNESS } from '../sections/harness.ts'
import type { Hows } from './hows.ts'

const BOX = 'Tape in the place itself, brackets and trim in the way counted out.'
const CASE = 'Rule over the case, without plug and bracket.'

export const HARNESS_HOWS: Hows<typeof HARNESS> = {
  places: {
    item: {
      fromFrontM: 'Tape along the car from the front bumper.',
      fromMiddleM: 'Tape across the car from the middle; to the left is positive.',
    },
  },
  corridors: {
    item: {
      lengthM: 'String along the way the loom will lie, from one place to the other.',
      hottestK: 'Thermometer strip on the panel over a long hot run and half an hour’s soak.',
      roomM: 'Push rods of known diameter through the tightest point.',
      clipM: 'Largest gap between two clip points: 200 to 300 mm is usual.',
      boreM: 'Inside of the grommet; without one, the hole itself.',
      takenM: 'Across the bundle that is in it already.',
    },
  },
  devices: {
    item: {
      alongM: 'String from the corridor’s first end.',
      leadM: 'String from the loom to the plug, with a loop to take it off.',
      plugM: 'Across the diagonal of its plug, with the catch.',
      ways: 'Count the cavities of its plug.',
      plugKg: 'Kitchen scales: plug and whatever hangs free on the lead.',
      longestM: 'Across the longest side, with its bezel.',
      placeRoomM: 'Free length where it should go.',
    },
  },
  circuits: { item: { currentA: 'From the device’s data sheet, or by clamp meter.' } },
  kitLeads: { item: { reachM: 'Tape along the lead from the ECU’s connector to its plug, straightened.' } },
  candidates: {
    item: {
      hottestK: 'Thermometer strip there over a long hot run and half an hour’s soak.',
      workS: 'Bracket, holes and trim, and half of what reaching it costs in later years.',
      roomLengthM: BOX,
      roomWidthM: BOX,
      roomDepthM: BOX,
    },
  },
  unit: {
    limitK: 'From its data sheet; 85 °C is common.',
    lengthM: CASE,
    widthM: CASE,
    depthM: CASE,
    plugRoomM: 'From the case to the end of the bend: plug, and four times the loom’s diameter.',
    holesLengthM: 'Centre to centre.',
    holesWidthM: 'Centre to centre; 0 for two holes in a line.',
  },
  design: { pulsesPerRev: 'Stamped on the adapter, or counted while its shaft is turned once.' },
  crossings: {
    item: {
      lengthM: 'Tape along the wire, as far as the two lie within a hand of each other.',
      spacingM: 'Between the two where they are nearest, from middle to middle.',
      endSpacingM: 'Where the run ends, if they draw apart.',
      angleDeg: 'Between the two from above: 90° where they cross squarely, 0 side by side.',
    },
  },
  noise: {
    pickUpCrankV:
      'Scope across the pick-up’s two wires while cranking, plug off the ECU: half of what lies between its peaks.',
    pickUpNeedsV: 'From the ECU’s data sheet; 0.3 to 0.5 V is common.',
  },
  cut: { spoolM: 'As the dealer sells it: 25 m is common.' },
  board: { widthM: 'Tape across the sheet that the loom is made on; 2.4 m is a whole one.' },
  loom: {
    wires: {
      item: {
        lengthM: 'Computed as the loom was accepted: the way, both leads and slack.',
        hottestK: 'Computed as the loom was accepted.',
        loadedWires: 'Counted as the loom was accepted.',
      },
    },
  },
}
