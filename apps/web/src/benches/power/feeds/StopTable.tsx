import { fig, STOPPED, stopTable, stopWords, type CarSupply, type StopOutcome } from '@lochmoor/core'
import { useMemo, useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

const HEADS = { ignition: 'Ignition', pump: 'Fuel pump', starter: 'Starter' } as const

/** What stops when: every combination of key, switches, engine, generator and wind, each solved in the network. */
export const StopTable = ({ supply }: { supply: CarSupply }) => {
  const [all, setAll] = useState(false)
  const table = useMemo(() => stopTable(supply), [supply])
  const wrong = table.filter((o) => o.wrong.length > 0)
  const rows = all ? table : wrong
  return (
    <section aria-label="What stops when" className="mt-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">What stops when</h2>
      <p className="py-1 leading-snug">
        {wrong.length === 0 ? (
          <StateShape state="ok" word={`All ${table.length} combinations stop what they must`} />
        ) : (
          <StateShape state="stop" word={`${wrong.length} of ${table.length} combinations are wrong`} />
        )}
      </p>
      {rows.length > 0 && (
        <DataTable
          name="Combinations of key and switches"
          rows={rows}
          keyOf={(o) => stopWords(o.when)}
          marked={(o) => o.wrong.length > 0}
          columns={[
            { head: 'When', wide: true, cell: (o: StopOutcome) => stopWords(o.when) },
            ...STOPPED.map((d) => ({
              head: HEADS[d],
              right: true,
              cell: (o: StopOutcome) => (
                <span className={o.wrong.includes(d) ? 'font-bold text-stop' : ''}>
                  {o.is[d]} <FigureText figure={fig(o.volts[d], 'voltage', 1)} />
                  {o.wrong.includes(d) && <span className="block">must be {o.must[d]}</span>}
                </span>
              ),
            })),
          ]}
        />
      )}
      <button
        type="button"
        aria-expanded={all}
        onClick={() => setAll(!all)}
        className="my-2 border border-ink px-2 py-1 font-semibold hover:bg-wash"
      >
        {all ? 'Show only what is wrong' : `Show all ${table.length} combinations`}
      </button>
      <p className="text-sm leading-snug text-soft">
        Each line: the engine has run, then the switches stand so. From the solved network, relays remembering what they
        did. Live: above 4 V, typical.
      </p>
    </section>
  )
}
