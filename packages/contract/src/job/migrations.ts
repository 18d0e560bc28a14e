type Json = Readonly<Record<string, unknown>>

/** A named step from one version of the stored document to the next. Frozen once released. */
export interface JobMigration {
  readonly id: string
  readonly from: number
  up(sections: Json): Json
}

const nulls = (...names: string[]): Json => Object.fromEntries(names.map((n) => [n, null]))

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

/** In order; each brings a document one version on. */
export const JOB_MIGRATIONS: readonly JobMigration[] = [addWalkAroundSystemAndWork]

/** Sections of an older document brought up to this version; newer or unknown versions are left as they are. */
export const migrateSections = (sections: Json, version: number): Json =>
  JOB_MIGRATIONS.filter((m) => m.from >= version).reduce((s, m) => m.up(s), sections)
