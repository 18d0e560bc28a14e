import { endWords, fig, LOOM_SLACK, USUAL_SPOOL_M, wireListOf, type ListedWire } from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { LoomNow } from '../LoomNow.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { BodyOffText, BundleTable, CutBars, HoleTable, OldWireTests, SpliceTable } from './CutLists.tsx'
import { OldWireFields } from './OldWireFields.tsx'
import { PinFields } from './PinFields.tsx'

const Ending = ({ w, end }: { w: ListedWire; end: 'from' | 'to' }) => {
  const work = end === 'from' ? w.fromWork : w.toWork
  return (
    <p className="mb-1">
      <span className="font-semibold">{endWords(w[end])}</span>
      {!w[end].cavityKnown && <span className="text-soft italic"> counted</span>}: {work.terminal}; strip{' '}
      <FigureText figure={fig(work.stripM, 'bore')} />
      {work.seal !== null && <>; {work.seal}</>}
      <span className="ml-2 text-sm text-soft" translate="no">[{w.labels[end].join(' ')}]</span>
    </p>
  )
} // prettier-ignore

/** The wire list as it is cut, stripped and marked, and what the bench needs beside it. */
export const CutSheet = ({ job, assessment, setWire, wire }: HarnessSheetProps) => {
  const { c } = assessment
  const wires = useMemo(() => wireListOf(c), [c])
  return (
    <Columns
      names={['Decided', 'Cut and label', 'Assessment']}
      measured={
        <>
          <Group title="Cutting">
            <PathField job={job} path="harness.cut.spoolM" label="Wire bought in lengths of" assumed={USUAL_SPOOL_M} decided />
            <PathChoice job={job} path="harness.cut.covering" label="Covering of the bundles" none="tape, assumed" />
          </Group>
          {c.accepted && <PinFields job={job} c={c} />}
          <OldWireFields job={job} c={c} />
        </>
      }
      picture={
        <>
          <LoomNow c={c} what="The cut list" />
          {c.accepted && (
            <>
              <PaperLinks
                papers={[
                  { file: 'loom/wires.csv', words: 'Wire list as CSV' },
                  { file: 'loom/cuts.csv', words: 'Cut list as CSV' },
                  { file: 'loom/labels.pdf?paper=a4', words: 'Labels, A4' },
                  { file: 'loom/labels.pdf?paper=letter', words: 'Labels, Letter' },
                ]}
              />
              <DataTable
                name="Wire list"
                rows={wires}
                keyOf={(w) => w.circuit.id}
                onRow={(w) => setWire(w.circuit.id)}
                marked={(w) => w.circuit.id === wire}
                columns={[
                  { head: 'No.', right: true, cell: (w) => <span className="font-extrabold">{w.number}</span> },
                  {
                    head: 'Wire',
                    wide: true,
                    cell: (w) => (
                      <>
                        <span className="font-semibold">{w.circuit.name}</span>
                        {w.kit && <span className="text-soft"> (kit)</span>}
                        <br />
                        {w.sizeWords}, {w.colour}
                        {w.circuit.shielded ? ', twisted and shielded' : w.circuit.pair ? ', twisted' : ''}
                        {w.fuseA !== null && <>; fuse <FigureText figure={fig(w.fuseA, 'current')} /></>}
                      </>
                    ),
                  },
                  { head: 'Cut to', right: true, cell: (w) => <span className={w.lengthAssumed ? 'text-soft italic' : 'font-semibold'}>{w.lengthAssumed && 'est. '}<FigureText figure={fig(w.lengthM, 'distance', 2)} /></span> },
                  {
                    head: 'Ends, with label',
                    wide: true,
                    cell: (w) => (
                      <>
                        <Ending w={w} end="from" />
                        <Ending w={w} end="to" />
                      </>
                    ),
                  },
                ]}
              />
              <p className="py-1 text-sm leading-snug text-soft">
                Lengths with both leads, <FigureText figure={fig(LOOM_SLACK.share, 'share')} /> slack and <FigureText figure={fig(LOOM_SLACK.perEndM, 'bore', 0)} /> at each end. Estimates are measured by string before anything is
                cut. Stripped lengths and terminals are usual ones: the terminal’s own sheet wins. Crimp with the terminal’s own
                tool, pull at each, shrink with a liner; solder only where nothing flexes. A plug from a donor car: keep 150 mm of
                its leads, and look at seals and contacts.
              </p>
              <CutBars c={c} wires={wires} />
              <BundleTable c={c} />
              <SpliceTable c={c} />
              <HoleTable c={c} />
              <BodyOffText c={c} />
            </>
          )}
          <OldWireTests c={c} />
        </>
      }
      judgement={<SheetJudgement sheet="cut" />}
    />
  )
} // prettier-ignore
