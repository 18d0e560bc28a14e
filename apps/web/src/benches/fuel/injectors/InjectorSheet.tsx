import { fig, injectorSetsOf, type InjectorPart, type RatedInjectorSet } from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { InjectionInputs } from '../inputs/InjectionInputs.tsx'
import { SheetJudgement } from '../judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { useAssumed } from '../useAssumed.ts'
import { DeadTimeChart } from './DeadTimeChart.tsx'
import { PressureLeverPanel } from './PressureLeverPanel.tsx'

/** Which injectors: every set of the catalogue at idle and full load, dead time, and pressure as the coarse lever. */
export const InjectorSheet = (props: SheetProps) => {
  const { job, catalogue, assessment } = props
  const assumed = useAssumed(job)
  const sets = useMemo(
    () => injectorSetsOf({ job, solved: assessment.solved }, catalogue),
    [job, assessment, catalogue],
  )
  return (
    <Columns
      names={['Chosen', 'Sets', 'Judgement']}
      measured={<InjectionInputs job={job} catalogue={catalogue} assumed={assumed} />}
      picture={
        <>
          <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Sets of the catalogue</h2>
          {sets.length === 0 ? (
            <p className="py-1 text-soft">
              The sets are ranked once the circuit can be solved: pump, regulator and lines are needed first.
            </p>
          ) : (
            <SetTable sets={sets} injectors={catalogue.injectors} chosenId={job.fuel.injector?.id ?? null} />
          )}
          {job.fuel.injector && <DeadTimeChart injector={job.fuel.injector} />}
          <PressureLeverPanel job={job} />
        </>
      }
      judgement={
        <SheetJudgement sheet="injectors" {...props}>
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
          head: 'Take',
          unseenHead: true,
          cell: (s) =>
            s.id === chosenId ? (
              <span className="font-bold">chosen</span>
            ) : (
              <Button
                disabled={!mayWrite}
                label={`Take ${part(s.id).name}`}
                onClick={() => run(setFuel({ injector: part(s.id) }, 'injectors', false))}
              >
                Take
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
          head: 'Judged',
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
          head: 'Pulse at idle',
          right: true,
          cell: (s) => (
            <>
              <FigureText figure={fig(s.idlePulseS, 'duration')} />
              <span className="block text-sm text-soft">
                least <FigureText figure={fig(s.leastPulseS, 'duration')} />
              </span>
            </>
          ),
        },
        {
          head: 'Range, needs',
          right: true,
          cell: (s) => `${s.dynamicRange.toFixed(1)}, ${s.neededRange.toFixed(1)}`,
        },
        {
          head: 'Over it at most',
          right: true,
          cell: (s) => <FigureText figure={fig(s.mostDifferencePa, 'pressure')} />,
        },
      ]}
    />
  )
}

/** Pressure over the injector at idle, cruise and full load as the regulator stands, with and without reference. */
const Differences = ({ job, assessment }: Pick<SheetProps, 'job' | 'assessment'>) => {
  const rows = assessment.solved.filter((s) => ['idle', 'cruise', 'full'].includes(s.point.id))
  if (rows.length === 0) return null
  return (
    <div className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Pressure over the injector</h2>
      <dl className="grid grid-cols-[1fr_auto] gap-x-3 py-1">
        {rows.map(({ point, answer }) => (
          <div key={point.id} className="contents">
            <dt>{point.label}</dt>
            <dd className="text-right font-semibold">
              {answer.railPa === null ? 'none' : <FigureText figure={fig(answer.railPa - point.tipPa, 'pressure')} />}
            </dd>
          </div>
        ))}
      </dl>
      <p className="text-sm text-soft">
        {job.fuel.referenced
          ? 'The regulator follows the manifold: the same at every load.'
          : 'The regulator does not follow the manifold: where the tip lies in the manifold, vacuum adds to it and boost takes from it. The controller must know.'}
      </p>
    </div>
  )
}
