import { nulls, type JobMigration } from './migrationStep.ts'

export const addEngineTop: JobMigration = {
  id: '11-to-12: the engine top',
  from: 11,
  up: (sections) => ({
    ...sections,
    engineTop: {
      stack: {
        clay: [],
        old: [],
        pieces: [],
        points: [],
        around: [],
        off: [],
        facingDeg: 0,
        cleaner: 'on-top',
        ...nulls(
          'elementM',
          'rimM',
          'openShare',
          'faceMS',
          'dropPa',
          'dropHeightM',
          'elbowM',
          'rockDeg',
          'axisBelowM',
          'axisRightM',
          'wantedM',
          'sideWantedM',
          'lowerPadM',
          'airMeter',
          'airMeterDuct',
        ),
      },
      manifold: nulls('divider', 'cutM', 'fires', 'gasketHeld', 'coolantOut', 'bled', 'sealsOiled'),
      bolts: [],
      throttle: {
        links: [],
        ...nulls('padArmM', 'pedalDeg', 'slackM', 'plateDeg', 'springs', 'springClosedNm', 'springOpenNm', 'dragNm'),
        kickdown: nulls('armM', 'restDeg', 'closedM', 'wantsClosedM', 'wantsOpenM', 'toleranceM', 'pressureProved'),
        ...nulls('closedV', 'openV'),
      },
    },
  }),
}
