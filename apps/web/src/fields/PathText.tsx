import { describePath, JOB, nodeAt, valueAt, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { run, setAt } from '../store/commands.ts'
import { TextEntry } from './TextEntry.tsx'

interface Props {
  readonly job: JobDocument
  /** Dotted place of a text in the document. */
  readonly path: string
  readonly label?: string
  readonly placeholder?: string
  readonly lines?: number
  /** Once it was left with something else in it than before. */
  readonly onLeave?: (text: string) => void
}

/** A text at its place in the document: shown and stored from there. */
export const PathText = ({ job, path, label: own, placeholder, lines, onLeave }: Props) => {
  const { label } = describePath(path, job)
  const [typed, setTyped] = useState(false)
  const node = nodeAt(JOB, path)
  if (node?.is !== 'text') throw new Error(`${path} holds no text`)
  return (
    <TextEntry
      label={own ?? label}
      most={node.most}
      value={valueAt(job, path) as string}
      {...(placeholder !== undefined && { placeholder })}
      {...(lines !== undefined && { lines })}
      onLeave={(text) => {
        if (typed) onLeave?.(text)
        setTyped(false)
      }}
      onChange={(text) => {
        setTyped(true)
        run(setAt(path, text, label.toLowerCase()))
      }}
    />
  )
}
