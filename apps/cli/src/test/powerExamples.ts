const battery = { standard: 'en', coldCrankA: 510, restingV: 12.7 }

/** One case of each calculator of the power station. */
export const POWER_EXAMPLES: Record<string, unknown> = {
  // 12 V behind 0.1 ohm, 1.1 ohm drawn through 0.1 ohm out and back: 12/1.4 A.
  'dc-network': {
    reference: 'm',
    sources: [{ id: 'battery', kind: 'battery', pos: 'p', neg: 'm', openCircuitV: 12, resistanceOhm: 0.1 }],
    wires: [
      { id: 'out', from: 'p', to: 'x', resistanceOhm: 0.1 },
      { id: 'back', from: 'y', to: 'm', resistanceOhm: 0.1 },
    ],
    loads: [{ id: 'lamp', kind: 'resistance', pos: 'x', neg: 'y', ohm: 1.1 }],
  },
  'crank-sag': {
    battery,
    temperatureK: 263.15,
    engine: { displacementM3: 2e-3, cylinders: 4, boreM: 0.086, strokeM: 0.086 },
    starterCableOhm: 0.002,
    earthOhm: 0.002,
    ecu: { feedOhm: 0.01, earthOhm: 0.01, leastV: 6.5 },
  },
  battery: { ...battery, temperatureK: 255.15 },
  // 3 mm² by hand: 9 m at 6.15 mohm/m and 45 °C, terminals 4 mohm, 8 A: 0.52 V.
  'wire-size': { currentA: 8, lengthM: 9, limitV: 0.6, ambientK: 318.15, loadedWires: 2, fuseA: 15 },
  fuse: {
    continuousA: 6,
    wire: { sectionM2: 2.5e-6, ohm: 0.04, ambientK: 318.15 },
    inrush: { peakA: 18, tauS: 0.05 },
  },
  'relay-hold': { pullInV: 7.2, dropOutV: 2.5, coilOhm: 85, coilK: 358.15, supplyV: 12.5, sagV: 8, damping: 'diode' },
  'earth-lift': { sensor: 'coolant', returnV: 0.35, sensorEarthV: 0.05 },
  'charging-balance': {
    battery: { ...battery, capacityC: 216_000 },
    generator: {
      output: [
        { speedRpm: 1000, currentA: 0 },
        { speedRpm: 2000, currentA: 22 },
        { speedRpm: 6000, currentA: 45 },
      ],
      pulleyRatio: 2,
    },
    drives: [
      { name: 'idle at night', engineRpm: 800, loadA: 32 },
      { name: 'road', engineRpm: 2800, loadA: 20 },
    ],
  },
}
