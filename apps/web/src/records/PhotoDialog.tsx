import { OverPage } from '../shell/OverPage.tsx'

/** A photograph at full size. */
export const PhotoDialog = ({
  jobId,
  photoId,
  name,
  onClose,
}: {
  jobId: string
  photoId: string
  name: string
  onClose: () => void
}) => (
  <OverPage title={name} wide="fit" onClose={onClose}>
    <img src={`/api/jobs/${jobId}/photos/${photoId}`} alt={name} className="max-h-[78dvh] max-w-full" />
  </OverPage>
)
