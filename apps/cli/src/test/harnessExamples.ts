/** One case of each calculator of the harness station. */
export const HARNESS_EXAMPLES: Record<string, unknown> = {
  // By hand: 20 for the place, 0.2 to lay, 0.1 of wire, 4 to open, 0.6 of bundle, 3 to cross.
  'harness-route': {
    corridors: [{ id: 'hole', from: 'bay', to: 'cabin', lengthM: 0.1, temperatureK: 333, hole: { boreM: 0.02 } }],
    circuits: [{ id: 'coolant', from: 'bay', to: 'unit', class: 'quiet', diameterM: 0.0016, limitK: 398 }],
    unit: { limitK: 358, candidates: [{ id: 'dash', place: 'cabin', temperatureK: 318, minutes: 20 }] },
    rates: { lay: 2, wire: 1, open: 4, bundle: 6, heat: 8, wet: 5, cross: 3, repin: 10, fold: 1 },
  },
  // Seven equal wires: 3.17 diameters by the usual formula, 3 ideally packed.
  'bundle-diameter': { diametersM: Array(7).fill(0.002), coveringM: 0.0005 },
  'pass-through': { boreM: 0.02, diametersM: Array(30).fill(0.002), plugsM: [0.022, 0.018] },
  'kit-reach': {
    branches: [
      { id: 'coolant sensor', reachM: 1.2, pathM: 1, leadsM: 0.2 },
      { id: 'injector 1', reachM: 2, pathM: 1.1 },
    ],
    slack: { share: 0.04, perEndM: 0.1 },
  },
  // By hand: strength 10, 0.4 m at 20 mm, shielded a tenth, at a scale of 100 mm: 2.
  'noise-exposure': {
    victims: [
      {
        id: 'crank sensor',
        class: 'pick-up',
        shielded: true,
        runs: [
          { beside: 'ignition', lengthM: 0.4, spacingM: 0.02 },
          { beside: 'motor', lengthM: 1, spacingM: 0.02, angleDeg: 90 },
        ],
      },
    ],
  },
  'form-board': {
    branches: [
      { id: 'trunk', from: 'bulkhead', to: 'engine', lengthM: 0.9, wires: 20 },
      { id: 'coolant', from: 'engine', to: 'coolant sensor', lengthM: 0.25, wires: 2 },
      { id: 'throttle', from: 'engine', to: 'throttle sensor', lengthM: 0.3, wires: 3 },
    ],
  },
  // Injectors one and two are in each other’s place: both are silent, and one rings at two.
  'continuity-plan': {
    wires: [
      { id: 'injector 1', from: 'ECU:1', to: 'injector 1:1' },
      { id: 'injector 2', from: 'ECU:2', to: 'injector 2:1' },
      { id: 'feed', from: 'ECU:9', to: 'battery:1' },
    ],
    supply: ['feed'],
    read: {
      wrong: ['rings ECU:1 injector 1:1', 'rings ECU:2 injector 2:1'],
      asked: [
        { clip: ['ECU:2'], probe: ['injector 1:1'], rang: true },
        { clip: ['ECU:1'], probe: ['injector 2:1'], rang: true },
      ],
    },
  },
}
