export * from './loomNets.ts'
export * from './continuityPlan.ts'
export { MadeLoom, wiresOfFault, type LoomFault, type WireEnd } from './loomFaults.ts'
export { followUpReading, LoomDoctor, type Diagnosis, type Taken } from './diagnose.ts'
