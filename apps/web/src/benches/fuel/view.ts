import type { EngineOnFuel, OperatingPoint, PointId, VoltageLevel } from '@lochmoor/core'

/** Which moment the picture shows: overrun, or a place on the load scale (0 idle, 0.5 cruise, 1 full), at a voltage. */
export interface View {
  readonly load: number | 'overrun'
  readonly voltage: VoltageLevel
  /** One of the named moments that lies beside that scale, such as prime or hot fuel. */
  readonly named?: PointId
}

const ON_SCALE: Readonly<Partial<Record<PointId, View>>> = {
  overrun: { load: 'overrun', voltage: 'high' },
  idle: { load: 0, voltage: 'running' },
  cruise: { load: 0.5, voltage: 'running' },
  full: { load: 1, voltage: 'running' },
  'full-low': { load: 1, voltage: 'low' },
}
/** Where a moment beside the scale stands nearest to it. */
const BESIDE: Readonly<Partial<Record<PointId, View>>> = {
  prime: { load: 0, voltage: 'low' },
  'hot-idle': { load: 0, voltage: 'low' },
  'cold-idle': { load: 0, voltage: 'running' },
}

export const viewOfPoint = (pointId: string): View => {
  const id = pointId as PointId
  return ON_SCALE[id] ?? { ...(BESIDE[id] ?? { load: 1, voltage: 'running' }), named: id }
}

export const pointOfView = (engine: EngineOnFuel, { load, voltage, named }: View): OperatingPoint =>
  engine.points.find((p) => p.id === named) ??
  (load === 'overrun' ? engine.overrunAt(voltage) : engine.pointAt(load, voltage))
