import { jointsOf, openLeaks, partsOfExhaust } from '@lochmoor/core'
import { useMemo } from 'react'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { PartsTable } from '../../bench/PartsTable.tsx'
import { ExhaustCautions } from '../ExhaustCautions.tsx'
import { MeetingLine } from '../../bench/MeetingLine.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { LeakPlanTable } from './LeakPlanTable.tsx'

/** The leak check with its results, what to order, and the papers. */
export const OrderSheet = (props: SheetProps) => {
  const { job } = props
  const { c } = props.assessment
  const lines = useMemo(() => partsOfExhaust(c), [c])
  const all = jointsOf(c.runs)
  const open = openLeaks(c.runs)
  return (
    <Columns
      names={['Where things stand', 'Leaks and parts', 'Assessment']}
      measured={
        <>
          <ExhaustCautions job={job} where={['running', 'under-car', 'emissions']} />
          <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Where things stand</h2>
          <p className="leading-snug">
            {all.length} joints: {all.filter((j) => j.state === 'tight').length} tight, {open.length} leaking,{' '}
            {all.filter((j) => j.state === null).length} not checked. Each result goes into the job log with its time.
          </p>
          <MeetingLine
            job={job}
            id="walkAround.tests.exhaustLeak"
            of="walkAround"
            unknown="nobody has looked for one yet"
          />
          {open.length > 0 && (
            <p className="mt-2 font-semibold text-stop">
              First start on hold: {open.map((j) => j.name.toLowerCase()).join(', ')}.
            </p>
          )}
        </>
      }
      picture={
        <>
          <PaperLinks
            papers={[
              { file: 'exhaust/sheet.pdf?paper=a4', words: 'Working sheet, A4' },
              { file: 'exhaust/sheet.pdf?paper=letter', words: 'Working sheet, Letter' },
              { file: 'exhaust/parts.csv', words: 'Parts as CSV' },
            ]}
          />
          <LeakPlanTable c={c} />
          <section aria-label="Parts">
            <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Parts</h2>
            <PartsTable
              lines={lines}
              nothing="Nothing to order yet: choose the position, the sensor and its bung first."
            />
          </section>
        </>
      }
      judgement={
        <SheetJudgement sheet="order">
          <BuiltSwitch station="exhaust" />
        </SheetJudgement>
      }
    />
  )
}
