import { fig, shownReading } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

/** A reading as the display shows it; pinned where it is leaner than its scale goes. */
export const ShownLambda = ({ lambda, readsToLambda }: { lambda: number; readsToLambda: number | null }) => {
  const shown = shownReading(lambda, readsToLambda)
  return (
    <>
      <FigureText figure={fig(shown.lambda, 'lambda')} />
      {shown.pinned && <span className="block text-sm font-semibold text-caution">pinned: end of scale</span>}
    </>
  )
}
