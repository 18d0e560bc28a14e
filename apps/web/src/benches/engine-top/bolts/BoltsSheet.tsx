import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { EngineTopSheetProps } from '../sheetProps.ts'
import { BoltFields } from './BoltFields.tsx'
import { BoltTables } from './BoltTables.tsx'
import { DividerPractices } from './DividerPractices.tsx'
import { OrderDrawing } from './OrderDrawing.tsx'

const M = 'engineTop.manifold'

/** Manifold, its divider and gaskets, and every group of bolts with its tightening order. */
export const BoltsSheet = ({ job, assessment, group, setGroup }: EngineTopSheetProps) => {
  const { c } = assessment
  const divided = c.intake.manifold === 'two-plane' && c.system?.injection !== 'port'
  const index = Math.min(group, Math.max(0, c.bolts.length - 1))
  const shown = c.bolts[index] ?? null
  return (
    <Columns
      names={['Measured', 'Bolts', 'Assessment']}
      measured={
        <>
          <BoltFields job={job} index={index} onIndex={setGroup} of={shown} />
          <Group title="Manifold">
            <PathChoice job={job} path="walkAround.intake.manifold" label="Manifold" />
            {divided && (
              <>
                <PathChoice job={job} path={`${M}.fires`} />
                <PathChoice job={job} path={`${M}.divider`} none="not decided" />
                {job.engineTop.manifold.divider === 'cut' && <PathField job={job} path={`${M}.cutM`} />}
              </>
            )}
            <PathChoice job={job} path={`${M}.gasketHeld`} none="not decided" />
            <PathChoice job={job} path={`${M}.coolantOut`} none="not done" />
            <PathChoice job={job} path={`${M}.bled`} none="not done" />
            {c.system?.injection === 'port' && <PathChoice job={job} path={`${M}.sealsOiled`} none="not done" />}
          </Group>
        </>
      }
      picture={
        <>
          <Caution>Engine cold, coolant drained into a clean pan. Ports covered while the manifold is off.</Caution>
          {c.bolts.length === 0 ? (
            <p className="border border-ink bg-sheet p-5 text-center">No bolts yet: add a group for the manifold, one for the throttle body.</p>
          ) : (
            <>
              <BoltTables bolts={c.bolts} shown={index} onShow={setGroup} />
              {shown && <OrderDrawing b={shown} />}
              <div className="mt-3">
                <PaperLinks
                papers={[
                  { file: 'tightening-card.pdf?paper=a4', words: 'Tightening card, A4' },
                  { file: 'tightening-card.pdf?paper=letter', words: 'Tightening card, Letter' },
                ]}
              />
              </div>
            </>
          )}
          <DividerPractices c={c} />
        </>
      }
      judgement={<SheetJudgement sheet="bolts" />}
    />
  )
} // prettier-ignore
