export { FuelBench as bench } from './FuelBench.tsx'
