import { headOf, partsOfJob, stepsOfEngineTop } from '@lochmoor/core'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { PartsTable } from '../../bench/PartsTable.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { EngineTopSheetProps } from '../sheetProps.ts'

/** What to order, with what the other stations order, and the steps at the car. */
export const EngineTopOrderSheet = ({ job, assessment }: EngineTopSheetProps) => {
  const { c } = assessment
  const parts = useMemo(() => partsOfJob(job), [job])
  const steps = useMemo(() => stepsOfEngineTop(c), [c])
  const own = parts.filter((p) => p.stations.includes('engineTop'))
  const others = parts.filter((p) => !p.stations.includes('engineTop'))
  return (
    <Columns
      names={['Chosen', 'Parts and steps', 'Assessment']}
      measured={
        <Group title="What decides the list">
          <PathChoice job={job} path="engineTop.stack.cleaner" label="Air cleaner" />
          <PathChoice job={job} path="engineTop.vacuum.mayDrill" none="not decided" />
          <PathChoice job={job} path="engineTop.vacuum.pressureLine" label="Pressure line" />
          <PathChoice job={job} path="engineTop.ignition.box" />
          {c.system?.timing === 'crank-trigger' && <PathChoice job={job} path="engineTop.ignition.coils" none="not chosen" />}
        </Group>
      }
      picture={
        <>
          <PaperLinks
            papers={[
              { file: 'engine-top/sheet.pdf?paper=a4', words: 'Engine top sheet, A4' },
              { file: 'engine-top/sheet.pdf?paper=letter', words: 'The same, Letter' },
              { file: 'engine-top/parts.csv', words: 'Parts as CSV' },
            ]}
          />
          <Parts title="Parts of the engine top" rows={own} nothing="Nothing to order yet." />
          <section aria-label="Steps at the car" className="mt-5">
            <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Steps at the car</h2>
            {steps.length === 0 ? (
              <p className="py-2 text-soft">No steps yet: they follow from what is entered on the other tabs.</p>
            ) : (
              <ol className="list-decimal pl-7">
                {steps.map((s) => (
                  <li key={s.id} className="border-b border-hair/70 py-1 leading-snug">
                    <SentenceText sentence={s.says} />{' '}
                    <Link to={`../engine-top${s.tab === '' ? '' : `/${s.tab}`}`} className="text-accent underline">
                      {headOf('engineTop').tabs.find((t) => t.path === s.tab)?.title}
                    </Link>
                  </li>
                ))}
              </ol>
            )}
          </section>
          <Parts title="What the other stations order" rows={others} nothing="Nothing yet." />
        </>
      }
      judgement={
        <SheetJudgement sheet="order">
          <BuiltSwitch station="engineTop" />
        </SheetJudgement>
      }
    />
  )
} // prettier-ignore

const Parts = ({ title, rows, nothing }: { title: string; rows: ReturnType<typeof partsOfJob>; nothing: string }) => (
  <section aria-label={title} className="mt-3">
    <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">{title}</h2>
    <PartsTable name={`${title}, list`} lines={rows.map(({ id, line, stations }) => ({ ...line, id, stations }))} nothing={nothing} />
  </section>
) // prettier-ignore
