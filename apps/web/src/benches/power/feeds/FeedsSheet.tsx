import { diagramsOf, partsOfDiagram, proofTestsOf } from '@lochmoor/core'
import { useMemo } from 'react'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { DesignFields } from '../network/DesignFields.tsx'
import { NotComputed } from '../NotComputed.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'
import { DiagramDrawing } from './DiagramDrawing.tsx'
import { KeyedFinder, KeyedWireFields } from './KeyedFinder.tsx'
import { useResults } from './ProofList.tsx'
import { ProofOf } from './ProofOf.tsx'
import { StopTable } from './StopTable.tsx'

/** Constant and keyed feed, pump, fan, starter and kill switch: each drawn, with the test that proves it. */
export const FeedsSheet = ({ job, assessment }: PowerSheetProps) => {
  const { c } = assessment
  const computed = c.refusedBy === null && c.gateKnown
  const diagrams = useMemo(() => (computed ? diagramsOf(c) : []), [c, computed])
  const tests = useMemo(() => (computed ? proofTestsOf(c) : []), [c, computed])
  const resultOf = useResults()
  const belongs = (id: string) => tests.filter((t) => t.diagram !== null && id.startsWith(t.diagram))
  const choice = (path: string, none?: string) => <PathChoice job={job} path={path} {...(none && { none })} />
  return (
    <Columns
      names={['Design', 'Feeds and relays', 'Assessment']}
      measured={
        <>
          <DesignFields job={job} />
          <Group title="Relays and switches">
            {choice('power.design.coilFeed')}
            {choice('power.design.pumpCut')}
            {choice('fuel.safety.inertiaSwitch')}
            {choice('power.design.fanTrigger')}
            {choice('power.design.damping')}
            {choice('power.old.killSwitch')}
            {choice('power.old.chargeLamp', 'assumed')}
            {choice('power.design.lampDiode')}
          </Group>
          <KeyedWireFields job={job} />
        </>
      }
      picture={
        !computed ? (
          <NotComputed c={c} />
        ) : (
          <>
            <Caution>
              Main feeds are joined last of all, the earthed terminal first off. A cut-out that stops the engine in
              traffic is a hazard of its own: it warns before it cuts.
            </Caution>
            <KeyedFinder job={job} />
            {diagrams.map((d, i) => (
              <section key={d.id} aria-label={d.title} className="mb-5">
                <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">{d.title}</h2>
                <p className="pb-1.5 leading-snug">{d.says}</p>
                <DiagramDrawing diagram={d} />
                <PartsLine parts={partsOfDiagram(d)} />
                {(i === 0 || !d.title.includes('comparison')) && (
                  <ol>
                    {belongs(d.id).map((t) => (
                      <ProofOf key={t.id} test={t} result={resultOf(t)} />
                    ))}
                  </ol>
                )}
              </section>
            ))}
            <StopTable supply={c.supply} />
          </>
        )
      }
      judgement={<SheetJudgement sheet="feeds" />}
    />
  )
}

const PartsLine = ({ parts }: { parts: readonly string[] }) =>
  parts.length === 0 ? null : (
    <p className="mt-1 leading-snug">
      <strong>Parts:</strong> {parts.join(', ')}.
    </p>
  )
