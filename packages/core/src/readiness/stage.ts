/** How far a station has come. */
export type StationStage = 'not-begun' | 'measuring' | 'judged' | 'built'

export const STAGE_WORDS: Readonly<Record<StationStage, string>> = {
  'not-begun': 'Not started',
  measuring: 'In progress',
  judged: 'Checked',
  built: 'Built',
}
