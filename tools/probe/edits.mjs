// @ts-check
/** What adding a station changes in files that exist: each text is put right after a line that is there. */
/** @type {{ file: string, after: string, add: string }[]} */
export const EDITS = [
  // The document.
  {
    file: 'packages/core/src/job/jobDocument.ts',
    after: "import { FUEL } from '../sections/fuel.ts'\n",
    add: "import { LIGHTS } from '../sections/lights.ts'\n",
  },
  { file: 'packages/core/src/job/jobDocument.ts', after: '  exhaust: EXHAUST,\n', add: '  lights: LIGHTS,\n' },
  { file: 'packages/core/src/sections/work.ts', after: "export const STATIONS = ['walkAround', 'system', 'fuel', 'exhaust'", add: ", 'lights'" }, // prettier-ignore
  // What its places are called and how they are measured.
  {
    file: 'packages/core/src/meaning/tables.ts',
    after: "import { FUEL_LABELS } from './fuelLabels.ts'\n",
    add: "import { LIGHTS_HOWS, LIGHTS_LABELS } from './lightsTable.ts'\n",
  },
  {
    file: 'packages/core/src/meaning/tables.ts',
    after: '  exhaust: EXHAUST_LABELS,\n',
    add: '  lights: LIGHTS_LABELS,\n',
  },
  { file: 'packages/core/src/meaning/tables.ts', after: '  exhaust: EXHAUST_HOWS,\n', add: '  lights: LIGHTS_HOWS,\n' },
  // The registry.
  {
    file: 'packages/core/src/stations/registry.ts',
    after: "import { FUEL_STATION } from './fuel/index.ts'\n",
    add: "import { LIGHTS_STATION } from './lights/index.ts'\n",
  },
  {
    file: 'packages/core/src/stations/registry.ts',
    after: "export * from './fuel/index.ts'\n",
    add: "export * from './lights/index.ts'\n",
  },
  { file: 'packages/core/src/stations/registry.ts', after: '  EXHAUST_STATION,\n', add: '  LIGHTS_STATION,\n' },
  // Stored jobs.
  {
    file: 'packages/contract/src/job/migrations.ts',
    after: '  leaveUncounted,\n',
    add: "  {\n    id: '7-to-8: the lights',\n    from: 7,\n    up: (sections) => ({ ...sections, lights: { headlampsW: null, relayed: null } }),\n  },\n",
  },
  {
    file: 'packages/contract/src/job/test/versions.ts',
    after: 'const { vehicle, fuel: fuelNow, exhaust: exhaustNow, walkAround: walkNow',
    add: ', lights',
  },
  {
    file: 'packages/contract/src/job/test/versions.ts',
    after:
      "  '6-to-7: bends and connectors that nobody has counted': { before: version6Lines, after: version7Lines },\n",
    add: "  '7-to-8: the lights': { before: version7Lines, after: { ...version7Lines, lights } },\n",
  },
  // The screen.
  {
    file: 'apps/web/src/benches/stationScreens.tsx',
    after: "  exhaust: () => import('./exhaust/ExhaustBench.tsx').then((m) => m.ExhaustBench),\n",
    add: "  lights: () => import('./lights/LightsBench.tsx').then((m) => m.LightsBench),\n",
  },
  // The demo.
  ...['CURLEW', 'WARDEN', 'CARRIER'].map((name) => ({
    file: 'apps/server/src/demo/demoJobs.ts',
    after: `  exhaust: ${name}_EXHAUST,\n`,
    add: '  lights: { headlampsW: 110, relayed: true },\n',
  })),
]

/** Where the new lock of the shapes goes: before the one of the version before. */
export const LOCK = { file: 'packages/contract/src/job/test/versions.ts', before: '  7: {\n    vehicle:', version: 8 }
