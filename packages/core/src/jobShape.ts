// What the contract makes its schemas of: the tree of the document, and nothing that computes.
export { JOB, SECTION_NAMES, type SectionName } from './job/jobDocument.ts'
export { ALL_THREAD_IDS } from './parts/threads.ts'
export * from './shape/index.ts'
