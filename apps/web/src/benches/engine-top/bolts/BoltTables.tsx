import { fig, isTapered, THREAD_STATE_WORDS, type BoltsOfGroup } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

interface Props {
  readonly bolts: readonly BoltsOfGroup[]
  readonly shown: number
  readonly onShow: (index: number) => void
}

/** Every group with what to buy and how tight; of the one shown, every length that is sold. */
export const BoltTables = ({ bolts, shown, onShow }: Props) => {
  const own = bolts[shown]
  const lengths = own?.answer?.lengths ?? []
  // What is far too short or far too long tells nobody anything.
  const first = lengths.findIndex((l) => !l.short)
  const near = lengths.filter((_, i) => first < 0 || (i >= first - 2 && i <= first + 5))
  return (
    <>
      <section aria-label="Bolts to buy">
        <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Bolts, with torque in three passes</h2>
        <DataTable
          name="Bolts with torque"
          rows={bolts}
          keyOf={(b) => b.group.id}
          marked={(b) => b === own}
          onRow={(b) => onShow(bolts.indexOf(b))}
          columns={[
            { head: 'Group', wide: true, cell: (b) => <button type="button" className="text-left underline" onClick={() => onShow(bolts.indexOf(b))}>{b.group.name}</button> },
            { head: 'Thread', cell: (b) => b.thread?.name ?? 'not known' },
            { head: 'Length', right: true, cell: (b) => <Length b={b} /> },
            { head: 'In thread', right: true, cell: (b) => (b.answer?.fit ? <FigureText figure={fig(b.answer.fit.engagementM, 'bore', 1)} /> : '') },
            ...[0, 1, 2].map((pass) => ({
              head: ['1st', '2nd', 'Full'][pass]!,
              right: true,
              cell: (b: BoltsOfGroup) => (b.answer?.passesNm ? <FigureText figure={fig(b.answer.passesNm[pass]!, 'torque', b.answer.passesNm[2] < 10 ? 1 : 0)} /> : ''),
            })),
          ]}
        />
        {own?.answer && own.answer.torqueNm !== null && (
          <p className="py-1 text-sm leading-snug text-soft">
            {own.group.name}: thread {THREAD_STATE_WORDS[own.group.state!]}, K {own.torqueCoefficient!.toFixed(2)} (rule of thumb, a
            sixth either way). The maker’s torque, where there is one, comes first.
          </p>
        )}
      </section>
      {own && near.length > 0 && (
        <section aria-label="Lengths" className="mt-4">
          <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Lengths that are sold: {own.group.name}</h2>
          <DataTable
            name="Lengths that are sold"
            rows={near}
            keyOf={(l) => String(l.lengthM)}
            marked={(l) => Math.abs(l.lengthM - (own.answer?.fit?.lengthM ?? -1)) < 1e-6}
            columns={[
              { head: 'Under its head', right: true, cell: (l) => <FigureText figure={fig(l.lengthM, 'bore', 1)} /> },
              { head: 'In the thread', right: true, cell: (l) => <FigureText figure={fig(Math.max(0, l.engagementM), 'bore', 1)} /> },
              { head: 'Diameters', right: true, cell: (l) => Math.max(0, l.engagementD).toFixed(1) },
              { head: 'To the bottom', right: true, cell: (l) => (l.tipGapM === null ? 'open' : <FigureText figure={fig(l.tipGapM, 'bore', 1)} />) },
              { head: 'Verdict', cell: (l) => (l.bottoms ? 'bottoms' : l.short ? 'too short' : 'fits') },
            ]}
          />
        </section>
      )}
    </>
  )
} // prettier-ignore

const Length = ({ b }: { b: BoltsOfGroup }) => {
  if (b.thread && isTapered(b.thread)) return <>taper</>
  const fit = b.answer?.fit
  if (!fit) return <>not known</>
  return <FigureText figure={fig(fit.lengthM, 'bore', 1)} />
}
