import { dividerNeed, dividerOdds, fig, type EngineTopCase } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

const FITS = { yes: ['ok', 'Yes'], no: ['caution', 'No'], unknown: ['unknown', 'Not known'] } as const

/** What may be done about the divider of a two-plane manifold, each against this car. */
export const DividerPractices = ({ c }: { c: EngineTopCase }) => {
  if (dividerNeed(c) === 'not-asked') return null
  return (
    <section aria-label="Divider" className="mt-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Divider of the manifold: practice differs</h2>
      <DataTable
        name="Divider: recommended practice"
        rows={dividerOdds(c)}
        keyOf={(p) => p.id}
        marked={(p) => p.id === c.top.manifold.divider}
        columns={[
          { head: 'Practice', cell: (p) => p.name },
          { head: 'Height', right: true, cell: (p) => (p.heightM === 0 ? 'none' : <FigureText figure={fig(p.heightM, 'bore', 0)} />) },
          { head: 'Room', right: true, cell: (p) => (p.heightM === 0 ? '' : p.roomM === null ? 'not known' : <FigureText figure={fig(p.roomM, 'bore', 0)} />) },
          { head: 'Work', right: true, cell: (p) => (p.workS === 0 ? 'none' : <FigureText figure={fig(p.workS, 'work', 1)} />) },
          { head: 'This car', cell: (p) => <StateShape state={FITS[p.fits][0]} word={FITS[p.fits][1]} /> },
          { head: 'When, and its drawbacks', wide: true, cell: (p) => `${p.when} ${p.against}` },
        ]}
      />
      <p className="py-1 text-sm leading-snug text-soft">Hours of a practised hand: rule of thumb.</p>
    </section>
  )
} // prettier-ignore
