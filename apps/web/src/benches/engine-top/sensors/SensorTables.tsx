import { fig, isTapered, type HoleOfJob, type ThermistorOfJob } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

/** Every sensor with its hole: drill, thread, wall. */
export const HoleTable = ({ holes, shown, onShow }: { holes: readonly HoleOfJob[]; shown: number; onShow: (index: number) => void }) => (
  <section aria-label="Sensor holes" className="mt-4">
    <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Which sensor into which hole</h2>
    <DataTable
      name="Which sensor into which hole"
      rows={holes}
      keyOf={(h) => h.hole.id}
      marked={(h) => h === holes[shown]}
      onRow={(h) => onShow(holes.indexOf(h))}
      columns={[
        { head: 'Sensor', wide: true, cell: (h) => <button type="button" className="text-left underline" onClick={() => onShow(holes.indexOf(h))}>{h.hole.name}</button> },
        { head: 'Thread', cell: (h) => h.thread?.name ?? 'not known' },
        { head: 'Hole', cell: (h) => (h.hole.holeThread === null ? 'plain metal' : (h.holeThread?.name ?? '')) },
        { head: 'Drill', right: true, cell: (h) => (h.tapped ? <FigureText figure={fig(h.tapped.drillM, 'bore', 2)} /> : '') },
        { head: 'Thread deep', right: true, cell: (h) => (h.tapped ? <FigureText figure={fig(h.tapped.threadM, 'bore', 1)} /> : '') },
        { head: 'Wall left', right: true, cell: (h) => (h.tapped ? <FigureText figure={fig(h.tapped.wallM, 'bore', 1)} /> : '') },
        { head: 'Seals by', cell: (h) => (h.thread === null ? '' : isTapered(h.thread) ? 'its taper' : 'a washer') },
      ]}
    />
  </section>
) // prettier-ignore

/** What the ECU sees of a thermistor over temperature: to be typed into its table. */
export const ThermistorTable = ({ t }: { t: ThermistorOfJob }) =>
  t.table === null ? null : (
    <section aria-label="Thermistor table" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">{t.entry.name}: what the ECU sees</h2>
      <DataTable
        name="What the ECU sees"
        rows={t.table}
        keyOf={(r) => String(r.temperatureK)}
        columns={[
          { head: 'Temperature', right: true, cell: (r) => <FigureText figure={fig(r.temperatureK, 'temperature', 0)} /> },
          { head: 'Resistance', right: true, cell: (r) => <FigureText figure={fig(r.ohm, 'resistance', 0)} /> },
          { head: 'At the input', right: true, cell: (r) => <FigureText figure={fig(r.voltageV, 'voltage', 2)} /> },
          { head: `Counts of ${2 ** t.bits}`, right: true, cell: (r) => r.counts },
        ]}
      />
    </section>
  ) // prettier-ignore
