import { formatNumber, type WorkingStep } from '@lochmoor/core'

const GREEK: Readonly<Record<string, string>> = { rho: 'ρ', nu: 'ν', pi: 'π' }
const SUPERSCRIPT: Readonly<Record<string, string>> = { '2': '²', '3': '³' }
const SYMBOL = /[A-Za-z][A-Za-z0-9]*(?:_[A-Za-z0-9]+)?/g

const prettySymbol = (symbol: string): string => {
  const [head = '', ...tail] = symbol.split('_')
  return [GREEK[head] ?? head, ...tail.map((t) => GREEK[t] ?? t)].join('_')
}

const prettyOperators = (text: string): string =>
  text
    .replace(/\^\(-2\)/g, '⁻²')
    .replace(/\^([23])\b/g, (_, d: string) => SUPERSCRIPT[d] ?? d)
    .replace(/ \* /g, ' · ')
    .replace(/sqrt/g, '√')

/** A formula of a working as people write it; `_` still marks what belongs below the line. */
export const prettyFormula = (formula: string): string => prettyOperators(formula.replace(SYMBOL, prettySymbol))

/** The formula with the numbers in place of its symbols. */
export const withNumbers = ({ formula, inputs }: WorkingStep): string =>
  prettyOperators(
    formula.replace(SYMBOL, (symbol) => {
      const input = inputs[symbol]
      if (!input) return prettySymbol(symbol)
      const text = formatNumber(input.value)
      return input.value < 0 ? `(${text})` : text
    }),
  )
