import type { ProofTest } from '@lochmoor/core'
import { useBook } from '../../../records/useBook.ts'
import { ProofOf, resultOf } from './ProofOf.tsx'

/** Results of these tests in the job log. */
const IN_LOG = { kind: 'measurement', search: 'power test' } as const

/** What the job log says of the tests of this station: the latest result of each. */
export const useResults = (): ((test: ProofTest) => string | null) => {
  const { records } = useBook(IN_LOG)
  return (test) => resultOf(test, records)
}

interface Props {
  readonly name: string
  readonly title: string
  readonly tests: readonly ProofTest[]
  readonly resultOf: (test: ProofTest) => string | null
}

/** Tests on the car under a heading of their own. */
export const ProofList = ({ name, title, tests, resultOf: result }: Props) => (
  <section aria-label={name} className="mt-5">
    <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">{title}</h2>
    <ol>
      {tests.map((t) => (
        <ProofOf key={t.id} test={t} result={result(t)} />
      ))}
    </ol>
  </section>
)
