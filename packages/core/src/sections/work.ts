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

/** What may be tried at hand-over, in a few words each. */
export const ACCEPTANCE_WORDS = {
  'daily-starts': 'ten starts in a day',
  'daily-traffic': 'an hour in traffic',
  anybody: 'started by somebody who never drove it',
  'cold-start': 'cold start after a night outside',
  'long-trip': 'two hours at cruising speed',
  towing: 'a long hill with the trailer',
  shows: 'original to look at',
  track: 'braking and bends with the tank low',
  idle: 'idle as steady as before',
  cruise: 'cruising vacuum and mixture',
  'intake-air': 'intake air after a hot drive',
} as const
export type AcceptanceId = keyof typeof ACCEPTANCE_WORDS
export const ACCEPTANCE = Object.keys(ACCEPTANCE_WORDS) as [AcceptanceId, ...AcceptanceId[]]

/** Where the job stands in the workshop: what people decide about it, not what is computed. */
export const WORK = group({
  state: always(WORK_STATES),
  /** Who has it. */
  personId: reference('a person'),
  /** What keeps it from going on, in the workshop's words; empty for nothing. */
  heldBy: text(200),
  /** Stations whose work on the car is done. */
  built: setOf(word(...STATIONS), STATIONS.length),
  /** What was tried at hand-over and passed. */
  passed: setOf(word(...ACCEPTANCE), ACCEPTANCE.length),
})
export type WorkSection = ValueOf<typeof WORK>
