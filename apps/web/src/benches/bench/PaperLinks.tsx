import { Download, FileText } from 'lucide-react'
import { useJobStore } from '../../store/jobStore.ts'
import { usePaperHref } from './usePaperHref.ts'

export interface Paper {
  /** Under the job's address, e.g. "fuel/sheet.pdf?paper=a4". */
  readonly file: string
  readonly words: string
  /** It has no units of the reader's. */
  readonly plain?: boolean
}

/** Sheets and lists as files, in the reader's units and English. */
export const PaperLinks = ({ papers }: { papers: readonly Paper[] }) => {
  const save = useJobStore((s) => s.save)
  const hrefOf = usePaperHref()
  return (
    <div className="mb-3">
      <div className="flex flex-wrap gap-2">
        {papers.map(({ file, words, plain }) => (
          <a
            key={file}
            href={hrefOf(file, plain)}
            download
            className="flex min-h-9 items-center gap-1.5 border border-ink px-3 font-bold hover:bg-wash"
          >
            {file.includes('.pdf') ? <FileText size={16} aria-hidden /> : <Download size={16} aria-hidden />} {words}
          </a>
        ))}
      </div>
      {save !== 'saved' && (
        <p className="mt-1 text-sm font-semibold text-caution">
          Papers are made from what the server has saved: your last changes are still on their way.
        </p>
      )}
    </div>
  )
}
