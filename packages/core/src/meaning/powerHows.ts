import type { POWER, POWER_WIRE } from '../sections/power.ts'
import type { Hows } from './hows.ts'

const WIRE: Hows<typeof POWER_WIRE> = {
  lengthM: 'String along the real route, terminal to terminal, one way.',
  fuseA: 'Stamped on the fuse. It protects the wire, not the device.',
  loadedWires:
    'Those of its bundle that carry current at the same time, itself among them; lightly loaded ones need not count.',
  crankDropV:
    'Meter end to end along the wire, terminal to terminal, while somebody cranks with fuel and ignition off. It decides over length and size.',
}
const CLAMP = 'DC clamp meter round its live wire, engine running.'

export const POWER_HOWS: Hows<typeof POWER> = {
  generator: {
    regulatorV: 'Meter on the generator’s terminals at 2500 rpm, warm, everything off.',
    cutInRpm: 'Raise the engine slowly until the charging lamp goes out: crank speed times the pulley ratio.',
    output: {
      item: {
        speedRpm: 'Of its own shaft: crank speed times the pulley ratio.',
        currentA: 'From a test bench, or by clamp meter with everything switched on.',
      },
    },
  },
  old: {
    keyedWires: {
      item: {
        offV: 'Key off, engine stopped: anything above a tenth of a volt is back-feed.',
        runV: 'Key on, with a lamp of some 20 W on it: an unloaded wire reads well through a bad joint.',
        startV: 'While somebody cranks with the ignition disabled, the same lamp on it.',
        postsV:
          'A second meter on the battery’s terminals in the same start: it tells a wrong wire from a weak battery.',
      },
    },
    box: { item: { ratingA: 'Stamped on the fuse that belongs there.' } },
  },
  starter: { powerW: 'Stamped on it, or from its number. Empty means a typical one.' },
  loads: {
    ecuW: 'From its data sheet: the ECU alone, without injectors and coils.',
    headlampsW: 'Stamped on the bulbs: both together, the pair that draws more.',
    sideLampsW: 'Stamped on the bulbs: all of them together.',
    blowerA: CLAMP,
    wipersA: CLAMP,
    ignitionA: CLAMP,
    fanA: 'Clamp meter once it runs steadily; its inrush is three to four times that.',
    heaterW: 'From the sensor’s data sheet.',
    gaugesA: CLAMP,
    restA: 'Meter in series with the battery’s earth cable, key off, after half an hour.',
  },
  relay: {
    pullInV: 'From its data sheet, at 20 °C.',
    dropOutV: 'From its data sheet, at 20 °C.',
    coilOhm: 'Meter across its coil, cold.',
    coilK: 'How hot it gets where it sits: a warm coil needs more volts.',
  },
  leastCrankRpm: 'Slowest mean cranking speed at which this engine starts.',
  wires: {
    starterCable: WIRE,
    batteryEarth: WIRE,
    engineStrap: WIRE,
    bodyStrap: WIRE,
    chargeCable: WIRE,
    oldFeed: WIRE,
    lightsFeed: WIRE,
    ignitionFeed: WIRE,
    ecuFeed: WIRE,
    ecuEarth: WIRE,
    keyedFeed: WIRE,
    pumpFeed: WIRE,
    pumpEarth: WIRE,
    fanFeed: WIRE,
    fanEarth: WIRE,
  },
}
