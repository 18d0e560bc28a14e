import {
  designOf,
  engineOfJob,
  fig,
  fuelLoopOf,
  injectorSetsOf,
  type Figure,
  type InjectorPart,
  type RatedInjectorSet,
} from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { InjectionInputs } from '../inputs/InjectionInputs.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { selectSolved } from '../selectors.ts'
import type { SheetProps } from '../sheetProps.ts'
import { DeadTimeChart } from './DeadTimeChart.tsx'
import { PressureLeverPanel } from './PressureLeverPanel.tsx'

/** Which injectors: every set of the catalogue at idle and full load, dead time, and pressure as the coarse lever. */
export const InjectorSheet = (props: SheetProps) => {
  const { job, catalogue, assessment } = props
  const sets = useMemo(
    () => injectorSetsOf({ design: designOf(job), solved: assessment.solved }, catalogue),
    [job, assessment, catalogue],
  )
  return (
    <Columns
      names={['Chosen', 'Sets', 'Assessment']}
      measured={<InjectionInputs job={job} catalogue={catalogue} />}
      picture={
        <>
          <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Injector sets in the catalogue</h2>
          {sets.length === 0 ? (
            <p className="py-1 text-soft">
              The sets are ranked once the circuit can be solved: choose pump, regulator and lines first.
            </p>
          ) : (
            <SetTable sets={sets} injectors={catalogue.injectors} chosenId={job.fuel.injector?.id ?? null} />
          )}
          {job.fuel.injector && <DeadTimeChart injector={job.fuel.injector} />}
          <PressureLeverPanel job={job} />
        </>
      }
      judgement={
        <SheetJudgement sheet="injectors">
          <Differences {...props} />
        </SheetJudgement>
      }
    />
  )
}

interface SetTableProps {
  readonly sets: readonly RatedInjectorSet[]
  readonly injectors: readonly InjectorPart[]
  readonly chosenId: string | null
}

const SetTable = ({ sets, injectors, chosenId }: SetTableProps) => {
  const mayWrite = useMayWrite()
  const part = (id: string) => injectors.find((i) => i.id === id)!
  return (
    <DataTable
      name="Injector sets"
      rows={sets}
      keyOf={(s) => s.id}
      marked={(s) => s.id === chosenId}
      columns={[
        {
          head: 'Use',
          unseenHead: true,
          cell: (s) =>
            s.id === chosenId ? (
              <span className="font-bold">chosen</span>
            ) : (
              <Button
                disabled={!mayWrite}
                label={`Use ${part(s.id).name}`}
                onClick={() => run(setFuel({ injector: part(s.id) }, 'injectors', false))}
              >
                Use
              </Button>
            ),
        },

        {
          head: 'Set',
          wide: true,
          cell: (s) => (
            <>
              <span className="block font-semibold">
                {s.count} × {part(s.id).name}
              </span>
              {s.why && <span className="block text-sm text-soft">{s.why}</span>}
            </>
          ),
        },
        {
          head: 'Checked',
          cell: (s) => <StateShape state={s.fits ? 'ok' : 'stop'} word={s.fits ? 'fits' : 'does not'} />,
        },
        {
          head: 'Rated',
          right: true,
          cell: (s) => (
            <>
              <FigureText figure={fig(part(s.id).ratedFlowM3S, 'volumeFlow')} />
              <span className="block text-sm text-soft">
                at <FigureText figure={fig(part(s.id).ratedPressurePa, 'pressure', 0)} />
              </span>
            </>
          ),
        },
        { head: 'Duty, full load', right: true, cell: (s) => <FigureText figure={fig(s.duty, 'share', 0)} /> },
        {
          head: 'Pulse width at idle',
          right: true,
          cell: (s) => (
            <>
              <FigureText figure={fig(s.idlePulseS, 'duration')} />
              <span className="block text-sm text-soft">
                minimum <FigureText figure={fig(s.leastPulseS, 'duration')} />
              </span>
            </>
          ),
        },
        {
          head: 'Range needed',
          right: true,
          cell: (s) => `${s.dynamicRange.toFixed(1)}, ${s.neededRange.toFixed(1)}`,
        },
        {
          head: 'Maximum across it',
          right: true,
          cell: (s) => <FigureText figure={fig(s.mostDifferencePa, 'pressure')} />,
        },
      ]}
    />
  )
}

const SHOWN = ['idle', 'cruise', 'full'] as const

/** Pressure over the injector at a moment, with the reference hose on or off; null where the circuit cannot be solved. */
const differenceOf = (job: SheetProps['job'], referenced: boolean, id: string): Figure | null => {
  const variant = { ...job, fuel: { ...job.fuel, referenced } }
  const point = engineOfJob(variant).points.find((p) => p.id === id)
  const solved = point ? selectSolved(variant, point) : null
  return solved && solved.answer.railPa !== null ? fig(solved.answer.railPa - solved.point.tipPa, 'pressure') : null
}

/** Pressure over the injector at idle, cruise and full load, with the regulator following the manifold and without. */
const Differences = ({ job, assessment }: Pick<SheetProps, 'job' | 'assessment'>) => {
  const rows = useMemo(
    () =>
      SHOWN.map((id) => ({
        id,
        label: assessment.engine.points.find((p) => p.id === id)?.label ?? id,
        open: differenceOf(job, false, id),
        following: differenceOf(job, true, id),
      })),
    [job, assessment],
  )
  if (rows.every((r) => r.open === null)) return null
  const single = fuelLoopOf(job) === 'single-line'
  return (
    <div className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Pressure across the injector</h2>
      <DataTable
        name="Pressure across the injector"
        rows={rows}
        keyOf={(r) => r.id}
        columns={[
          { head: 'Condition', cell: (r) => r.label },
          {
            head: 'No hose',
            right: true,
            cell: (r) => <Difference figure={r.open} chosen={single || !job.fuel.referenced} />,
          },
          ...(single
            ? []
            : [
                {
                  head: 'Follows',
                  right: true,
                  cell: (r: (typeof rows)[number]) => <Difference figure={r.following} chosen={job.fuel.referenced} />,
                },
              ]),
        ]}
      />
      <p className="pt-1 text-sm text-soft">
        With the hose it is the same at every load for injectors below the throttle plate. Without the hose, vacuum adds
        to it and boost takes away from it: the ECU must allow for that. Bold is your design.
      </p>
    </div>
  )
}

const Difference = ({ figure, chosen }: { figure: Figure | null; chosen: boolean }) => (
  <span className={chosen ? 'font-bold' : 'text-soft'}>{figure ? <FigureText figure={figure} /> : 'none'}</span>
)
