import { explainProblem, type FieldProblem } from '@lochmoor/contract'
import { BadRequestException } from '@nestjs/common'
import { dictionary } from '@zxcvbn-ts/language-common'

/** Passwords of published leaks, the most used first; shipped with the application. */
const COMMON = new Set(dictionary['passwords-common'])

/** A word written again and again, or with figures and marks hung on, is no better than the word. */
const bare = (password: string): string[] => {
  const small = password.toLowerCase()
  const word = small.replace(/^[\d\W_]+|[\d\W_]+$/g, '')
  const repeated = /^(.+?)\1+$/.exec(small)?.[1]
  return [small, word, repeated ?? small, /^(.+?)\1+$/.exec(word)?.[1] ?? word]
}

const LEAST_PART = 4
const partsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\d]+/u)
    .filter((p) => p.length >= LEAST_PART)

/** What else is known of who sets a password. */
export interface Whose {
  readonly name: string
  readonly email: string
}

/** Why a new password will not do: it is on every list of leaked ones, or says who it belongs to. Null where it will. */
export const weakPassword = (password: string, { name, email }: Whose): string | null => {
  const small = password.toLowerCase()
  const words = bare(password)
  if (words.some((w) => w !== '' && COMMON.has(w)) || new Set(small).size < 5)
    return 'one that is not on the lists of common passwords: three or four words that have nothing to do with each other are easy to remember'
  const own = [...partsOf(name), ...partsOf(email.split('@')[0] ?? '')].find((p) => small.includes(p))
  return own === undefined ? null : 'one without your own name or address in it'
}

/** The refusal of a weak password; the password itself is never said back. */
export const refusedPassword = (field: string, allowed: string): BadRequestException => {
  const problem: FieldProblem = { field, value: '(not shown)', allowed }
  return new BadRequestException({ code: 'badInput', message: explainProblem(problem), problems: [problem] })
}
