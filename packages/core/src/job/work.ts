/** How far a job has come, in the order of the work. */
export const WORK_STATES = [
  'asked',
  'surveyed',
  'designed',
  'parts-ordered',
  'in-build',
  'started',
  'handed-over',
] as const
export type WorkState = (typeof WORK_STATES)[number]

export const WORK_STATE_WORDS: Readonly<Record<WorkState, string>> = {
  asked: 'Asked',
  surveyed: 'Surveyed',
  designed: 'Designed',
  'parts-ordered': 'Parts ordered',
  'in-build': 'In build',
  started: 'Started',
  'handed-over': 'Handed over',
}

/** Stations that have a bench, in the order of the work. */
export const STATIONS = ['walkAround', 'system', 'fuel', 'exhaust'] as const
export type Station = (typeof STATIONS)[number]

export const STATION_WORDS: Readonly<Record<Station, string>> = {
  walkAround: 'Walk-around',
  system: 'System',
  fuel: 'Fuel',
  exhaust: 'Exhaust sensor',
}

/** Where the job stands in the workshop: what people decide about it, not what is computed. */
export interface WorkSection {
  readonly state: WorkState
  /** Who has it; a person of the workshop, by id. */
  readonly personId: string | null
  /** What keeps it from going on, in the workshop's words; empty for nothing. */
  readonly heldBy: string
  /** Stations whose work on the car is done. */
  readonly built: readonly Station[]
}

export const emptyWork: WorkSection = { state: 'asked', personId: null, heldBy: '', built: [] }
