import { JobDocumentSchema } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import fc from 'fast-check'
import { DEMO_JOBS } from '../demo/demoJobs.ts'

type Path = readonly string[]

/** Every place in a value that holds one thing: a figure, a word, a flag, or nothing. */
const leavesOf = (value: unknown, path: Path = []): Path[] =>
  typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([key, inner]) => leavesOf(inner, [...path, key]))
    : [path]
/** Every place in a value, groups and lists too. */
const placesOf = (value: unknown, path: Path = []): Path[] => [
  path,
  ...(typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([key, inner]) => placesOf(inner, [...path, key]))
    : []),
]
const at = (value: unknown, path: Path): unknown =>
  path.reduce<unknown>((v, key) => (typeof v === 'object' && v !== null ? (v as Record<string, unknown>)[key] : undefined), value) // prettier-ignore
const withAt = (value: unknown, [key, ...rest]: Path, next: unknown): unknown => {
  if (key === undefined) return next
  if (Array.isArray(value))
    return value.map((v: unknown, i): unknown => (String(i) === key ? withAt(v, rest, next) : v))
  return { ...(value as object), [key]: withAt((value as Record<string, unknown>)[key], rest, next) }
}

const JOBS = DEMO_JOBS.map((j) => j.document)
const FACTORS = [0, -1, 1e-9, 0.01, 0.5, 0.9, 1.1, 2, 10, 100, 1e6] as const

/** One change that somebody could make: a figure turned far up or down, a thing taken out, or put there from another job. */
const change = (job: JobDocument): fc.Arbitrary<JobDocument> => {
  const [leaves, places] = [leavesOf(job), placesOf(job)]
  const figures = leaves.filter((p) => typeof at(job, p) === 'number')
  return fc.oneof(
    { arbitrary: fc.tuple(fc.constantFrom(...figures), fc.constantFrom(...FACTORS)).map(([path, factor]) => withAt(job, path, (at(job, path) as number) * factor)), weight: 4 }, // prettier-ignore
    { arbitrary: fc.constantFrom(...places).map((path) => withAt(job, path, null)), weight: 2 },
    { arbitrary: fc.constantFrom(...places).map((path) => (Array.isArray(at(job, path)) ? withAt(job, path, []) : job)), weight: 1 }, // prettier-ignore
    { arbitrary: fc.tuple(fc.constantFrom(...places), fc.constantFrom(...JOBS)).map(([path, other]) => { const theirs = at(other, path); return theirs === undefined ? job : withAt(job, path, theirs) }), weight: 4 }, // prettier-ignore
  ) as fc.Arbitrary<JobDocument>
}

/** What of a change the schema lets in; the job as it was where it does not. */
const letIn = (before: JobDocument, after: JobDocument): JobDocument => {
  const read = JobDocumentSchema.safeParse(after)
  return read.success ? read.data : before
}

/** A job with parts in it, changed by so many steps that the schema lets in: copies of parts that nobody sells among them. */
export const anyJob = (steps = 12): fc.Arbitrary<JobDocument> =>
  Array.from({ length: steps }).reduce<fc.Arbitrary<JobDocument>>(
    (job) => job.chain((before) => change(before).map((after) => letIn(before, after))),
    fc.constantFrom(...JOBS),
  )
