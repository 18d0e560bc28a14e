import { PHOTO_TYPES } from '@lochmoor/contract'
import type { LogRecord } from '@lochmoor/core'
import { useState } from 'react'
import { TextEntry } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { enterPhoto, enterRecord } from '../store/records.ts'
import { photoProblem } from './photoProblem.ts'

interface Props {
  readonly corrects: LogRecord | null
  readonly onDone: () => void
}

/** Photographs with a few words, several at once. Its camera data and place are removed by the server. */
export const PhotoForm = ({ corrects, onDone }: Props) => {
  const photo = corrects?.body.kind === 'photo' ? corrects.body : null
  const [files, setFiles] = useState<readonly File[]>([])
  const [text, setText] = useState(photo?.text ?? '')
  const problems = files.flatMap((f) => photoProblem(f) ?? [])
  const ready = photo !== null || (files.length > 0 && problems.length === 0)
  const enter = () => {
    if (photo && corrects) enterRecord({ ...photo, text: text.trim() }, { corrects: corrects.id })
    else files.forEach((f, i) => enterPhoto(f, files.length > 1 ? `${text.trim() || 'Photograph'}, ${i + 1} of ${files.length}` : text.trim(), null)) // prettier-ignore
    setFiles([])
    setText('')
    onDone()
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (ready) enter()
      }}
    >
      {!photo && (
        <label className="block py-1">
          <span className="block font-semibold">Pictures</span>
          <input
            type="file"
            accept={PHOTO_TYPES.join(',')}
            multiple
            onChange={(e) => setFiles([...(e.target.files ?? [])])}
            className="w-full border border-soft/60 bg-sheet p-1.5"
          />
        </label>
      )}
      {problems.map((problem) => (
        <p key={problem} role="alert" className="font-semibold break-words text-stop">
          {problem}
        </p>
      ))}
      <TextEntry label="What it shows" lines={2} most={1000} value={text} onChange={setText} />
      <p className="text-sm text-soft">Camera data and location are removed before it is saved.</p>
      <div className="mt-1 flex">
        <Button kind="main" type="submit" disabled={!ready}>
          Add entry
        </Button>
      </div>
    </form>
  )
}
