export { LightsBench as bench } from './LightsBench.tsx'
