export { describePath, walkEntryAt, type Described } from './describe.ts'
