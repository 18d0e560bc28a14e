import type { WalkGroup } from '../fieldTypes.ts'

export const IGNITION: WalkGroup = {
  id: 'ignition',
  title: 'Ignition',
  entries: [
    {
      kind: 'choice',
      path: 'walkAround.ignition.kind',
      label: 'Kind of ignition',
      options: [
        ['points', 'Points'],
        ['breakerless', 'Breakerless module'],
        ['external-box', 'External box'],
        ['controlled-distributor', 'Controlled distributor'],
        ['crank-triggered', 'Crank triggered'],
      ],
      need: 3,
      neededFor: 'timing control and trigger',
    },
    {
      kind: 'choice',
      path: 'walkAround.ignition.advance',
      label: 'Advance',
      options: [
        ['mechanical', 'Weights only'],
        ['mechanical-and-vacuum', 'Weights and vacuum'],
        ['fixed', 'None, or locked'],
      ],
      how: 'Turn the rotor by hand: if it springs back there are weights. A capsule with a hose is the vacuum advance.',
      need: 2,
      neededFor: 'locking out the distributor',
      relevant: (j) => j.walkAround.ignition.kind !== 'crank-triggered',
    },
    {
      kind: 'seen',
      path: 'walkAround.ignition.coilResistor',
      label: 'Resistor or resistance wire to the coil',
      how: 'Engine running, measure from coil plus to battery minus: 6 to 9 V means yes. That wire must never feed a controller.',
      need: 2,
      neededFor: 'keyed feed',
    },
    {
      kind: 'seen',
      path: 'walkAround.ignition.suppressedLeads',
      label: 'Suppressed plug leads',
      how: 'Some 5 to 20 kΩ from end to end, printed on the lead; solid wire shows near none.',
      need: 2,
      neededFor: 'noise on sensor leads',
    },
  ],
}

export const COOLING: WalkGroup = {
  id: 'cooling',
  title: 'Cooling',
  entries: [
    {
      kind: 'choice',
      path: 'walkAround.cooling.fan',
      label: 'Fan',
      options: [
        ['belt', 'By belt'],
        ['electric', 'Electric'],
      ],
      need: 2,
      neededFor: 'outputs and current',
    },
    {
      kind: 'figure',
      path: 'walkAround.cooling.thermostatK',
      label: 'Thermostat opens at',
      family: 'temperature',
      how: 'Stamped on its flange, or in a pan of water with a thermometer.',
      need: 1,
      neededFor: 'closed loop and warm-up',
    },
    {
      kind: 'choice',
      path: 'walkAround.cooling.sparePort',
      label: 'Spare port for a sensor',
      options: [
        ['flowing', 'In the flow'],
        ['dead-end', 'Dead end only'],
        ['none', 'None'],
      ],
      how: 'A port in the thermostat housing or crossover feels the flow. In a dead end the sensor reads tens of degrees off.',
      need: 2,
      neededFor: 'coolant sensor',
    },
    {
      kind: 'choice',
      path: 'walkAround.cooling.gauge',
      label: 'Temperature gauge',
      options: [
        ['electric', 'Electric'],
        ['capillary', 'Capillary tube'],
        ['lamp', 'Lamp'],
        ['none', 'None'],
      ],
      need: 1,
      neededFor: 'a sender of its own',
    },
  ],
}

export const GEARBOX: WalkGroup = {
  id: 'gearbox',
  title: 'Gearbox and throttle linkage',
  entries: [
    {
      kind: 'choice',
      path: 'walkAround.gearbox.kind',
      label: 'Gearbox',
      options: [
        ['manual', 'Manual'],
        ['manual-overdrive', 'Manual with overdrive'],
        ['automatic', 'Automatic'],
      ],
      need: 2,
      neededFor: 'kickdown and outputs',
    },
    {
      kind: 'choice',
      path: 'walkAround.gearbox.linkage',
      label: 'Throttle linkage',
      options: [
        ['rod', 'Rods'],
        ['cable', 'Cable'],
        ['hydraulic', 'Hydraulic'],
      ],
      need: 2,
      neededFor: 'throttle travel',
    },
    {
      kind: 'choice',
      path: 'walkAround.gearbox.kickdown',
      label: 'Kickdown',
      options: [
        ['none', 'None'],
        ['rod', 'Rod'],
        ['cable', 'Cable'],
        ['electric', 'Switch'],
        ['throttle-valve-cable', 'Throttle-valve cable'],
      ],
      how: 'A throttle-valve cable sets the pressure in the gearbox: wrong geometry can cost the gearbox. Note its travel from idle to full.',
      need: 3,
      neededFor: 'the gearbox staying whole',
      relevant: (j) => j.walkAround.gearbox.kind === 'automatic',
    },
    {
      kind: 'seen',
      path: 'walkAround.gearbox.electronic',
      label: 'Electronically shifted',
      need: 2,
      neededFor: 'controller outputs',
      relevant: (j) => j.walkAround.gearbox.kind === 'automatic',
    },
  ],
}

export const BONNET_AND_CABIN: WalkGroup = {
  id: 'room',
  title: 'Room under the bonnet and in the cabin',
  entries: [
    {
      kind: 'figure',
      path: 'walkAround.bonnet.stackM',
      label: 'Pad to top of air cleaner',
      family: 'bore',
      how: 'A rule from the carburettor pad to the highest point, nut and all.',
      drawing: 'bonnet-clay',
      need: 2,
      neededFor: 'height of the new stack',
    },
    {
      kind: 'figure',
      path: 'walkAround.bonnet.gapM',
      label: 'Gap to the closed bonnet',
      family: 'bore',
      how: 'A lump of soft clay on the highest point, bonnet closed gently, lump measured. At several places; the least counts.',
      drawing: 'bonnet-clay',
      need: 2,
      neededFor: 'height of the new stack',
    },
    {
      kind: 'choice',
      path: 'walkAround.cabin.controllerPlace',
      label: 'Dry place for a controller',
      options: [
        ['under-dash', 'Under the dash'],
        ['under-seat', 'Under a seat'],
        ['boot', 'In the boot'],
        ['bay-only', 'Only in the bay'],
      ],
      need: 2,
      neededFor: 'harness reach',
    },
    {
      kind: 'figure',
      path: 'walkAround.cabin.bulkheadHoleM',
      label: 'Free bulkhead hole',
      family: 'bore',
      how: 'Bore of a hole that a grommet and a loom could take; 0 where one must be cut.',
      need: 1,
      neededFor: 'passing the loom',
    },
  ],
}
