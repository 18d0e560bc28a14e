import { fig, HARD_WORDS, placeWords, SOFT_WORDS, type JudgedSpot, type Run } from '@lochmoor/core'
import { FigureText, SentenceText } from '../../../fields/FigureText.tsx'
import { StateMark } from '../../../marks/StateMark.tsx'
import { Button } from '../../../shell/Button.tsx'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { worthTelling } from './worthTelling.ts'

interface Props {
  readonly run: Run
  readonly spot: JudgedSpot
  readonly sensorName: string
  /** The sensor sits at this very point. */
  readonly here: boolean
  readonly onSet: () => void
}

/** What is said of the point that is looked at. */
export const PointReason = ({ run, spot, sensorName, here, onSet }: Props) => {
  const mayWrite = useMayWrite()
  const forbidden = spot.forbidden.length > 0
  const losses = worthTelling(spot)
  return (
    <section aria-label="Point under the cursor" className="mt-3 border-t-2 border-ink pt-1.5">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <StateMark state={spot.state} />
        <span className="font-semibold">
          <SentenceText sentence={placeWords(run, spot.alongM)} />, <FigureText figure={fig(spot.clockDeg, 'clock')} />
        </span>
        <span className="text-soft">
          <FigureText figure={fig(spot.elevationDeg, 'angle')} /> above level
        </span>
        {!forbidden && <span className="font-bold">score {spot.score.toFixed(0)}</span>}
      </p>
      <ul aria-live="polite" className="min-h-12 leading-snug">
        {spot.forbidden.map((f, i) => (
          <li key={`${f.rule} ${i}`}>
            <span className="font-semibold text-stop">Ruled out, {HARD_WORDS[f.rule]}:</span>{' '}
            <SentenceText sentence={f.says} />
          </li>
        ))}
        {!forbidden &&
          losses.map((l) => (
            <li key={l.rule}>
              <span className="font-semibold">
                −{l.loss.toFixed(0)}, {SOFT_WORDS[l.rule]}:
              </span>{' '}
              <SentenceText sentence={l.says} />
            </li>
          ))}
        {!forbidden && losses.length === 0 && <li>No drawbacks.</li>}
      </ul>
      {here ? (
        <p className="text-soft">{sensorName.replace(/^s/, 'S')} sits here.</p>
      ) : (
        <Button disabled={!mayWrite} onClick={onSet}>
          Put {sensorName} here
        </Button>
      )}
    </section>
  )
}
