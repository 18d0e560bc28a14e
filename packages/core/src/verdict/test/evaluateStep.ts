import type { WorkingStep } from '../working.ts'

const FUNCTIONS = {
  sqrt: Math.sqrt,
  log10: Math.log10,
  exp: Math.exp,
  max: Math.max,
  min: Math.min,
  sin: Math.sin,
  cos: Math.cos,
  pi: Math.PI,
}

/** Evaluates the formula text of a step with the numbers of its inputs. */
export const evaluateStep = ({ formula, inputs }: WorkingStep): number => {
  const names = Object.keys(inputs)
  const body = formula.replace(/\^/g, '**').replace(/-2 \* log10/g, '(-2) * log10')
  // The formula is this repository's own text, not input.
  const f = new Function(...Object.keys(FUNCTIONS), ...names, `return ${body}`) as (...values: unknown[]) => number
  return f(...Object.values(FUNCTIONS), ...names.map((n) => inputs[n]!.value))
}
