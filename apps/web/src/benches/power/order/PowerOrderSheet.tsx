import { boughtWithLoom, partsOfPower, proofTestsOf } from '@lochmoor/core'
import { useMemo } from 'react'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { StillAssumed } from '../../bench/StillAssumed.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { PartsTable } from '../../bench/PartsTable.tsx'
import { ProofList, useResults } from '../feeds/ProofList.tsx'
import { NotComputed } from '../NotComputed.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'

/** What to order, the papers, and the whole test sheet. */
export const PowerOrderSheet = ({ job, assessment }: PowerSheetProps) => {
  const { c } = assessment
  const computed = c.refusedBy === null && c.gateKnown
  const lines = useMemo(() => partsOfPower(c), [c])
  const withLoom = boughtWithLoom(c)
  const tests = useMemo(() => (computed ? proofTestsOf(c) : []), [c, computed])
  const resultOf = useResults()
  const done = tests.filter((t) => resultOf(t)?.startsWith('passed'))
  return (
    <Columns
      names={['Chosen', 'Parts and tests', 'Assessment']}
      measured={
        <Group title="What decides the list">
          <PathChoice job={job} path="power.battery.place" none="where it is" />
          <PathChoice job={job} path="power.design.keyedFeed" />
          <PathChoice job={job} path="power.design.relays" />
          <PathChoice job={job} path="power.design.fan" none="as found" />
          <PathChoice job={job} path="power.design.damping" />
          <PathChoice job={job} path="power.design.jumpPosts" />
          <PathChoice job={job} path="power.old.killSwitch" />
        </Group>
      }
      picture={
        !computed ? (
          <NotComputed c={c} />
        ) : (
          <>
            <PaperLinks
              papers={[
                { file: 'power/sheet.pdf?paper=a4', words: 'Diagrams, fuse plan and tests, A4' },
                { file: 'power/sheet.pdf?paper=letter', words: 'The same, Letter' },
                { file: 'power/parts.csv', words: 'Parts as CSV' },
              ]}
            />
            <PartsTable lines={lines} nothing="Nothing to order yet." />
            {withLoom && <p className="mt-2 leading-snug">{withLoom}</p>}
            <ProofList
              name="Test sheet"
              title={`Test sheet: ${done.length} of ${tests.length} passed`}
              tests={tests}
              resultOf={resultOf}
            />
          </>
        )
      }
      judgement={
        <SheetJudgement sheet="order">
          <StillAssumed count={assessment.assumptions.length} tab="Supply" />
          <BuiltSwitch station="power" />
        </SheetJudgement>
      }
    />
  )
}
