import { always, group, reference, setOf, text, word, type ValueOf } from '../shape/index.ts'

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
  asked: 'Enquiry',
  surveyed: 'Surveyed',
  designed: 'Designed',
  'parts-ordered': 'Parts ordered',
  'in-build': 'In build',
  started: 'Started',
  'handed-over': 'Handed over',
}

/** Ids of the stations that have a bench, in the order of the work; the registry of the stations is held against them. */
export const STATIONS = ['walkAround', 'system', 'fuel', 'exhaust', 'engineTop', 'power', 'harness'] as const
export type Station = (typeof STATIONS)[number]

/** Where the job stands in the workshop: what people decide about it, not what is computed. */
export const WORK = group({
  state: always(WORK_STATES),
  /** Who has it. */
  personId: reference('a person'),
  /** What keeps it from going on, in the workshop's words; empty for nothing. */
  heldBy: text(200),
  /** Stations whose work on the car is done. */
  built: setOf(word(...STATIONS), STATIONS.length),
})
export type WorkSection = ValueOf<typeof WORK>
