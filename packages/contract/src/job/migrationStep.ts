export type Json = Readonly<Record<string, unknown>>

/** A named step from one version of the stored document to the next. Frozen once released. */
export interface JobMigration {
  readonly id: string
  readonly from: number
  up(sections: Json): Json
}

export const nulls = (...names: string[]): Json => Object.fromEntries(names.map((n) => [n, null]))
export const object = (value: unknown): Json => (typeof value === 'object' && value !== null ? (value as Json) : {})
/** A stored copy of a part with what parts of its kind say since; null stays null. */
export const copy = (value: unknown, more: Json): unknown => (value === null ? null : { ...object(value), ...more })
