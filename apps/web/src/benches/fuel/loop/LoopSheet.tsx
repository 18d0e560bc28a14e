import {
  designOf,
  compareLoops,
  pressureProfile,
  solvePoint,
  isSolved,
  type LoopComparison,
  type LoopDesign,
  type LoopRow,
} from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateMark } from '../../../marks/StateMark.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { enterRecord } from '../../../store/records.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { FuelCautions } from '../FuelCautions.tsx'
import { LineInputs } from '../inputs/LineInputs.tsx'
import { OldLineInputs } from '../inputs/OldLineInputs.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { ProfileChart } from '../picture/ProfileChart.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { TrapNote } from './TrapNote.tsx'

const TITLES = { return: 'Return-type', 'single-line': 'Returnless' } as const

/** Both kinds of loop of this car side by side, the trap at idle, and the old hard line. */
export const LoopSheet = (props: SheetProps) => {
  const { job, catalogue } = props
  const comparison = useMemo(() => compareLoops(job, catalogue), [job, catalogue])
  return (
    <Columns
      names={['Old line', 'Side by side', 'Assessment']}
      measured={
        <>
          {job.fuel.oldLine.keeps && <FuelCautions where={['old-line']} />}
          <OldLineInputs job={job} />
          <LineInputs job={job} catalogue={catalogue} which="return" />
        </>
      }
      picture={<SideBySide comparison={comparison} job={job} />}
      judgement={<SheetJudgement sheet="loop" />}
    />
  )
}

const SideBySide = ({ comparison, job }: { comparison: LoopComparison; job: SheetProps['job'] }) => {
  const { designs, rows } = comparison
  const now = designs.find((d) => d.job === job)
  const cell = (i: 0 | 1) => (r: LoopRow) => {
    const value = r.figures[i]
    return (
      <span className={r.differs ? 'font-semibold' : 'text-soft'}>
        {typeof value === 'string' ? value : <FigureText figure={value} />}
      </span>
    )
  }
  return (
    <>
      <div className="grid grid-cols-1 gap-x-4 gap-y-2 border-t-2 border-ink pt-2 sm:grid-cols-2">
        {designs.map((d) => (
          <Head key={d.loop} design={d} chosen={d === now} />
        ))}
      </div>
      <DataTable
        name="Return-type against returnless"
        rows={rows}
        keyOf={(r) => r.what}
        columns={[
          {
            head: 'Derived figures',
            cell: (r) => (
              <>
                <span className="block font-semibold">{r.what}</span>
                <span className="block text-sm text-soft">{r.why}</span>
              </>
            ),
          },
          { head: TITLES.return, right: true, cell: cell(0) },
          { head: TITLES['single-line'], right: true, cell: cell(1) },
        ]}
      />
      <h2 className="mt-5 border-b-2 border-ink pb-0.5 font-extrabold">The trap at idle</h2>
      <TrapNote design={designs[0]} />
      {designs.map((d) => (
        <IdleProfile key={d.loop} design={d} />
      ))}
    </>
  )
}

const Head = ({ design: d, chosen }: { design: LoopDesign; chosen: boolean }) => {
  const mayWrite = useMayWrite()
  const take = () => {
    const { systemType, regulator, referenced, filterPosition } = d.job.fuel
    const change = { systemType, regulator, referenced, filterPosition, return: d.job.fuel.return }
    if (run(setFuel(change, 'system type', false)))
      enterRecord(
        {
          kind: 'decision',
          text: `Fuel loop: ${TITLES[d.loop].toLowerCase()}`,
          reason: d.verdicts[0]?.state === 'ok' ? 'No drawbacks.' : `Noted: ${d.verdicts[0]?.title ?? ''}.`,
        },
        { of: 'fuel.systemType' },
      )
  }
  const against = d.verdicts.filter((v) => v.state === 'stop' || v.state === 'caution')
  return (
    <article aria-label={TITLES[d.loop]}>
      <h2 className="flex items-baseline gap-3 text-lg font-extrabold">
        {TITLES[d.loop]} <StateMark state={d.state} />
      </h2>
      <ul className="py-1 leading-snug">
        {against.length === 0 && <li className="text-soft">No drawbacks.</li>}
        {against.map((v) => (
          <li key={v.id}>
            <StateMark state={v.state} wordless /> {v.title}
          </li>
        ))}
      </ul>
      {chosen ? (
        <p className="font-bold">This is your current design.</p>
      ) : (
        <Button disabled={!mayWrite} onClick={take}>
          Use this one
        </Button>
      )}
    </article>
  )
}

/** The pressure along the circuit at idle, where a tight return shows. */
const IdleProfile = ({ design }: { design: LoopDesign }) => {
  const shown = useMemo(() => {
    const solved = solvePoint(designOf(design.job), design.idle)
    return isSolved(solved) ? solved : null
  }, [design])
  return (
    <div className="mt-2">
      <ProfileChart
        pieces={shown ? pressureProfile(shown) : []}
        solved={shown}
        title={TITLES[design.loop]}
        point={design.idle}
      />
    </div>
  )
}
