export { describePath, isItemPath, walkEntryAt, type Described } from './describe.ts'
export { howAt } from './howAt.ts'
export { isRelevant, WALK_GROUPS } from './walkAround/groups.ts'
export { TEST_ENTRIES } from './walkAround/tests.ts'
export type {
  ChoiceEntry,
  DrawingId,
  FactEntry,
  FigureEntry,
  ListEntry,
  RowsEntry,
  Need,
  SeenEntry,
  SetEntry,
  TextEntry,
  WalkEntry,
  WalkGroup,
  WalkPath,
} from './walkAround/walkEntry.ts'
export { ownWords } from './ownWords.ts'
export { CLASS_WORDS } from './harnessLabels.ts'
export { WIRE_LABELS } from './powerLabels.ts'
