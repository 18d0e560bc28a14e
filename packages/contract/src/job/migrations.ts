import { copy, nulls, object, type JobMigration, type Json } from './migrationStep.ts'
import { addBenchWork, addHarness, CONTROLLERS_SAY_SINCE_10 } from './harnessMigrations.ts'
import { addEngineTop, addVacuumSensorsIgnition } from './engineTopMigrations.ts'
import { addFeedsAndEarths, addPower, CONTROLLERS_SAY_SINCE_8 } from './powerMigrations.ts'
import { addSurvey, CONTROLLERS_SAY_SINCE_14, SENSORS_SAY_SINCE_14 } from './surveyMigrations.ts'

export type { JobMigration } from './migrationStep.ts'

const addWalkAroundSystemAndWork: JobMigration = {
  id: '1-to-2: walk-around, system and work',
  from: 1,
  up: (sections) => ({
    ...sections,
    walkAround: {
      body: nulls('style', 'massKg', 'drive'),
      engine: nulls('boreM', 'strokeM', 'compressionRatio', 'firingOrder', 'numberedFrom', 'condition'),
      intake: nulls('manifold', 'pad', 'divider', 'metal'),
      ignition: nulls('kind', 'advance', 'coilResistor', 'suppressedLeads'),
      cooling: nulls('fan', 'thermostatK', 'sparePort', 'gauge'),
      gearbox: nulls('kind', 'linkage', 'kickdown', 'electronic'),
      exhaust: nulls(
        'manifold',
        'merge',
        'primaryLengthM',
        'pipeDiameterM',
        'tailLengthM',
        'otherPipeDiameterM',
        'otherTailLengthM',
        'catalyst',
      ),
      tank: nulls('volumeM3', 'depthM', 'shape', 'sender', 'place', 'gapAboveM', 'baffle', 'vent', 'lining'),
      lines: nulls('feed', 'feedBoreM', 'returnLine', 'returnBoreM', 'condition'),
      battery: nulls('place', 'systemV', 'earth', 'capacityC', 'ageS', 'coldCrankA'),
      charging: nulls('kind', 'ratedA', 'pulleyRatio'),
      earths: nulls('batteryToEngine', 'engineToBody', 'batteryToBody', 'condition'),
      wiring: nulls('state', 'freeFuses', 'ammeter'),
      bonnet: nulls('stackM', 'gapM'),
      cabin: nulls('controllerPlace', 'bulkheadHoleM'),
      tests: {
        compressionPa: [],
        leakDownShare: [],
        ...nulls(
          'idleVacuumPa',
          'idleNeedle',
          'exhaustLeak',
          'smoke',
          'plugs',
          'misfire',
          'chainSlackDeg',
          'fuelAgeS',
          'restingV',
          'crankingPostV',
          'crankingRemoteV',
          'crankingPlusDropV',
          'crankingGroundDropV',
          'idleChargingV',
          'rippleV',
          'coolantFlow',
          'thermostatOpens',
          'shaftPlayM',
          'linkagePlay',
          'tankInside',
        ),
      },
    },
    system: {
      ...nulls(
        'powerLaterW',
        'boostLaterPa',
        'budgetClass',
        'originality',
        'welder',
        'timingControl',
        'gearboxControl',
        'fanControl',
        'chosen',
        'controller',
      ),
      compared: [],
      reason: '',
    },
    work: { state: 'asked', personId: null, heldBy: '', built: [] },
  }),
}

const NEW_LINE: Json = {
  ...nulls('hose', 'measuredBoreM', 'lengthM', 'riseM'),
  bends90: 2,
  bends45: 0,
  connectors: 2,
  legs: [],
}

const addTankLegsAndVapour: JobMigration = {
  id: '2-to-3: legs of the lines, tank, vapour and what parts say more',
  from: 2,
  up: (sections) => {
    const fuel = object(sections.fuel)
    const filter = nulls('dueFactor', 'capacityKg', 'directional', 'mostPressurePa')
    const line = (value: unknown): Json => ({
      ...object(value),
      hose: copy(
        object(value).hose,
        nulls('dash', 'outsideM', 'leastBendRadiusM', 'stockM', 'immersible', 'conductive'),
      ),
      legs: [],
    })
    return {
      ...sections,
      fuel: {
        ...fuel,
        pump: copy(fuel.pump, nulls('noiseClass', 'hangerM', 'hatHeightM')),
        pumpCount: 1,
        strainer: copy(fuel.strainer, filter),
        filter: copy(fuel.filter, filter),
        injector: copy(fuel.injector, { deadTimes: [], ...nulls('leastEffectiveS', 'mostPressurePa') }),
        feed: line(fuel.feed),
        return: line(fuel.return),
        suction: NEW_LINE,
        vent: NEW_LINE,
        oldLine: nulls('keeps', 'outsideM', 'wallM', 'joints', 'provedPa'),
        ...nulls('reidPa', 'altitudeM', 'hotFuelK', 'inletHeadM', 'primeS', 'railM3'),
        tank: nulls(
          'hangerM',
          'mostHangerM',
          'floorClearanceM',
          'hatHeightM',
          'fittingHeightM',
          'bendRadiusM',
          'tiltDeg',
          'hingeToHatM',
          'swingRoomM',
          'lowerM',
          'lowM3',
          'floorLengthM',
          'floorWidthM',
          'fromFrontM',
          'fromLeftM',
          'pickUpHeightM',
          'potM3',
          'lossWK',
          'returnWarmerK',
          'hotDayK',
          'rollOverValve',
          'ventLoop',
          'ventEnds',
          'senderEmptyOhm',
          'senderFullOhm',
          'gaugeEmptyOhm',
          'gaugeFullOhm',
        ),
        safety: nulls('stopsWithEngine', 'inertiaSwitch', 'fused'),
      },
    }
  },
}

const addExhaust: JobMigration = {
  id: '3-to-4: the exhaust and its sensors',
  from: 3,
  up: (sections) => ({
    ...sections,
    exhaust: {
      banks: [],
      common: [],
      obstacles: [],
      school: 'middle',
      angleSchool: 'ten',
      spots: [],
      steers: nulls('a', 'b'),
      ...nulls(
        'groundClearanceM',
        'sensorCount',
        'sensor',
        'typeSet',
        'bung',
        'material',
        'joinBy',
        'cablePathM',
        'cableGapM',
        'airInjection',
        'heatRiser',
        'heatRiserBank',
        'leadedFuel',
        'correctionLimit',
        'openLoopLambda',
        'bankTest',
      ),
    },
  }),
}

/**
 * The id that an item of an older list gets: from list and place, so that server, browser and an imported file agree.
 * Old entries of the log book and edits that wait in a browser are pointed to it too.
 */
export const idOfOld = (list: string, index: number): string => `${list}-${index}`

/** A list whose items get ids; those that have one keep it, and what is no list is left alone. */
const withIds = (value: unknown, list: string): unknown =>
  Array.isArray(value) ? value.map((item: unknown, i) => ({ id: idOfOld(list, i), ...object(item) })) : value

const giveItemsIds: JobMigration = {
  id: '4-to-5: legs, pieces and obstacles have ids',
  from: 4,
  up: (sections) => {
    const next: Record<string, unknown> = { ...sections }
    if ('fuel' in sections) {
      const fuel = object(sections.fuel)
      const line = (name: string) =>
        name in fuel ? { [name]: { ...object(fuel[name]), legs: withIds(object(fuel[name]).legs, `${name}-leg`) } } : {}
      next.fuel = { ...fuel, ...line('feed'), ...line('return'), ...line('suction'), ...line('vent') }
    }
    if ('exhaust' in sections) {
      const exhaust = object(sections.exhaust)
      const banks = Array.isArray(exhaust.banks) ? (exhaust.banks as unknown[]) : []
      next.exhaust = {
        ...exhaust,
        banks: banks.map((bank, i) => ({
          ...object(bank),
          pieces: withIds(object(bank).pieces, `bank-${i === 0 ? 'a' : 'b'}-piece`),
        })),
        common: withIds(exhaust.common, 'common-piece'),
        obstacles: withIds(exhaust.obstacles, 'obstacle'),
      }
    }
    return next
  },
}

/** What parts of a kind say since version 6; null where an older copy or an older part of one's own says nothing. */
const PARTS_SAY_SINCE_6: Readonly<Record<'pumps' | 'filters' | 'regulators', Json>> = {
  pumps: nulls('works', 'reliefPa'),
  filters: nulls('mount'),
  regulators: nulls('sits', 'mostPressurePa'),
}

/** Starter against battery, the display of the sensor, and what the chosen way is built from. */
const sayMoreSince6 = (sections: Json): Json => {
  const { walkAround, exhaust, system } = sections
  const next = { ...sections }
  if (walkAround !== undefined) {
    const walk = object(walkAround)
    next.walkAround = { ...walk, tests: { ...object(walk.tests), ...nulls('crankingA', 'crankingRpm') } }
  }
  if (exhaust !== undefined) next.exhaust = { ...object(exhaust), readsToLambda: null }
  if (system !== undefined)
    next.system = { ...object(system), chosen: copy(object(system).chosen, { build: 'from-parts' }) }
  return next
}

const addReach: JobMigration = {
  id: '5-to-6: what pumps can reach and parts stand, starter, display of the sensor, kits and manifolds',
  from: 5,
  up: (older) => {
    const sections = sayMoreSince6(older)
    if (!('fuel' in sections)) return sections
    const fuel = object(sections.fuel)
    const more = (field: string, kind: keyof typeof PARTS_SAY_SINCE_6): Json =>
      field in fuel ? { [field]: copy(fuel[field], PARTS_SAY_SINCE_6[kind]) } : {}
    return {
      ...sections,
      fuel: {
        ...fuel,
        ...more('pump', 'pumps'),
        ...more('strainer', 'filters'),
        ...more('filter', 'filters'),
        ...more('regulator', 'regulators'),
        gaugeMostPa: null,
      },
    }
  },
}

/** What a line had of bends and connectors before somebody counted them, up to version 6. */
const NOT_COUNTED = { bends90: 2, bends45: 0, connectors: 2 } as const

/** Counts that still stand as the program gave them were counted by nobody. */
const asNotCounted = (value: unknown): Json => {
  const line = object(value)
  const untouched = Object.entries(NOT_COUNTED).every(([name, usual]) => line[name] === usual)
  return untouched ? { ...line, ...nulls('bends90', 'bends45', 'connectors') } : line
}

const leaveUncounted: JobMigration = {
  id: '6-to-7: bends and connectors that nobody has counted',
  from: 6,
  up: (sections) => {
    if (!('fuel' in sections)) return sections
    const fuel = object(sections.fuel)
    const lines = ['feed', 'return', 'suction', 'vent'].filter((line) => line in fuel)
    return { ...sections, fuel: { ...fuel, ...Object.fromEntries(lines.map((l) => [l, asNotCounted(fuel[l])])) } }
  },
}

/** What parts of a kind say since an older version; null where an older copy or an older part of one's own says nothing. */
export const PARTS_SAY_SINCE: Readonly<Partial<Record<string, Json>>> = {
  ...PARTS_SAY_SINCE_6,
  controllers: { ...CONTROLLERS_SAY_SINCE_8, ...CONTROLLERS_SAY_SINCE_10, ...CONTROLLERS_SAY_SINCE_14 },
  sensors: SENSORS_SAY_SINCE_14,
}

/** In order; each brings a document one version on. */
export const JOB_MIGRATIONS: readonly JobMigration[] = [
  addWalkAroundSystemAndWork,
  addTankLegsAndVapour,
  addExhaust,
  giveItemsIds,
  addReach,
  leaveUncounted,
  addPower,
  addFeedsAndEarths,
  addHarness,
  addBenchWork,
  addEngineTop,
  addVacuumSensorsIgnition,
  addSurvey,
]

/** Sections of an older document brought up to this version; newer or unknown versions are left as they are. */
export const migrateSections = (sections: Json, version: number): Json =>
  JOB_MIGRATIONS.filter((m) => m.from >= version).reduce((s, m) => m.up(s), sections)
