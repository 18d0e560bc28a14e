import { fig, type CrankTrace } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'

const RELAYS: Readonly<Record<string, string>> = {
  'keyed-relay': 'Keyed-feed relay',
  'pump-relay': 'Pump relay',
  'shared-relay': 'Relay of ECU and pump',
  'fan-relay': 'Fan relay',
}

/** What happens during the start, in words. */
export const TraceEvents = ({ trace }: { trace: CrankTrace }) => (
  <ul className="mb-4 leading-snug" aria-label="What happens during the start">
    <li className="border-b border-hair/70 py-1">
      Inrush <FigureText figure={fig(trace.peakStarterA, 'current', 0)} />, then{' '}
      <FigureText figure={fig(trace.meanStarterA, 'current', 0)} /> at{' '}
      <FigureText figure={fig(trace.meanRpm, 'engineSpeed', 0)} />, mean over the last two turns.
    </li>
    {trace.resets.map((r) => (
      <li key={r.atS} className="border-b border-hair/70 py-1 font-semibold text-stop">
        ECU resets after <FigureText figure={fig(r.atS, 'duration', 0)} />: its{' '}
        {r.by === 'supply' ? 'supply' : 'keyed input'} was below its minimum for longer than it rides through.
      </li>
    ))}
    {trace.relayMoves.map((m) => (
      <li key={`${m.id}${m.atS}`} className="border-b border-hair/70 py-1">
        {RELAYS[m.id] ?? m.id} {m.energised ? 'pulls in' : 'drops out'} after{' '}
        <FigureText figure={fig(m.atS, 'duration', 0)} />.
      </li>
    ))}
    {trace.resets.length === 0 && trace.relayMoves.length === 0 && <li className="py-1">No reset; no relay moves.</li>}
  </ul>
)
