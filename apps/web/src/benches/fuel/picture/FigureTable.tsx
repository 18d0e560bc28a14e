import { fig, type Figure, type OperatingPoint, type SolvedPoint, type WorkingId } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

interface Props {
  readonly solved: SolvedPoint | null
  readonly point: OperatingPoint
  readonly onWorking: (id: WorkingId) => void
}

const STATE_SENTENCE = {
  'in-control': 'The regulator is in control.',
  lifted: 'Rail pressure above set: the regulator is wide open.',
  'not-held': 'Pressure not maintained: the regulator is shut and rail pressure falls.',
  starved: 'Starved: rail pressure would fall to nothing.',
} as const

/** The figures of the moment shown; each opens its working. */
export const FigureTable = ({ solved, point, onWorking }: Props) => {
  if (!solved) return <p className="text-soft">Figures appear once pump, regulator and lines are chosen.</p>
  const { answer, circuit } = solved
  const pressure = (pa: number | null) => (pa === null ? null : fig(pa, 'pressure'))
  const rows: readonly (readonly [string, Figure | null, WorkingId])[] = [
    ['Engine uses', fig(point.demandM3S, 'volumeFlow'), 'demand'],
    ['Pump delivers', fig(answer.pumpFlowM3S, 'volumeFlow'), 'pump'],
    ['Returned', fig(answer.returnFlowM3S, 'volumeFlow'), 'pump'],
    ['Pump outlet', pressure(answer.pumpOutletPa), 'pump'],
    ['Filter drop', pressure(answer.filterDropPa), 'rail'],
    ['Feed drop', pressure(answer.feedDropPa), 'feed'],
    ['Rail', pressure(answer.railPa), 'rail'],
    ...(circuit.return ? ([['Return back pressure', pressure(answer.regulatorBackPa), 'return']] as const) : []),
  ]
  return (
    <div>
      <p className="mb-1 leading-snug font-semibold">{STATE_SENTENCE[answer.state]}</p>
      <ul>
        {rows.map(([name, figure, working]) => (
          <li key={name}>
            <button
              type="button"
              onClick={() => onWorking(working)}
              className="flex w-full justify-between gap-2 border-b border-hair/70 py-1 hover:bg-wash"
              aria-label={`${name}: show working`}
            >
              <span>{name}</span>
              <span className="font-semibold whitespace-nowrap underline decoration-dotted underline-offset-3">
                {figure ? <FigureText figure={figure} /> : 'none'}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">Click a figure for its working.</p>
      {answer.warnings.map((w) => (
        <p key={w} className="mt-1 font-semibold text-caution">
          {w}
        </p>
      ))}
    </div>
  )
}
