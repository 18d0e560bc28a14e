export * from './openLoops.ts'
export { layFlat, type FlatLoom, type LaidBranch } from './layFlat.ts'
export { lengthOf, type Point } from './segments.ts'
export * from './sheets.ts'
