/** A value or a reason from a closed union. Throwing is kept for faults of our own. */
export type Result<T, E> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E }
export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value })
export const err = <E>(error: E): { readonly ok: false; readonly error: E } => ({ ok: false, error })

/** An input that the computation cannot take: which field, what stood there, what would be allowed. */
export interface InputError<Code extends string = string> {
  readonly code: Code
  /** Dotted path from the root of the case. */
  readonly field: string
  readonly value: number | string | null
  readonly allowed: string
}

/** One sentence naming field, value and range. */
export const explainInputError = (e: InputError): string =>
  `${e.field}: ${e.value === null ? 'nothing' : typeof e.value === 'string' ? `"${e.value}"` : e.value} is not allowed; allowed: ${e.allowed}`
