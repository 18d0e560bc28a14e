import { DISTANCE_BANDS, fig, SOFT_WORDS, type JudgedSpot } from '@lochmoor/core'
import { FigureText, SentenceText } from '../../../fields/FigureText.tsx'
import { Button } from '../../../shell/Button.tsx'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { DataTable } from '../../bench/DataTable.tsx'
import type { SchoolAnswer } from '../background/exhaustWork.ts'
import { worthTelling } from './worthTelling.ts'

const Losses = ({ spot }: { spot: JudgedSpot }) => {
  const losses = worthTelling(spot)
  return losses.length === 0 ? (
    <>nothing</>
  ) : (
    <ul>
      {losses.map((l) => (
        <li key={l.rule}>
          −{l.loss.toFixed(0)} {SOFT_WORDS[l.rule]}: <SentenceText sentence={l.says} />
        </li>
      ))}
    </ul>
  )
}

interface Props {
  readonly datum: string
  readonly best: readonly JudgedSpot[]
  readonly isChosen: (spot: JudgedSpot) => boolean
  readonly sensorName: string
  readonly onSet: (spot: JudgedSpot) => void
}

/** The best free spots, each with what it loses and why. */
export const BestSpots = ({ datum, best, isChosen, sensorName, onSet }: Props) => {
  const mayWrite = useMayWrite()
  return (
    <section aria-label="Best positions" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Best positions</h2>
      {best.length === 0 ? (
        <p className="py-1 font-semibold">
          No usable position on this run of pipe. The picture shows what rules each one out: move what is in the way,
          try another run, or add pipe.
        </p>
      ) : (
        <DataTable
          name="Best positions, in order"
          rows={best.map((spot, i) => ({ spot, rank: i + 1 }))}
          keyOf={(r) => String(r.rank)}
          marked={(r) => isChosen(r.spot)}
          columns={[
            { head: 'Rank', right: true, cell: (r) => r.rank },
            {
              head: `After ${datum}`,
              right: true,
              cell: (r) => <FigureText figure={fig(r.spot.alongM, 'bore', 0)} />,
            },
            { head: 'Clock position', right: true, cell: (r) => <FigureText figure={fig(r.spot.clockDeg, 'clock')} /> },
            { head: 'Score', right: true, cell: (r) => r.spot.score.toFixed(0) },
            { head: 'Biggest loss', wide: true, cell: (r) => <Losses spot={r.spot} /> },
            {
              head: 'Use it',
              unseenHead: true,
              cell: (r) => (
                <Button
                  disabled={!mayWrite || isChosen(r.spot)}
                  onClick={() => onSet(r.spot)}
                  label={`Put ${sensorName} at position ${r.rank}`}
                >
                  Use
                </Button>
              ),
            },
          ]}
        />
      )}
    </section>
  )
}

interface SchoolsProps {
  readonly schools: readonly SchoolAnswer[]
  readonly chosen: string
  readonly onSchool: (school: SchoolAnswer['school']) => void
}

/** The schools side by side on this very pipe. */
export const SchoolsCompared = ({ schools, chosen, onSchool }: SchoolsProps) => {
  const mayWrite = useMayWrite()
  return (
    <section aria-label="Compare recommendations" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Compare recommendations</h2>
      <DataTable
        name="Recommendations on this pipe"
        rows={schools}
        keyOf={(s) => s.school}
        marked={(s) => s.school === chosen}
        columns={[
          { head: 'Recommendation', cell: (s) => DISTANCE_BANDS[s.school].name },
          { head: 'Why', wide: true, cell: (s) => DISTANCE_BANDS[s.school].says },
          {
            head: 'Best position here',
            right: true,
            cell: (s) =>
              s.best ? (
                <>
                  <FigureText figure={fig(s.best.alongM, 'bore', 0)} />,{' '}
                  <FigureText figure={fig(s.best.clockDeg, 'clock')} />
                </>
              ) : (
                'none'
              ),
          },
          { head: 'Score', right: true, cell: (s) => s.best?.score.toFixed(0) ?? '' },
          { head: 'Biggest loss', cell: (s) => (s.best?.losses[0] ? SOFT_WORDS[s.best.losses[0].rule] : '') },
          {
            head: 'Use this practice',
            unseenHead: true,
            cell: (s) => (
              <Button
                disabled={!mayWrite || s.school === chosen}
                onClick={() => onSchool(s.school)}
                label={`Use the recommendation: ${DISTANCE_BANDS[s.school].name}`}
              >
                Use
              </Button>
            ),
          },
        ]}
      />
    </section>
  )
}
