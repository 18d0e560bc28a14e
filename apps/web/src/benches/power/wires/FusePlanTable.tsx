import { fig, fusePlanOf, LIVE_WORDS, type PowerCase } from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

interface Row {
  readonly id: string
  readonly where: string
  readonly what: string
  readonly live: string
  readonly fuseA: number | null
  readonly is: 'new' | 'free' | 'as found'
  readonly shares: string
}

/** Where every fuse goes, new ones and those of the old box. */
export const FusePlanTable = ({ c }: { c: PowerCase }) => {
  const plan = useMemo(() => fusePlanOf(c), [c])
  const rows: Row[] = [
    ...plan.atBattery.map((x): Row => ({ id: x.id, where: 'At the battery', what: x.what, live: LIVE_WORDS[x.live], fuseA: x.fuseA, is: 'new', shares: x.shares })),
    ...plan.box.map(({ free, position, takes }): Row => ({
      id: position.id,
      where: `Old box, ${position.name}`,
      what: takes?.what ?? (position.feeds || 'nothing'),
      live: position.live ? LIVE_WORDS[position.live] : 'not known',
      fuseA: takes?.fuseA ?? position.ratingA,
      is: takes ? 'new' : free ? 'free' : 'as found',
      shares: takes?.shares ?? '',
    })),
    ...plan.subPanel.map((x): Row => ({ id: x.id, where: 'Sub-panel', what: x.what, live: LIVE_WORDS[x.live], fuseA: x.fuseA, is: 'new', shares: x.shares })),
  ]
  return (
    <section aria-label="Fuse plan" className="mt-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Fuse plan</h2>
      <DataTable
        name="Where every fuse goes"
        rows={rows}
        keyOf={(r) => r.id}
        columns={[
          { head: 'Where', cell: (r) => r.where },
          { head: 'Feeds', cell: (r) => <span className={r.is === 'new' ? 'font-semibold' : ''}>{r.what}</span> },
          { head: 'Live', cell: (r) => r.live },
          { head: 'Fuse', right: true, cell: (r) => (r.fuseA === null ? '–' : <FigureText figure={fig(r.fuseA, 'current')} />) },
          { head: 'State', cell: (r) => r.is },
          { head: 'May be shared with', wide: true, cell: (r) => <span className="text-soft">{r.shares}</span> },
        ]}
      />
      {plan.subPanelA !== null && (
        <p className="mt-1 leading-snug">
          The sub-panel has a feed of its own from the battery, fused at{' '}
          <FigureText figure={fig(plan.subPanelA, 'current')} />: never a third wire under one terminal.
        </p>
      )}
    </section>
  )
} // prettier-ignore
