export { EngineTopBench as bench } from './EngineTopBench.tsx'
