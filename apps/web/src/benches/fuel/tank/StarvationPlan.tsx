import { formatQuantity, type JobDocument, type StarvationAnswer } from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const BOX = 190
/** Kept free on each side for the words. */
const SIDE = 118
const ROAD_G = 0.6
const G_M_S2 = 9.80665

/** Floor of the tank from above with its pick-up, and the least acceleration in each direction that leaves it dry. */
export const StarvationPlan = ({ job, answer }: { job: JobDocument; answer: StarvationAnswer }) => {
  const [ref, width] = useWidth<HTMLElement>(480)
  const unit = useUnit('acceleration')
  const bore = useUnit('bore')
  const { floorLengthM, floorWidthM, fromFrontM, fromLeftM } = job.fuel.tank
  if (floorLengthM === null || floorWidthM === null || fromFrontM === null || fromLeftM === null) return null
  const px = Math.min(BOX / Math.max(floorLengthM, floorWidthM), Math.max(60, width - 2 * SIDE) / floorWidthM)
  const [w, h] = [floorWidthM * px, floorLengthM * px]
  const [cx, top] = [width / 2, 62]
  const left = cx - w / 2
  const [px0, py0] = [left + Math.min(fromLeftM, floorWidthM) * px, top + Math.min(fromFrontM, floorLengthM) * px]
  const height = top + h + 46
  const said = (ms2: number) => (Number.isFinite(ms2) ? formatQuantity(ms2, unit) : 'never')
  const dry = (ms2: number) => ms2 < ROAD_G * G_M_S2
  const mark = (x: number, y: number, name: string, ms2: number, anchor: 'start' | 'middle' | 'end') => (
    <text
      x={x}
      y={y}
      fontSize="12.5"
      textAnchor={anchor}
      fontWeight={dry(ms2) ? 700 : 400}
      style={{ fill: dry(ms2) ? 'var(--caution)' : 'var(--ink)' }}
    >
      {name}: {said(ms2)}
    </text>
  )
  return (
    <figure ref={ref} className="mt-4 border border-ink bg-sheet">
      <svg
        width={width}
        height={height}
        role="img"
        className="block"
        aria-label={`Pick-up uncovers at: accelerating ${said(answer.acceleratingMS2)}, braking ${said(answer.brakingMS2)}, left turn ${said(answer.leftTurnMS2)}, right turn ${said(answer.rightTurnMS2)}`}
      >
        <text x={10} y={18} fontSize="12.5" fontWeight="700">
          Acceleration that uncovers the pick-up, {formatQuantity(answer.levelM, bore)} of fuel
        </text>
        {mark(cx, 44, 'accelerating', answer.acceleratingMS2, 'middle')}
        <rect x={left} y={top} width={w} height={h} fill="var(--wash)" stroke="var(--ink)" strokeWidth="2.2" />
        <path d={`M${left + w / 2 - 7} ${top + 14}l7 -10l7 10`} fill="none" stroke="var(--ink-soft)" strokeWidth="2" />
        <text x={left + w / 2 + 12} y={top + 15} fontSize="12" style={{ fill: 'var(--ink-soft)' }}>
          front
        </text>
        <circle cx={px0} cy={py0} r="7" fill="var(--accent)" />
        {mark(left - 8, top + h / 2, 'left turn', answer.leftTurnMS2, 'end')}
        {mark(left + w + 8, top + h / 2, 'right turn', answer.rightTurnMS2, 'start')}
        {mark(cx, top + h + 18, 'braking', answer.brakingMS2, 'middle')}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        Flat floor without baffles, held for long. Road driving reaches about {ROAD_G} g: rule of thumb. Bold: it
        uncovers on the road.
      </figcaption>
    </figure>
  )
}
