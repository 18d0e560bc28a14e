import { counted, type PhotoEntry } from '@lochmoor/core'
import { PHOTO_TYPES } from '@lochmoor/contract'
import { Camera, Images } from 'lucide-react'
import { useId, useState } from 'react'
import { useJobStore } from '../store/jobStore.ts'
import { enterPhoto } from '../store/records.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { useFieldPhotos } from './FieldPhotos.tsx'
import { PhotoDialog } from './PhotoDialog.tsx'
import { photoProblem } from './photoProblem.ts'

/** What one entry is about, in photographs: those there are, and more, several at once or from the phone's camera. */
export const PhotoAt = ({ field, label }: { field: string; label: string }) => {
  const mayWrite = useMayWrite()
  const { photos, why } = useFieldPhotos(field)
  const [said, setSaid] = useState<{ readonly count: number; readonly problems: readonly string[] } | null>(null)
  const take = (files: readonly File[]) => {
    const problems = files.flatMap((f) => photoProblem(f) ?? [])
    const good = files.filter((f) => photoProblem(f) === null)
    good.forEach((f, i) => enterPhoto(f, good.length > 1 ? `${label}, ${i + 1} of ${good.length}` : label, field))
    setSaid({ count: good.length, problems })
  }
  return (
    <div className="mt-1 text-sm">
      {photos.length > 0 && (
        <ul aria-label={`Photographs: ${label}`} className="flex flex-wrap gap-1 py-1">
          {photos.map((p) => (
            <li key={p.id}>
              <Small photo={p} />
            </li>
          ))}
        </ul>
      )}
      {why !== null && <p className="text-stop">Photographs could not be loaded: {why}</p>}
      {mayWrite && (
        <div className="flex flex-wrap items-center gap-x-3">
          {said && said.count > 0 && (
            <span role="status" className="text-soft">
              {counted(said.count, 'photograph')} in the job log
            </span>
          )}
          {said?.problems.map((p) => (
            <span key={p} role="alert" className="font-semibold text-stop">
              {p}
            </span>
          ))}
          <Pick icon={Camera} words="Camera" label={label} onFiles={take} camera />
          <Pick icon={Images} words="Photographs" label={label} onFiles={take} />
        </div>
      )}
    </div>
  )
}

const Small = ({ photo: { body, storedAt } }: { photo: PhotoEntry }) => {
  const jobId = useJobStore((s) => s.jobId)!
  const [open, setOpen] = useState(false)
  const name = body.text || 'Photograph'
  if (storedAt === null)
    return (
      <span title={name} className="grid size-14 place-items-center border border-dashed border-soft text-center text-xs leading-tight text-soft">
        not sent
      </span>
    )
  return (
    <>
      <button type="button" onClick={() => setOpen(true)} aria-label={`Open the photograph: ${name}`} className="block">
        <img
          src={`/api/jobs/${jobId}/photos/${body.photoId}/thumb`}
          alt=""
          loading="lazy"
          className="size-14 border border-hair object-cover"
        />
      </button>
      {open && <PhotoDialog jobId={jobId} photoId={body.photoId} name={name} onClose={() => setOpen(false)} />}
    </>
  )
} // prettier-ignore

interface PickProps {
  readonly icon: typeof Camera
  readonly words: string
  readonly label: string
  readonly onFiles: (files: readonly File[]) => void
  /** Straight to the camera, one at a time: only where there is a thumb on the glass. */
  readonly camera?: boolean
}

const Pick = ({ icon: Icon, words, label, onFiles, camera = false }: PickProps) => {
  const id = useId()
  return (
    <span className={camera ? 'hidden pointer-coarse:block' : ''}>
      <input
        id={id}
        type="file"
        accept={PHOTO_TYPES.join(',')}
        {...(camera ? { capture: 'environment' as const } : { multiple: true })}
        className="peer sr-only"
        onChange={(e) => {
          onFiles([...(e.target.files ?? [])])
          e.target.value = ''
        }}
      />
      <label htmlFor={id} className="flex min-h-7 cursor-pointer items-center gap-1 text-accent peer-focus-visible:outline-2 peer-focus-visible:outline-accent max-lg:min-h-[44px]">
        <Icon size={15} aria-hidden />
        <span className="underline">
          {words}
          <span className="sr-only">: {label}</span>
        </span>
      </label>
    </span>
  )
} // prettier-ignore
