export { PowerBench as bench } from './PowerBench.tsx'
