import type { ReactNode } from 'react'
import { useBench } from '../benchContext.ts'
import { verdictsOfTab } from '../tabs.ts'
import { VerdictCard } from './VerdictCard.tsx'

interface Props {
  /** Address of the tab. */
  readonly sheet: string
  /** Said where nothing of this sheet can be judged yet. */
  readonly nothing?: string
  readonly children?: ReactNode
}

/** What is judged on one sheet of the open bench. */
export const SheetJudgement = ({ sheet, nothing, children }: Props) => {
  const { station, assessment } = useBench()
  const own = verdictsOfTab(station, sheet, assessment.verdicts)
  return (
    <>
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Assessment</h2>
      {own.length === 0 && <p className="py-1 text-soft">{nothing ?? 'Nothing to check here yet.'}</p>}
      <ol>
        {own.map((v) => (
          <VerdictCard key={v.id} verdict={v} />
        ))}
      </ol>
      {children}
    </>
  )
}
