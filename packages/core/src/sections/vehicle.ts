import { always, figure, group, name, whole, word, type ValueOf } from '../shape/index.ts'

/** The car and what its engine shall do. */
export const VEHICLE = group({
  title: name(80),
  year: whole(1885, 2100),
  layout: word('inline', 'vee', 'flat'),
  cylinders: whole(1, 16),
  displacementM3: figure('displacement', 1e-4, 0.03, 'm³'),
  aspiration: always(['natural', 'supercharged', 'turbocharged']),
  powerW: figure('power', 1e3, 2e6, 'W'),
  powerBasis: always(['flywheel-net', 'flywheel-gross', 'wheels']),
  powerSpeedRpm: figure('engineSpeed', 500, 12_000, 'rpm'),
  /** Manifold pressure above ambient at full power; 0 unblown. */
  boostPa: figure('pressure', 0, 350e3, 'Pa'),
  idleSpeedRpm: figure('engineSpeed', 200, 2500, 'rpm'),
  /** Absolute. */
  idleManifoldPa: figure('pressure', 15e3, 101_325, 'Pa absolute'),
  cruiseSpeedRpm: figure('engineSpeed', 500, 8000, 'rpm'),
  /** Absolute. */
  cruiseManifoldPa: figure('pressure', 20e3, 101_325, 'Pa absolute'),
})
export type VehicleSection = ValueOf<typeof VEHICLE>
export type EngineLayout = NonNullable<VehicleSection['layout']>
