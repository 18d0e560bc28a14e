import { emptyKeyedWire, fig, KEYED_WORDS, keyedFind, type JobDocument, type KeyedWire } from '@lochmoor/core'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { FigureText, SentenceText } from '../../../fields/FigureText.tsx'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'power.old.keyedWires'
const MOST = 12

/** Old wires that come alive with the key, as a meter found them. */
export const KeyedWireFields = ({ job }: { job: JobDocument }) => {
  const wires = job.power.old.keyedWires
  const [index, setIndex] = useState(0)
  const at = Math.min(index, Math.max(0, wires.length - 1))
  const wire = wires[at]
  const set = (next: readonly KeyedWire[], label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  return (
    <Group title="Keyed wires, as found">
      <ListEditor
        name="Keyed wires"
        items={wires}
        index={at}
        nameOf={(w) => w.name}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={
          wires.length < MOST && (
            <button
              type="button"
              onClick={() =>
                set([...wires, emptyKeyedWire(newId(), `Keyed wire ${wires.length + 1}`)], 'keyed wire added', wires.length)
              }
              className="flex items-center gap-1.5 border border-soft/60 px-2 py-1 font-semibold hover:bg-wash"
            >
              <Plus size={15} aria-hidden /> Add keyed wire
            </button>
          )
        }
      />
      {wire && (
        <div key={wire.id}>
          <NameEntry name={wire.name} what="A keyed wire" onChange={(name) => run(setAt(`${PATH}.${wire.id}.name`, name, `${wire.name}: name`))} />
          {(['offV', 'runV', 'startV', 'postsV'] as const).map((field) => (
            <PathField key={field} job={job} path={`${PATH}.${wire.id}.${field}`} label={FIELDS[field]} of={wire.name} />
          ))}
        </div>
      )}
    </Group>
  )
} // prettier-ignore

const FIELDS = {
  offV: 'Key off',
  runV: 'Key on',
  startV: 'Starter turning',
  postsV: 'Battery terminals, same start',
} as const

const capital = (w: string) => w.charAt(0).toUpperCase() + w.slice(1)

/** Which of the old wires may be the keyed feed, or the two for a relay. */
export const KeyedFinder = ({ job }: { job: JobDocument }) => {
  const { wires, direct, forRelay } = keyedFind(job.power.old.keyedWires)
  const v = (si: number | null) => (si === null ? '–' : <FigureText figure={fig(si, 'voltage', 1)} />)
  return (
    <section aria-label="Finder of the keyed feed" className="mb-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Finder of the keyed feed</h2>
      {wires.length === 0 ? (
        <p className="py-1 leading-snug text-soft">
          No keyed wires yet. Measure each old wire that comes alive with the key: key off, key on, and with the starter
          turning, the battery’s terminals in the same start.
        </p>
      ) : (
        <>
          <DataTable
            name="Keyed wires as found"
            rows={wires}
            keyOf={(f) => f.wire.id}
            columns={[
              { head: 'Wire', cell: (f) => <strong>{f.wire.name}</strong> },
              { head: 'Off', right: true, cell: (f) => v(f.wire.offV) },
              { head: 'Run', right: true, cell: (f) => v(f.wire.runV) },
              { head: 'Start', right: true, cell: (f) => v(f.wire.startV) },
              { head: 'Terminals', right: true, cell: (f) => v(f.wire.postsV) },
              {
                head: 'What it is',
                wide: true,
                cell: (f) => (
                  <>
                    <span className="font-semibold">{capital(KEYED_WORDS[f.kind])}.</span>{' '}
                    <SentenceText sentence={f.says} />
                  </>
                ),
              },
            ]}
          />
          <p className="mt-1.5 leading-snug">
            {direct ? (
              <>
                <strong>{direct.name}</strong> may feed the ECU’s keyed input as it is.{' '}
              </>
            ) : (
              'No wire holds in run and in start by itself. '
            )}
            {forRelay && forRelay.run.id === forRelay.start.id ? (
              <>
                A relay’s coil may hang on <strong>{forRelay.run.name}</strong> alone.
              </>
            ) : forRelay ? (
              <>
                For a relay: diodes from <strong>{forRelay.run.name}</strong> and <strong>{forRelay.start.name}</strong>
                .
              </>
            ) : (
              'For a relay one wire live in run and one live in start are wanted.'
            )}
          </p>
        </>
      )}
    </section>
  )
}
