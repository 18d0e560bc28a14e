import { MOST_PHOTO_BYTES, PHOTO_TYPES } from '@lochmoor/contract'
import type { LogRecord } from '@lochmoor/core'
import { useState } from 'react'
import { TextEntry } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { enterPhoto, enterRecord } from '../store/records.ts'

const problemOf = (file: File): string | null =>
  !(PHOTO_TYPES as readonly string[]).includes(file.type)
    ? `${file.name} is ${file.type || 'of no known kind'}; allowed: JPEG, PNG or WebP.`
    : file.size > MOST_PHOTO_BYTES
      ? `${file.name} has ${(file.size / 1024 ** 2).toFixed(1)} MB; allowed: at most ${MOST_PHOTO_BYTES / 1024 ** 2} MB.`
      : null

interface Props {
  readonly corrects: LogRecord | null
  readonly onDone: () => void
}

/** A photograph with a few words. Its camera data and place are removed by the server. */
export const PhotoForm = ({ corrects, onDone }: Props) => {
  const photo = corrects?.body.kind === 'photo' ? corrects.body : null
  const [file, setFile] = useState<File | null>(null)
  const [text, setText] = useState(photo?.text ?? '')
  const problem = file && problemOf(file)
  const ready = photo !== null || (file !== null && problem === null)
  const enter = () => {
    if (photo && corrects) enterRecord({ ...photo, text: text.trim() }, { corrects: corrects.id })
    else if (file) enterPhoto(file, text.trim())
    setFile(null)
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
          <span className="block font-semibold">Picture</span>
          <input
            type="file"
            accept={PHOTO_TYPES.join(',')}
            onChange={(e) => setFile(e.target.files?.[0] ?? null)}
            className="w-full border border-soft/60 bg-sheet p-1.5"
          />
        </label>
      )}
      {problem && (
        <p role="alert" className="font-semibold break-words text-stop">
          {problem}
        </p>
      )}
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
