import { WALK_GROUPS, isKnown, isRelevant, parseFiringOrder, type JobDocument } from '@lochmoor/core'

/** A place on the plan of the car, in units of the drawing (car 640 long, 240 wide, nose to the left). */
export interface Zone {
  readonly groupId: string
  readonly title: string
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
  readonly known: number
  readonly of: number
}

const TANK_AT = {
  'under-boot': [520, 88],
  'in-boot': [540, 88],
  'behind-seat': [430, 88],
  'under-seat': [370, 88],
  front: [16, 88],
} as const
const BATTERY_AT = { bay: [150, 18], boot: [548, 18], 'under-seat': [350, 18] } as const

/** Where each group of entries lies on this car: tank and battery where they were found. */
export const zonesOf = (job: JobDocument): Zone[] => {
  const { battery, tank } = job.walkAround
  const [tankX, tankY] = TANK_AT[tank.place ?? 'under-boot']
  const [batteryX, batteryY] = BATTERY_AT[battery.place ?? 'bay']
  const at: Readonly<Record<string, readonly [number, number, number, number]>> = {
    vehicle: [262, 18, 80, 44],
    cooling: [24, 18, 84, 44],
    engine: [104, 88, 104, 64],
    intake: [214, 88, 64, 64],
    ignition: [24, 178, 84, 44],
    gearbox: [284, 88, 80, 64],
    exhaust: [118, 178, 236, 44],
    tank: [tankX, tankY, 78, 64],
    lines: [366, 178, 128, 44],
    power: [batteryX, batteryY, 84, 44],
    room: [battery.place === 'under-seat' ? 440 : 350, 18, 84, 44],
  }
  // Baseline, means and papers lie nowhere on the car.
  return WALK_GROUPS.filter((group) => group.id in at).map((group): Zone => {
    const entries = group.entries.filter((e) => isRelevant(e, job))
    const [x, y, w, h] = at[group.id]!
    return {
      groupId: group.id,
      title: SHORT[group.id] ?? group.title,
      x,
      y,
      w,
      h,
      known: entries.filter((e) => isKnown(e, job)).length,
      of: entries.length,
    }
  })
}

const SHORT: Readonly<Record<string, string>> = { gearbox: 'Gearbox', lines: 'Lines', power: 'Power', room: 'Room' }

/** A cylinder as the engine is numbered, with its turn in the firing order. */
export interface CylinderMark {
  readonly number: number
  readonly turn: number | null
  readonly x: number
  readonly y: number
}

/**
 * Cylinders seen from above, front to the left. Banks of a vee or flat engine are numbered along each bank in turn: the
 * commoner way, and a rule of thumb; the firing order is what counts.
 */
export const cylindersOf = (job: JobDocument): CylinderMark[] => {
  const { cylinders, layout } = job.vehicle
  if (cylinders === null || layout === null || cylinders > 16) return []
  const { firingOrder, numberedFrom } = job.walkAround.engine
  const order = firingOrder === null ? null : parseFiringOrder(firingOrder, cylinders)
  const banks = layout === 'inline' ? 1 : 2
  const perBank = Math.ceil(cylinders / banks)
  return Array.from({ length: cylinders }, (_, i) => {
    const along = i % perBank
    const place = numberedFrom === 'bulkhead' ? perBank - 1 - along : along
    const turn = order?.ok ? order.value.indexOf(i + 1) + 1 : null
    return {
      number: i + 1,
      turn,
      x: (place + 0.5) / perBank,
      y: banks === 1 ? 0.5 : Math.floor(i / perBank) === 0 ? 0.27 : 0.73,
    }
  })
}
