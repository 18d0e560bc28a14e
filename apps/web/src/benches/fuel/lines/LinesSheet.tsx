import { designOf, lineFindings, linesInUse, piecesOfLine, type LineName } from '@lochmoor/core'
import { useMemo, useState } from 'react'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { StateMark } from '../../../marks/StateMark.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { FuelCautions } from '../FuelCautions.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { AssemblySteps } from './AssemblySteps.tsx'
import { CutList } from './CutList.tsx'
import { HoseDrawing } from './HoseDrawing.tsx'
import { LeakTestPlan } from './LeakTestPlan.tsx'
import { LegEditor } from './LegEditor.tsx'
import { RouteStrip } from './RouteStrip.tsx'

/** The lines leg by leg: what each is made of and where it runs, what is wrong with it, and what to cut. */
export const LinesSheet = (props: SheetProps) => {
  const { job, catalogue } = props
  const used = linesInUse(designOf(job))
  const [asked, setAsked] = useState<LineName>('feed')
  const which = used.includes(asked) ? asked : 'feed'
  const [askedLeg, setLeg] = useState(0)
  const legs = job.fuel[which].legs
  const index = Math.min(askedLeg, Math.max(0, legs.length - 1))
  const piece = useMemo(
    () => piecesOfLine(designOf(job), which).find((p) => p.index === index) ?? null,
    [job, which, index],
  )
  return (
    <Columns
      measured={
        <LegEditor
          {...{ job, catalogue, which, used, index }}
          onWhich={(line) => {
            setAsked(line)
            setLeg(0)
          }}
          onIndex={setLeg}
        />
      }
      picture={
        <>
          <FuelCautions where={['lines', 'under-car']} />
          <RouteStrip
            job={job}
            which={which}
            index={index}
            onLeg={(line, i) => {
              setAsked(line)
              setLeg(i)
            }}
          />
          {piece && <HoseDrawing piece={piece} />}
          <CutList job={job} />
          <AssemblySteps job={job} />
          <LeakTestPlan job={job} />
        </>
      }
      judgement={
        <SheetJudgement sheet="lines">
          <Findings job={job} />
        </SheetJudgement>
      }
    />
  )
}

const Findings = ({ job }: Pick<SheetProps, 'job'>) => {
  const found = lineFindings(designOf(job))
  if (found.length === 0) return null
  return (
    <section aria-label="Fuel line findings" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Fuel line findings</h2>
      <ul>
        {found.map((f, i) => (
          <li key={i} className="border-b border-hair/70 py-1.5 leading-snug">
            <StateMark state={f.state} /> <span className="font-semibold">{f.where}</span>
            <span className="block">
              <SentenceText sentence={f.why} />
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
