import { MOST_JOB_FILE_BYTES, MOST_PHOTO_BYTES, PHOTO_TYPES } from '@lochmoor/contract'

/** What a route takes as its body. */
export interface BodyRule {
  readonly kind: 'json' | 'photo' | 'file'
  /** bytes */
  readonly most: number
  /** Whether nobody has to be signed in. */
  readonly open?: true
}

const KB = 1024
const MB = 1024 * KB

/** Routes that take another body than a small JSON of somebody who is signed in. */
const RULES: readonly (readonly [method: string, path: RegExp, rule: BodyRule])[] = [
  [
    'POST',
    /^\/api\/session(?:\/(?:demo|guest|first-owner|second-factor|passkey(?:\/options)?))?$/,
    { kind: 'json', most: 8 * KB, open: true },
  ],
  ['DELETE', /^\/api\/session$/, { kind: 'json', most: 0, open: true }],
  ['POST', /^\/api\/invitations$/, { kind: 'json', most: 4 * KB, open: true }],
  ['POST', /^\/api\/jobs\/import$/, { kind: 'file', most: MOST_JOB_FILE_BYTES }],
  ['PUT', /^\/api\/jobs\/[^/]+\/photos\/[^/]+$/, { kind: 'photo', most: MOST_PHOTO_BYTES }],
  ['PUT', /^\/api\/jobs\/[^/]+\/sections\/[^/]+$/, { kind: 'json', most: MB }],
  ['POST', /^\/api\/catalogue\/[^/]+\/import$/, { kind: 'json', most: MB }],
]
const PLAIN: BodyRule = { kind: 'json', most: 64 * KB }

/** The rule for a request; paths are told apart without regard to case and closing slashes, as the router does. */
export const bodyRuleOf = (method: string, path: string): BodyRule => {
  const plain = path.toLowerCase().replace(/\/+$/, '')
  return RULES.find(([m, p]) => m === method && p.test(plain))?.[2] ?? PLAIN
}

/** The types that a rule takes. */
export const TYPES_OF: Readonly<Record<BodyRule['kind'], readonly string[]>> = {
  json: ['application/json'],
  file: ['application/json'],
  photo: PHOTO_TYPES,
}

const inWords = (bytes: number): string => (bytes >= MB ? `${bytes / MB} MB` : `${bytes / KB} kB`)
const WHAT = { json: 'request', file: 'job file', photo: 'photograph' } as const

/** The sentence about a body that is larger than its rule. */
export const tooLarge = (method: string, path: string): string => {
  const { kind, most } = bodyRuleOf(method, path)
  return `The ${WHAT[kind]} is larger than ${inWords(most)}; allowed: at most ${inWords(most)}.`
}
