import { formatMeasured, type LogRecord, type RecordBody, type RecordKind } from '@lochmoor/core'
import { Camera, Ear, Gauge, GitCommitHorizontal, Hourglass, NotebookPen, PackageOpen, Scale, Scissors, Split } from 'lucide-react' // prettier-ignore
import { useState } from 'react'
import { longTime } from '../jobs/shortTime.ts'
import { FromFile } from '../marks/FromFile.tsx'
import { unitOfFamily, usePreferences } from '../store/preferences.ts'
import { PhotoDialog } from './PhotoDialog.tsx'

export const KIND_WORDS: Readonly<Record<RecordKind, string>> = {
  note: 'Note',
  measurement: 'Measurement',
  decision: 'Decision',
  change: 'Change',
  photo: 'Photograph',
  deviation: 'Deviation',
  hearsay: 'Hearsay',
  altered: 'Altered permanently',
  delivered: 'As delivered',
  'for-now': 'Done for now',
}

const ICON = {
  note: NotebookPen,
  measurement: Gauge,
  decision: Scale,
  change: GitCommitHorizontal,
  photo: Camera,
  deviation: Split,
  hearsay: Ear,
  altered: Scissors,
  delivered: PackageOpen,
  'for-now': Hourglass,
}

interface Props {
  readonly record: LogRecord
  readonly jobId: string
  readonly corrected: boolean
  /** Whether the computation stands on it. */
  readonly inForce: boolean
  /** What it measured is no longer in the job, or cannot be told any more: the entry is read-only. */
  readonly gone: boolean
  readonly old: LogRecord | null
  readonly onCorrect: (() => void) | null
}

/** One entry as it stands in the book; what was corrected stays readable. */
export const RecordRow = ({ record, jobId, corrected, inForce, gone, old, onCorrect }: Props) => {
  const { at, body, corrects, importedBy, storedAt, who, withdraws } = record
  const Icon = ICON[body.kind]
  return (
    <li className="flex gap-3 border-b border-hair py-2 print:break-inside-avoid">
      <Icon size={20} aria-hidden className="mt-0.5 shrink-0 text-soft" />
      <div className="min-w-0 flex-1">
        <p className="text-soft">
          {KIND_WORDS[body.kind]}, {longTime(at)}, {who}
          <FromFile by={importedBy} />
          {storedAt === null && <span className="ml-2 font-bold text-caution">saved here, not sent</span>}
          {inForce && !gone && <span className="ml-2 font-bold text-ok">in use</span>}
          {gone && <span className="ml-2 font-bold text-unknown">what it measured is no longer in the job</span>}
          {corrected && <span className="ml-2 font-bold text-caution">corrected later</span>}
        </p>
        {corrects !== null && (
          <p className="font-semibold text-caution">
            {withdraws ? 'Voids' : 'Corrects'}{' '}
            {old ? `the entry of ${longTime(old.at)}: ${plainText(old.body)}` : 'an older entry'}
          </p>
        )}
        <div className={corrected || withdraws ? 'line-through decoration-1' : ''}>
          <Body body={body} jobId={jobId} waiting={storedAt === null} />
        </div>
      </div>
      {onCorrect && !gone && !corrected && !withdraws && (
        <button
          type="button"
          aria-label={`Correct: ${plainText(body)}`}
          onClick={onCorrect}
          className="self-start text-accent underline print:hidden"
        >
          Correct
        </button>
      )}
    </li>
  )
}

/** An entry in a few words. */
export const plainText = (body: RecordBody): string => {
  const text = body.kind === 'measurement' ? `${body.quantity} ${body.text}` : body.text || KIND_WORDS[body.kind]
  return text.length > 70 ? `${text.slice(0, 67)}…` : text
}

const Body = ({ body, jobId, waiting }: { body: RecordBody; jobId: string; waiting: boolean }) => {
  switch (body.kind) {
    case 'note':
      return <p className="whitespace-pre-line">{body.text}</p>
    case 'decision':
      return (
        <>
          <p className="font-bold">{body.text}</p>
          <p className="whitespace-pre-line">{body.reason}</p>
        </>
      )
    case 'change':
      return (
        <>
          <p className="font-bold">
            {body.text}
            {(body.from || body.to) && ` : ${body.from || 'nothing'} → ${body.to || 'nothing'}`}
          </p>
          {body.why && <p>{body.why}</p>}
        </>
      )
    case 'measurement':
      return <Measurement body={body} />
    case 'deviation':
      return <Told text={body.text} lines={[body.reason, body.risk && `Risk: ${body.risk}`]} />
    case 'hearsay':
      return <Told text={body.text} lines={[`Said by ${body.by}; not measured`]} />
    case 'altered':
      return <Told text={body.text} lines={[body.where]} />
    case 'delivered':
      return <Told text={body.text} lines={[body.state]} />
    case 'for-now':
      return <Told text={body.text} lines={[body.until && `Until: ${body.until}`, body.danger ? 'A danger: not driven before it is put right' : 'Holds up hand-over']} /> // prettier-ignore
    case 'photo':
      return <Photo body={body} jobId={jobId} waiting={waiting} />
  }
}

const Told = ({ text, lines }: { text: string; lines: readonly string[] }) => (
  <>
    <p className="font-bold whitespace-pre-line">{text}</p>
    {lines.filter(Boolean).map((line) => (
      <p key={line} className="whitespace-pre-line">
        {line}
      </p>
    ))}
  </>
)

const Measurement = ({ body }: { body: Extract<RecordBody, { kind: 'measurement' }> }) => {
  const units = usePreferences((s) => s.units)
  const { condition, family, instrument, place, quantity, si, text } = body
  const unit = family && unitOfFamily(units, family)
  return (
    <>
      <p>
        {quantity}: <span className="text-lg font-bold">{si !== null && unit ? formatMeasured(si, unit) : text}</span>
        {si !== null && <span className="text-soft"> (entered as {text})</span>}
      </p>
      <p className="text-soft">{[place, condition, instrument].filter(Boolean).join(', ')}</p>
    </>
  )
}

const Photo = ({
  body: { photoId, text },
  jobId,
  waiting,
}: {
  body: Extract<RecordBody, { kind: 'photo' }>
  jobId: string
  waiting: boolean
}) => {
  const [open, setOpen] = useState(false)
  const name = text || 'Photograph'
  if (waiting) return <p>{name} (the picture is shown once it is sent)</p>
  return (
    <>
      <button type="button" onClick={() => setOpen(true)} aria-label={`Open the photograph: ${name}`} className="block">
        <img
          src={`/api/jobs/${jobId}/photos/${photoId}/thumb`}
          alt={name}
          loading="lazy"
          className="mt-1 max-h-48 border border-hair"
        />
      </button>
      <p>{text}</p>
      {open && <PhotoDialog jobId={jobId} photoId={photoId} name={name} onClose={() => setOpen(false)} />}
    </>
  )
}
