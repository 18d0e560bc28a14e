export { doneForNow } from './doneForNow.ts'
export { correctedIds, measurementInForce, validMeasurements } from './inForce.ts'
export { photosAt, type PhotoEntry } from './photosAt.ts'
export { RECORD_KINDS, type LogRecord, type RecordBody, type RecordKind } from './record.ts'
