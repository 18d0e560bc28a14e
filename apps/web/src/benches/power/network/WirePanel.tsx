import { ampacityA, fig, type SolvedCar, type ConditionId, type WireRole } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

interface Props {
  readonly solved: SolvedCar
  readonly labels: Readonly<Record<string, string>>
  readonly role: WireRole
  readonly condition: ConditionId
  readonly taken: boolean
  readonly onTake: () => void
}

/** One wire of the drawing: drop, heat, fuse and joints. */
export const WirePanel = ({ solved, labels, role, condition, taken, onTake }: Props) => {
  const w = solved.supply.wires[role]
  const f = solved.at[condition].parts[role] as
    { currentA: number; dropV: number; lossW: number; resistanceOhm?: number } | undefined
  const line = (name: string, value: React.ReactNode) => (
    <div className="flex justify-between gap-3 border-b border-hair/70 py-1">
      <dt>{name}</dt>
      <dd className="text-right font-semibold whitespace-nowrap">{value}</dd>
    </div>
  )
  return (
    <section aria-label={labels[role]} className="mb-4 border border-ink bg-sheet p-3">
      <h2 className="font-extrabold">{labels[role]}</h2>
      <dl>
        {line('Size', w.fitted ? w.sizeWords : 'not fitted')}
        {f?.resistanceOhm !== undefined && (
          <>
            {line('Resistance, one way', <FigureText figure={fig(f.resistanceOhm, 'smallResistance', 1)} />)}
            {line('of which terminals', <FigureText figure={fig(w.jointOhm, 'smallResistance', 1)} />)}
            {line('Current', <FigureText figure={fig(Math.abs(f.currentA), 'current', 1)} />)}
            {line('Drop', <FigureText figure={fig(Math.abs(f.dropV), 'voltage', 2)} />)}
            {line('Heat', <FigureText figure={fig(f.lossW, 'heat', 1)} />)}
          </>
        )}
        {line('Fuse', w.fuseA === null ? 'none' : <FigureText figure={fig(w.fuseA, 'current')} />)}
        {line(
          'Bears, where it runs',
          <FigureText figure={fig(ampacityA(w.sectionM2, w.temperatureK), 'current', 0)} />,
        )}
      </dl>
      <p className="py-1 text-sm text-soft">
        {w.measuredOhm !== null
          ? 'Resistance by its drop while cranking.'
          : 'Resistance by the standards’ maximum for its size: typical, from memory.'}
      </p>
      {w.fitted && (
        <button
          type="button"
          aria-pressed={taken}
          onClick={onTake}
          className="w-full border border-ink px-2 py-1.5 font-semibold hover:bg-wash"
        >
          {taken ? 'Restore this wire' : 'Take it out of the drawing'}
        </button>
      )}
    </section>
  )
}
