import type { EngineOnFuel, OperatingPoint, VoltageLevel } from '@lochmoor/core'

/** Which moment the picture shows: overrun, or a place on the load scale (0 idle, 0.5 cruise, 1 full), at a voltage. */
export interface View {
  readonly load: number | 'overrun'
  readonly voltage: VoltageLevel
}

export const viewOfPoint = (pointId: string): View => {
  switch (pointId) {
    case 'overrun':
      return { load: 'overrun', voltage: 'high' }
    case 'cruise':
      return { load: 0.5, voltage: 'running' }
    case 'full':
      return { load: 1, voltage: 'running' }
    case 'full-low':
      return { load: 1, voltage: 'low' }
    default:
      return { load: 0, voltage: 'running' }
  }
}

export const pointOfView = (engine: EngineOnFuel, { load, voltage }: View): OperatingPoint =>
  load === 'overrun' ? engine.overrunAt(voltage) : engine.pointAt(load, voltage)
