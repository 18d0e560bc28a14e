import {
  describePath,
  foundAt,
  headOf,
  type FigureField,
  type JobDocument,
  type MeetingField,
  type Station,
} from '@lochmoor/core'
import { Link } from 'react-router'
import { FigureText } from '../../fields/FigureText.tsx'
import { originWords } from '../../fields/standIn.ts'
import { useBench } from './benchContext.ts'

interface Props {
  readonly job: JobDocument
  /** A figure or word that another station found or decided. */
  readonly id: FigureField | MeetingField
  /** The station where it is entered. */
  readonly of: Station
  /** What follows while nobody knows it. */
  readonly unknown: string
}

/** What this station takes from another one, with the way to where it comes from. */
export const MeetingLine = ({ job, id, of, unknown }: Props) => {
  const { station: here } = useBench()
  const found = foundAt(job, id)
  const { label, family, words } = describePath(id, job)
  const station = headOf(found.from ?? of)
  const origin =
    found.kind === 'entered' ? `from the ${station.inSentence}` : found.value === null ? unknown : originWords(found)
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-hair/70 py-1 leading-tight">
      <span>
        {label}
        {found.from === here.id ? (
          <span className="block text-sm text-soft">as found here, {found.why}</span>
        ) : (
          <Link to={`../${station.path}`} className="block text-sm text-accent underline">
            {origin}
          </Link>
        )}
      </span>
      <span
        className={`text-right whitespace-nowrap ${found.value === null || found.kind === 'assumed' ? 'text-soft italic' : 'font-semibold'}`}
      >
        {typeof found.value === 'number' && family ? (
          <FigureText figure={{ si: found.value, family }} />
        ) : found.value === null ? (
          'not known'
        ) : (
          (words?.[String(found.value)] ?? String(found.value))
        )}
      </span>
    </div>
  )
}
