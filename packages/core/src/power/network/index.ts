export * from './networkCase.ts'
export type * from './networkResult.ts'
export { solveNetwork } from './solveNetwork.ts'
