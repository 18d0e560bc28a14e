export { ExhaustBench as bench } from './ExhaustBench.tsx'
