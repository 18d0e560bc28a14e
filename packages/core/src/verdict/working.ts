/** How a figure came about, told by the very code that computes it. */
export interface WorkingStep {
  /** Symbol of the result, e.g. "Re". */
  readonly symbol: string
  readonly meaning: string
  /**
   * Formula in plain text over the input symbols: + - * / ^ ( ) and the functions sqrt, log10, exp, max, min.
   * The tests evaluate it against `result`, so it cannot drift from the code.
   */
  readonly formula: string
  readonly inputs: Readonly<Record<string, { readonly value: number; readonly unit: string }>>
  readonly result: number
  readonly unit: string
  /** Textbook or standard; or "rule of thumb". */
  readonly source: string
}

export interface Working {
  readonly title: string
  readonly steps: readonly WorkingStep[]
}

/** Collects steps. Computations take it as an optional last argument; without it nothing is built. */
export interface Trace {
  step(step: WorkingStep): void
}

export const collectWorking = (title: string, compute: (trace: Trace) => void): Working => {
  const steps: WorkingStep[] = []
  compute({ step: (s) => steps.push(s) })
  return { title, steps }
}
