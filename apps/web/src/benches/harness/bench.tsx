export { HarnessBench as bench } from './HarnessBench.tsx'
