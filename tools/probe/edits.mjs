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
  { file: 'packages/core/src/job/jobDocument.ts', after: '  power: POWER,\n', add: '  lights: LIGHTS,\n' },
  { file: 'packages/core/src/sections/work.ts', after: "export const STATIONS = ['walkAround', 'system', 'fuel', 'exhaust', 'engineTop', 'power', 'harness'", add: ", 'lights'" }, // prettier-ignore
  // What its places are called and how they are measured.
  {
    file: 'packages/core/src/meaning/tables.ts',
    after: "import { FUEL_LABELS } from './fuelLabels.ts'\n",
    add: "import { LIGHTS_HOWS, LIGHTS_LABELS } from './lightsTable.ts'\n",
  },
  {
    file: 'packages/core/src/meaning/tables.ts',
    after: '  power: POWER_LABELS,\n',
    add: '  lights: LIGHTS_LABELS,\n',
  },
  { file: 'packages/core/src/meaning/tables.ts', after: '  power: POWER_HOWS,\n', add: '  lights: LIGHTS_HOWS,\n' },
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
  { file: 'packages/core/src/stations/registry.ts', after: '  HARNESS_STATION,\n', add: '  LIGHTS_STATION,\n' },
  {
    file: 'packages/core/src/stations/heads.ts',
    after: "import { HARNESS_HEAD } from './harness/head.ts'\n",
    add: "import { LIGHTS_HEAD } from './lights/head.ts'\n",
  },
  { file: 'packages/core/src/stations/heads.ts', after: '  HARNESS_HEAD,\n', add: '  LIGHTS_HEAD,\n' },
  // Stored jobs.
  {
    file: 'packages/contract/src/job/migrations.ts',
    after: '  addVacuumSensorsIgnition,\n  addSurvey,\n',
    add: "  {\n    id: '14-to-15: the lights',\n    from: 14,\n    up: (sections) => ({ ...sections, lights: { headlampsW: null, relayed: null } }),\n  },\n",
  },
  {
    file: 'packages/contract/src/job/test/versions.ts',
    after: '  engineTop: engineTopNow,\n  facts,\n',
    add: '  lights,\n',
  },
  {
    file: 'packages/contract/src/job/test/versions.ts',
    after: '  facts,\n  orders,\n}\n',
    add: 'const version15 = { ...version14, lights }\n',
  },
  {
    file: 'packages/contract/src/job/test/versions.ts',
    after: '    after: { ...version14, exhaust: { ...exhaustOf14, obstacles: [steeringArm, floorOf14] } },\n  },\n',
    add: "  '14-to-15: the lights': { before: version14, after: version15 },\n",
  },
  // The demo.
  ...['CURLEW', 'WARDEN', 'CARRIER'].map((name) => ({
    file: 'apps/server/src/demo/demoJobs.ts',
    after: `  power: ${name}_POWER,\n`,
    add: '  lights: { headlampsW: 110, relayed: true },\n',
  })),
]

const SIX = `(
    [
      ['settings', 'Settings', 'design'],
      ['plan', 'Plan', 'build'],
      ['start', 'First start', 'run'],
      ['road-log', 'Road log', 'run'],
      ['rehearsal', 'Rehearsal', 'run'],
      ['hand-over', 'Hand-over', 'run'],
    ] as const
  )`

/** Six more of it, at every phase: fourteen stations, so that the rail can be measured with as many as there will be. */
export const FOURTEEN = [
  ['registry', 'LIGHTS_STATION'],
  ['heads', 'LIGHTS_HEAD'],
].map(([file, name]) => ({
  file: `packages/core/src/stations/${file}.ts`,
  after: `  ${name},\n`,
  add: `  ...${SIX}.map(([path, title, phase]) => ({ ...${name}, id: path as never, path, title, short: title, phase })),\n`,
}))

/** Where the new lock of the shapes goes: before the one of the version before. */
export const LOCK = { file: 'packages/contract/src/job/test/versions.ts', before: '  14: {\n    vehicle:', version: 15 }
