import { Camera } from 'lucide-react'
import { useId, useState } from 'react'
import { PHOTO_TYPES } from '@lochmoor/contract'
import { enterPhoto } from '../store/records.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { photoProblem } from './photoProblem.ts'

/** Photographs of what one entry is about: several at once, on a phone from its camera. They go into the job log. */
export const PhotoAt = ({ field, label }: { field: string; label: string }) => {
  const id = useId()
  const mayWrite = useMayWrite()
  const [said, setSaid] = useState<{ readonly count: number; readonly problems: readonly string[] } | null>(null)
  if (!mayWrite) return null
  const take = (files: readonly File[]) => {
    const problems = files.flatMap((f) => photoProblem(f) ?? [])
    const good = files.filter((f) => photoProblem(f) === null)
    good.forEach((f, i) => enterPhoto(f, good.length > 1 ? `${label}, ${i + 1} of ${good.length}` : label, field))
    setSaid({ count: good.length, problems })
  }
  return (
    <div className="mt-1 flex flex-wrap items-center gap-2 text-sm">
      {said && said.count > 0 && (
        <span role="status" className="text-soft">
          {said.count === 1 ? 'One photograph' : `${said.count} photographs`} in the job log
        </span>
      )}
      {said?.problems.map((p) => (
        <span key={p} role="alert" className="font-semibold text-stop">
          {p}
        </span>
      ))}
      <input
        id={id}
        type="file"
        accept={PHOTO_TYPES.join(',')}
        capture="environment"
        multiple
        className="peer sr-only"
        onChange={(e) => {
          take([...(e.target.files ?? [])])
          e.target.value = ''
        }}
      />
      <label htmlFor={id} className="flex min-h-7 cursor-pointer items-center gap-1 text-accent peer-focus-visible:outline-2 peer-focus-visible:outline-accent">
        <Camera size={15} aria-hidden />
        <span className="underline">
          Photograph<span className="sr-only">: {label}</span>
        </span>
      </label>
    </div>
  )
} // prettier-ignore
