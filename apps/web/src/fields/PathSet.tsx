import { describePath, JOB, nodeAt, valueAt, type JobDocument } from '@lochmoor/core'
import { run, setAt } from '../store/commands.ts'
import { SetField } from './SetField.tsx'

interface Props {
  readonly job: JobDocument
  /** Dotted place of a set of words in the document. */
  readonly path: string
  readonly label?: string
  readonly how?: string
}

/** Several words at their place in the document: shown and stored from there. */
export const PathSet = ({ job, path, label: own, how }: Props) => {
  const { label: named, words } = describePath(path, job)
  const node = nodeAt(JOB, path)
  if (node?.is !== 'set' || words === null) throw new Error(`${path} holds no set of words`)
  const capital = (w: string) => w.charAt(0).toUpperCase() + w.slice(1)
  return (
    <SetField
      label={own ?? named}
      value={valueAt(job, path) as readonly string[]}
      options={Object.entries(words).map(([w, said]) => [w, capital(said)] as const)}
      how={how}
      onChange={(value) => run(setAt(path, value, named.toLowerCase()))}
    />
  )
}
