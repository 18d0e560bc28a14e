export { loomEffects, withLoom, type LoomEffects } from './loomEffects.ts'
