import { stationOf, type WorkingId } from '@lochmoor/core'
import type { ReactNode } from 'react'
import { NO_SINGLE_PART, tryRemedy } from './tryRemedy.ts'
import type { SheetProps } from '../sheetProps.ts'
import { verdictsOfTab } from '../../bench/tabs.ts'
import { VerdictCard } from '../../bench/judgement/VerdictCard.tsx'

interface Props extends Pick<SheetProps, 'assessment' | 'showPoint' | 'ask'> {
  /** Address of the tab. */
  readonly sheet: string
  /** Said where nothing of this sheet can be judged yet. */
  readonly nothing?: string
  readonly children?: ReactNode
}

/** What is judged on one sheet. */
export const SheetJudgement = ({ sheet, assessment, showPoint, ask, nothing, children }: Props) => {
  const own = verdictsOfTab(stationOf('fuel'), sheet, assessment.verdicts)
  return (
    <>
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Judgement</h2>
      {own.length === 0 && <p className="py-1 text-soft">{nothing ?? 'Nothing to judge here yet: choose a pump.'}</p>}
      <ol>
        {own.map((v) => (
          <VerdictCard
            key={v.id}
            verdict={v}
            onTry={tryRemedy}
            whenStuck={NO_SINGLE_PART}
            onPoint={showPoint}
            onWorking={(id, at) => ask(id as WorkingId, at ?? 'idle')}
          />
        ))}
      </ol>
      {children}
    </>
  )
}
