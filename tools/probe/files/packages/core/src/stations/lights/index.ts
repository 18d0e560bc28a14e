export { assessLights } from './assessLights.ts'
export { LIGHTS_STATION } from './lightsStation.ts'
