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
}
