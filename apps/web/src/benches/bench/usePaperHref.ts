import { useJobStore } from '../../store/jobStore.ts'
import { useEnglish, usePreferences } from '../../store/preferences.ts'

/** Address of a file of the open job, in the reader's units and English; `plain`: it has no units of the reader's. */
export const usePaperHref = (): ((file: string, plain?: boolean) => string) => {
  const jobId = useJobStore((s) => s.jobId)
  const units = usePreferences((s) => s.units)
  const english = useEnglish()
  const wanted = encodeURIComponent(
    Object.entries(units)
      .map(([family, id]) => `${family}:${id}`)
      .join(','),
  )
  return (file, plain = false) =>
    `/api/jobs/${jobId}/${file}${file.includes('?') ? '&' : '?'}english=${english}${plain ? '' : `&units=${wanted}`}`
}
