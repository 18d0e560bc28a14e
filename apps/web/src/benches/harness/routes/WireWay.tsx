import {
  circuitsOfJob,
  emptyStretch,
  fig,
  lengthIsAssumed,
  LOOM_RATES,
  wholeCorridor,
  type CarPlan,
  type HarnessStretch,
  type JobDocument,
  type RouteCase,
  type RoutePlan,
} from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { WholeSelect } from '../../../fields/WholeSelect.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { DataTable } from '../../bench/DataTable.tsx'

interface Props {
  readonly job: JobDocument
  readonly plan: CarPlan
  readonly route: RoutePlan
  readonly input: RouteCase
  readonly wire: string | null
  readonly setWire: (id: string | null) => void
}

const PATH = 'harness.stretches'
const RULES = [
  { value: '', words: 'none' },
  { value: 'keep-out', words: 'must not take' },
  { value: 'through', words: 'must take' },
]

/** One wire's way, section by section, with what each costs, and what somebody lays down for it. */
export const WireWay = ({ job, plan, route, input, wire, setWire }: Props) => {
  const circuits = useMemo(() => new Map(circuitsOfJob(job).list.map((c) => [c.id, c])), [job])
  const shown = route.routes.find((r) => r.id === wire) ?? route.routes[0]
  if (!shown) return null
  const own = circuits.get(shown.id)
  const circuit = input.circuits.find((c) => c.id === shown.id)!
  const corridor = new Map(input.corridors.map((c) => [c.id, c]))
  const nameOf = (id: string) => plan.corridors.find((c) => c.id === wholeCorridor(id))?.name ?? id
  const { stretches } = job.harness
  const rules = stretches.filter((s) => s.circuit === shown.id)
  const rule = (id: string) => rules.find((s) => s.corridor === wholeCorridor(id))?.rule ?? ''
  const setRule = (id: string, next: string) => {
    const others = stretches.filter((s) => !(s.circuit === shown.id && s.corridor === wholeCorridor(id)))
    const own = next === '' ? [] : [emptyStretch(newId(), shown.id, wholeCorridor(id), next as HarnessStretch['rule'])]
    run(setAt(PATH, [...others, ...own], 'rule for a wire'))
  }
  const minutes = (id: string): number => {
    const e = corridor.get(id)!
    const perM = LOOM_RATES.lay + (circuit.kit ? 0 : LOOM_RATES.wire * (1 + (input.slack?.share ?? 0)))
    return perM * e.lengthM + (e.hole ? LOOM_RATES.cross : 0)
  }
  const bundleOf = (id: string) => route.bundles.find((b) => b.corridor === id && b.class === circuit.class)
  const unused = plan.corridors.filter((c) => !(shown.corridors ?? []).some((e) => wholeCorridor(e) === c.id))
  const kept = rules.filter((s) => unused.some((c) => c.id === s.corridor))
  return (
    <section aria-label="Way of one wire" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Way of one wire</h2>
      <SelectEntry
        label="Wire"
        value={shown.id}
        options={route.routes.map((r) => [r.id, circuits.get(r.id)?.name ?? r.id] as const)}
        onChange={setWire}
      />
      {shown.corridors === null ? (
        <p className="py-1 font-semibold text-stop">No corridors lead from one end to the other.</p>
      ) : shown.corridors.length === 0 ? (
        <p className="py-1">Both ends are at one place: it needs no corridor.</p>
      ) : (
        <DataTable
          name="Sections of the wire"
          rows={shown.corridors}
          keyOf={(id) => id}
          columns={[
            { head: 'Corridor', wide: true, cell: (id) => nameOf(id) },
            { head: 'Length', right: true, cell: (id) => <FigureText figure={fig(corridor.get(id)!.lengthM, 'distance', 2)} /> },
            { head: 'Minutes', right: true, cell: (id) => minutes(id).toFixed(1) },
            { head: 'Wires of its class', right: true, cell: (id) => bundleOf(id)?.circuits.length ?? 1 },
            {
              head: 'Rule',
              cell: (id) => (
                <WholeSelect
                  label={`Rule for ${nameOf(id)}`}
                  value={rule(id)}
                  options={RULES}
                  onChange={(next) => setRule(id, next)}
                  className="w-32"
                />
              ),
            },
          ]}
        />
      )}
      {shown.wireM !== null && (
        <p className="py-1 leading-snug">
          Way <FigureText figure={fig(shown.pathM!, 'distance', 2)} />, {own?.net ? 'to the place of its splice' : 'cut length'}{' '}
          <strong>
            <FigureText figure={fig(shown.wireM, 'distance', 2)} />
          </strong>{' '}
          with both leads and slack{own?.net ? '; its splice is staggered from there, and tab “Cut and label” has the cut length' : ''}
          {own && lengthIsAssumed(plan, own, shown.corridors) ? ': an estimate, since not everything on its way is measured' : ''}.
        </p>
      )}
      {kept.length > 0 && (
        <ul className="leading-snug">
          {kept.map((s) => (
            <li key={s.id} className="flex items-center justify-between gap-2 border-b border-hair/70 py-1">
              <span>
                {s.rule === 'keep-out' ? 'Must not take' : 'Must take'} “{nameOf(s.corridor)}”.
              </span>
              <button type="button" onClick={() => setRule(s.corridor, '')} className="px-2 text-accent underline">
                Remove rule<span className="sr-only"> for {nameOf(s.corridor)}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      <SelectEntry
        label="Lay down another corridor for it"
        value=""
        options={[['', 'choose'], ...unused.map((c) => [c.id, c.name] as const)]}
        onChange={(id) => id !== '' && setRule(id, 'through')}
      />
    </section>
  )
} // prettier-ignore
