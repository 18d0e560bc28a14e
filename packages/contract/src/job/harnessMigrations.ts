import { copy, nulls, object, type JobMigration } from './migrationStep.ts'

/** What controllers say since version 10. */
export const CONTROLLERS_SAY_SINCE_10 = nulls('pinout')

export const addHarness: JobMigration = {
  id: '9-to-10: the harness, and the pins of an ECU',
  from: 9,
  up: (sections) => {
    const next = { ...sections }
    if (sections.system !== undefined) {
      const system = object(sections.system)
      if ('controller' in system)
        next.system = { ...system, controller: copy(system.controller, CONTROLLERS_SAY_SINCE_10) }
    }
    return {
      ...next,
      harness: {
        plan: null,
        places: [],
        corridors: [],
        devices: [],
        circuits: [],
        kitLeads: [],
        candidates: [],
        stretches: [],
        unit: nulls('limitK', 'sealed', 'lengthM', 'widthM', 'depthM', 'plugRoomM', 'holesLengthM', 'holesWidthM'),
        design: {
          separation: 'clean-from-dirty',
          colours: 'by-function',
          build: 'own-loom',
          tiedAtBack: null,
          tuningCable: null,
          displayFitted: null,
          roadSpeed: null,
          pulsesPerRev: null,
        },
        loom: null,
      },
    }
  },
}

export const addBenchWork: JobMigration = {
  id: '10-to-11: runs beside sources, pins of plugs, old wires, cutting, board and proof of the loom',
  from: 10,
  up: (sections) => ({
    ...sections,
    harness: {
      ...object(sections.harness),
      crossings: [],
      pins: [],
      oldWires: [],
      noise: nulls('shieldEarth', 'pickUpPolarity', 'pickUpCrankV', 'pickUpNeedsV'),
      cut: nulls('spoolM', 'covering'),
      board: nulls('widthM'),
      proof: { done: [], off: [], asked: [] },
    },
  }),
}
