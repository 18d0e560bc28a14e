export { describePath, isItemPath, walkEntryAt, type Described } from './describe.ts'
