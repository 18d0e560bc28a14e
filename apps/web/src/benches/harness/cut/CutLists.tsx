import {
  CLASS_WORDS,
  bodyOffOf,
  bundlesOfLoom,
  counted,
  coveringOf,
  cutOfLoom,
  fig,
  holesOfLoom,
  likelyOldWires,
  oldWireTest,
  spliceSpots,
  spotName,
  wireSizeOf,
  type HarnessCase,
  type ListedWire,
} from '@lochmoor/core'
import type { ReactNode } from 'react'
import { FigureText, SentenceText } from '../../../fields/FigureText.tsx'
import { widthOfText } from '../../bench/clearLabels.ts'
import { DataTable } from '../../bench/DataTable.tsx'
import { useWidth } from '../../bench/useWidth.ts'

/** Room for what is left of a length, px. */
const BESIDE_PX = 104

const Part = ({ name, children }: { name: string; children: ReactNode }) => (
  <section aria-label={name} className="mt-5">
    <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">{name}</h2>
    {children}
  </section>
)

/** What is cut from which length that is bought, each length as a bar. */
export const CutBars = ({ c, wires }: { c: HarnessCase; wires: readonly ListedWire[] }) => {
  const { spoolAssumed, spoolM, spools } = cutOfLoom(c)
  // The bar stands beside what is left of it.
  const [ref, whole] = useWidth<HTMLUListElement>(560)
  const width = whole - BESIDE_PX
  const number = new Map(wires.map((w) => [w.circuit.id, w.number]))
  return (
    <Part name="Cut list by spool">
      <p className="py-1 leading-snug text-soft">
        Bought in lengths of <FigureText figure={fig(spoolM, 'distance', 0)} />
        {spoolAssumed ? ', assumed' : ''}; the fewest lengths, proved where it says so. Numbers are those of the wire list.
      </p>
      <ul ref={ref}>
        {spools.map((s) => (
          <li key={s.key} className="border-b border-hair py-1.5">
            <div className="flex flex-wrap justify-between gap-x-3 leading-snug">
              <span className="font-semibold">{wireSizeOf(s.size).words}, {s.colour}</span>
              <span className="text-soft">
                {counted(s.wires.length, 'piece')} of {counted(s.packing.bars.length, 'length')}
                {s.packing.proved ? ', proved fewest' : `; at least ${s.packing.leastBars} needed`}
              </span>
            </div>
            {s.packing.bars.map((bar, n) => (
              <div key={n} className="mt-1 flex items-center gap-2">
                <div className="flex h-6 min-w-0 flex-1 border border-ink" role="img" aria-label={`Length ${n + 1}: wires ${bar.pieces.map((p) => number.get(s.wires[p]!.id)).join(', ')}`}>
                  {bar.pieces.map((p) => (
                    <span key={p} style={{ width: `${(100 * s.wires[p]!.lengthM) / s.spoolM}%` }} className="grid min-w-0 place-items-center overflow-hidden border-r border-ink text-xs">
                      {widthOfText(String(number.get(s.wires[p]!.id)), 12) + 4 < (width * s.wires[p]!.lengthM) / s.spoolM && number.get(s.wires[p]!.id)}
                    </span>
                  ))}
                </div>
                <span className="w-24 shrink-0 text-right text-sm text-soft">
                  left <FigureText figure={fig(bar.offcutM, 'distance', 2)} />
                </span>
              </div>
            ))}
          </li>
        ))}
      </ul>
    </Part>
  )
} // prettier-ignore

export const BundleTable = ({ c }: { c: HarnessCase }) => {
  const covering = coveringOf(c)
  return (
    <Part name="Bundles, covered">
      <DataTable
        name="Bundles with covering"
        rows={bundlesOfLoom(c)}
        keyOf={(b) => b.key}
        columns={[
          { head: 'Corridor', wide: true, cell: (b) => b.name },
          { head: 'Class', cell: (b) => CLASS_WORDS[b.kind] },
          { head: 'Wires', right: true, cell: (b) => b.wires },
          { head: 'Covered', right: true, cell: (b) => <FigureText figure={fig(b.coveredM, 'bore', 1)} /> },
          { head: 'Sleeve', right: true, cell: (b) => (b.sleeveM === null ? 'none so large' : <FigureText figure={fig(b.sleeveM, 'bore', 0)} />) },
          { head: 'Heat sleeve', cell: (b) => (b.heatSleeve ? 'yes' : '–') },
          { head: 'Clips', right: true, cell: (b) => b.clips },
          { head: 'Bend radius, at least', right: true, cell: (b) => <FigureText figure={fig(b.leastBendM, 'bore', 0)} /> },
        ]}
      />
      {covering.assumed && <p className="py-1 text-sm text-soft">Taped, until a covering is chosen.</p>}
    </Part>
  )
} // prettier-ignore

export const SpliceTable = ({ c }: { c: HarnessCase }) => (
  <Part name="Splices">
    <DataTable
      name="Splices with their places"
      rows={spliceSpots(c)}
      keyOf={(s) => s.net}
      columns={[
        { head: 'Splice', wide: true, cell: (s) => s.name },
        { head: 'Place', wide: true, cell: (s) => spotName(c, s) },
        { head: 'From there', right: true, cell: (s) => <FigureText figure={fig(s.offsetM, 'bore', 0)} /> },
        { head: 'Wires', right: true, cell: (s) => s.wires.length },
        { head: 'Against it', cell: (s) => s.against.join(', ') || '–' },
      ]}
    />
  </Part>
)

export const HoleTable = ({ c }: { c: HarnessCase }) => (
  <Part name="Through the panels">
    <DataTable
      name="Holes with plugs"
      rows={holesOfLoom(c)}
      keyOf={(h) => h.corridor}
      columns={[
        { head: 'Hole', wide: true, cell: (h) => h.name },
        { head: 'Put through', wide: true, cell: (h) => h.towards },
        { head: 'Wires', right: true, cell: (h) => h.wires },
        { head: 'Fill', right: true, cell: (h) => <FigureText figure={fig(h.result.wireShare, 'share')} /> },
        { head: 'Covered bundle of the bore', right: true, cell: (h) => <FigureText figure={fig(h.result.coveredShare, 'share')} /> },
        { head: 'Plugs that pass', cell: (h) => h.plugs.join(', ') || '–' },
        { head: 'Pinned last', cell: (h) => h.pinnedLast.join(', ') || '–' },
      ]}
    />
  </Part>
) // prettier-ignore

export const BodyOffText = ({ c }: { c: HarnessCase }) => {
  const off = bodyOffOf(c)
  return (
    <Part name="Engine out, or body off">
      <p className="leading-snug">
        The loom stays with the body: <strong>{off.withBody.length}</strong> to undo ({off.withBody.join(', ')}). It goes with
        the engine: <strong>{off.withEngine.length}</strong> ({off.withEngine.join(', ')}). One plug between them would have{' '}
        {off.wires} ways.
      </p>
      {off.assumed && <p className="text-sm text-soft">What moves with the engine is taken from the plan: say so of each device on tab “Car”.</p>}
    </Part>
  )
} // prettier-ignore

export const OldWireTests = ({ c }: { c: HarnessCase }) => {
  const { oldWires } = c.harness
  const usual = new Map(likelyOldWires(c).map((w) => [w.name, w]))
  if (oldWires.length === 0) return null
  return (
    <Part name="Old wires and their tests">
      <DataTable
        name="Old wires with their tests"
        rows={oldWires}
        keyOf={(w) => w.id}
        columns={[
          { head: 'Wire', wide: true, cell: (w) => w.name },
          { head: 'Becomes', cell: (w) => w.fate ?? 'not decided' },
          { head: 'Usually', cell: (w) => (usual.has(w.name) ? `${usual.get(w.name)!.usually}: ${usual.get(w.name)!.why}` : '–') },
          { head: 'Tag', cell: (w) => w.tag || '–' },
          { head: 'Test', wide: true, cell: (w) => <SentenceText sentence={oldWireTest(w)} /> },
          { head: 'Passed', cell: (w) => (w.proved === null ? 'Not checked' : w.proved ? 'Passed' : 'Failed') },
        ]}
      />
    </Part>
  )
} // prettier-ignore
