import { describePath, howAt, JOB, nodeAt, valueAt, type JobDocument } from '@lochmoor/core'
import { run, setAt } from '../store/commands.ts'
import { ChoiceField } from './ChoiceField.tsx'
import { KnownChoiceField } from './KnownChoiceField.tsx'
import { YesNoField } from './YesNoField.tsx'

interface Props {
  readonly job: JobDocument
  /** Dotted place of a word or a yes-or-no in the document. */
  readonly path: string
  /** Shorter than its name, where the place on the screen says the rest. */
  readonly label?: string
  readonly how?: string
  /** What an empty choice means. */
  readonly none?: string
  /** What else is done once a word was chosen, such as an entry in the job log. */
  readonly onChosen?: (value: unknown) => void
}

/** A word, or yes and no, at its place in the document: shown and stored from there. */
export const PathChoice = ({ job, path, label: own, how = howAt(path) ?? undefined, none, onChosen }: Props) => {
  const { label: named, words } = describePath(path, job)
  const label = own ?? named
  const set = (value: unknown) => {
    run(setAt(path, value, named.toLowerCase()))
    onChosen?.(value)
  }
  const value = valueAt(job, path)
  const node = nodeAt(JOB, path)
  if (node?.is === 'flag')
    return (
      <YesNoField
        label={label}
        value={value as boolean | null}
        how={how}
        onChange={set}
        {...(none !== undefined && { none })}
      />
    )
  if (node?.is !== 'word') throw new Error(`${path} holds no word`)
  const capital = (w: string) => w.charAt(0).toUpperCase() + w.slice(1)
  const options = node.words.map((w) => [w, capital(words?.[w] ?? w)] as const)
  return node.empty === null ? (
    <KnownChoiceField
      label={label}
      value={value as string | null}
      options={options}
      none={none ?? 'not known'}
      how={how}
      onChange={set}
    />
  ) : (
    <ChoiceField label={label} value={value as string} options={options} how={how} onChange={set} />
  )
}
