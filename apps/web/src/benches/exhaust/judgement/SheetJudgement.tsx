import { stationOf, type ExhaustChange } from '@lochmoor/core'
import type { ReactNode } from 'react'
import { run, setExhaust } from '../../../store/commands.ts'
import { VerdictCard } from '../../bench/judgement/VerdictCard.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { verdictsOfTab } from '../../bench/tabs.ts'

const tryRemedy = (change: ExhaustChange): void => {
  run(setExhaust(change, 'the tried remedy', false))
}

interface Props extends Pick<SheetProps, 'assessment' | 'ask'> {
  /** Address of the tab. */
  readonly sheet: string
  readonly nothing?: string
  readonly children?: ReactNode
}

/** What is judged on one sheet. */
export const SheetJudgement = ({ sheet, assessment, ask, nothing, children }: Props) => {
  const own = verdictsOfTab(stationOf('exhaust'), sheet, assessment.verdicts)
  return (
    <>
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Judgement</h2>
      {own.length === 0 && (
        <p className="py-1 text-soft">{nothing ?? 'Nothing to judge here yet: enter the exhaust and choose a spot.'}</p>
      )}
      <ol>
        {own.map((v) => (
          <VerdictCard
            key={v.id}
            verdict={v}
            onTry={tryRemedy}
            onWorking={(id, momentId) => ask(id, v.subject?.sensor ?? 0, momentId)}
          />
        ))}
      </ol>
      {children}
    </>
  )
}
