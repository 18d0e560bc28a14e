/** The sheet as a script of its own: what every station orders is asked there alone. */
export { EngineTopOrderSheet as default } from './EngineTopOrderSheet.tsx'
