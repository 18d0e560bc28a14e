export { SystemBench as bench } from './SystemBench.tsx'
