import type { ENGINE_TOP_IGNITION } from '../sections/engineTopIgnition.ts'
import type { ENGINE_TOP_SENSORS } from '../sections/engineTopSensors.ts'
import type { ENGINE_TOP_VACUUM } from '../sections/engineTopVacuum.ts'
import type { Hows } from './hows.ts'

const GAP = 'Brass feeler between sensor and tooth, engine turned by hand a quarter turn at a time.'
const POINT_K = 'A row of the sensor’s sheet; or iced water, hand-warm water and boiling water with a thermometer.'
const POINT_OHM = 'The same row of the sheet; or a multimeter across the sensor in that water.'

export const ENGINE_TOP_VACUUM_HOWS: Hows<typeof ENGINE_TOP_VACUUM> = {
  ports: { item: { boreM: 'A drill shank that just slides in, or the caliper’s inside jaws.' } },
  consumers: {
    item: {
      boreM: 'Inside of the pipe that the hose goes on.',
      mostLengthM: 'From the sheet of the part; pressure sensor 600 mm, rule of thumb.',
    },
  },
  hoses: { item: { lengthM: 'Welding wire laid as the hose would run, then straightened along a rule.' } },
  stoppedPa: 'ECU’s reading with the key on and the engine stopped: the barometer.',
  idleLowPa: 'Lowest reading in ten seconds of steady, warm idle.',
  idleHighPa: 'Highest reading in the same ten seconds.',
  gaugePa: 'Vacuum gauge on another port of full vacuum, at the same idle.',
}

export const ENGINE_TOP_SENSORS_HOWS: Hows<typeof ENGINE_TOP_SENSORS> = {
  coolant: {
    sensorK: 'ECU’s reading after ten minutes of warm idle.',
    gaugeK: 'Infrared or contact thermometer on the metal beside the gauge’s sender, at the same time.',
  },
  wheel: {
    teeth: 'Count teeth and the gap: a wheel of 35 teeth with one missing counts 36.',
    missing: 'Teeth left out at the gap.',
    diameterM: 'Caliper over the teeth.',
    gapAM: GAP,
    gapBM: GAP,
    gapCM: GAP,
    gapDM: GAP,
    toothAtTop:
      'Number one at top dead centre by a piston stop; count from the first tooth behind the gap, against the way it turns.',
    wantsDeg: 'From the ECU’s manual for this wheel.',
    mostRpm: 'Rev limit that will be set.',
    signalV: 'Oscilloscope, or a multimeter on AC volts times 1.4, at a steady speed.',
    signalRpm: 'Speed while the signal was measured.',
    needsV: 'From the ECU’s manual: smallest signal that its input triggers on.',
    inputHz: 'From the ECU’s manual.',
  },
  holes: {
    item: {
      acrossM: 'Caliper across the lug or wall, at its narrowest.',
      depthM: 'Depth rule to what lies behind, or the drawing of the casting.',
      sensorThreadM: 'Caliper from the tip of the thread to the face that seals.',
    },
  },
  thermistors: {
    item: {
      coldK: POINT_K,
      coldOhm: POINT_OHM,
      warmK: POINT_K,
      warmOhm: POINT_OHM,
      hotK: POINT_K,
      hotOhm: POINT_OHM,
      biasOhm: 'From the ECU’s manual; often 2,490 ohms, rule of thumb.',
      supplyV: 'From the ECU’s manual; 5 V is usual.',
      bits: 'From the ECU’s manual; 10 is usual.',
      ambientK: 'Thermometer beside the sensor, after a night in the same place.',
      ambientOhm: 'Multimeter across the sensor, unplugged, at that temperature.',
    },
  },
}

export const ENGINE_TOP_IGNITION_HOWS: Hows<typeof ENGINE_TOP_IGNITION> = {
  canDeg: 'Timing light at steady speed: with the can’s hose sucked by a hand pump, less without.',
  leastDeg: 'Smallest figure in the spark table, cranking included.',
  mostDeg: 'Largest figure in the spark table, vacuum advance included.',
  tipDeg: 'Width of the tip over its radius, or paper wrapped round: degrees of the distributor.',
  terminalDeg: 'Width of the terminal over its radius inside the cap: degrees of the distributor.',
  pastDeg: 'Old cap with a window, timing light: middle of rotor to middle of terminal, in the way it turns; before it is negative.',
  seenAtDeg: 'Timing light at the crank mark at the same time.',
  referenceDeg: 'Reference angle of the pick-up in the ECU’s settings, as it is now: crank degrees before top dead centre.',
  proved: { item: { leadsTo: 'Continuity from the loom’s end to the plug; number of the cylinder that plug is at.' } },
} // prettier-ignore
