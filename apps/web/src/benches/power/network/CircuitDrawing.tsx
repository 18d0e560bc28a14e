import {
  CONDITION_WORDS,
  DEVICE_WORDS,
  formatQuantity,
  type CarWire,
  type ConditionId,
  type DeviceId,
  type SolvedCar,
  type WireRole,
} from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'
import { layOutCircuit, ROW_HEIGHT, TOP, type LaidRow } from './layOutCircuit.ts'

interface Props {
  readonly solved: SolvedCar
  readonly labels: Readonly<Record<string, string>>
  readonly condition: ConditionId
  /** Wires taken out. */
  readonly out: readonly string[]
  readonly wire: string | null
  readonly onWire: ((role: string) => void) | null
  readonly name: string
  /** Devices that have too little or too much in this condition. */
  readonly bad: ReadonlySet<string>
}

const LEAST_WIDTH = 560

interface Piece {
  readonly id: string
  readonly kind: 'wire' | 'fuse' | 'relay' | 'diode' | 'contact'
}
const pieceOf = (solved: SolvedCar, id: string): Piece => {
  const { network } = solved.car
  const has = (list: readonly { readonly id: string }[] | undefined) => (list ?? []).some((p) => p.id === id)
  if (id in solved.supply.wires) return { id, kind: 'wire' }
  if (has(network.fuses)) return { id, kind: 'fuse' }
  if (has(network.relays)) return { id, kind: 'relay' }
  return { id, kind: 'contact' }
}

/** The network as an electrician reads it: feeds left, devices in the middle, earths right. Made from the choices. */
export const CircuitDrawing = ({ solved, labels, condition, out, wire, onWire, name, bad }: Props) => {
  const [ref, measured] = useWidth<HTMLDivElement>(LEAST_WIDTH)
  const width = Math.max(LEAST_WIDTH, measured)
  const volt = useUnit('voltage')
  const distance = useUnit('distance')
  const laid = layOutCircuit(solved.car, width)
  const moment = solved.at[condition]
  const v = (si: number, decimals = 1) => formatQuantity(si, volt, decimals)
  const role = (id: string) => solved.supply.wires[id as WireRole] as CarWire | undefined
  const wireWords = (w: CarWire) => `${w.sizeWords} · ${formatQuantity(w.lengthM, distance, 1)}`
  const isOut = (id: string) => out.includes(id) || role(id)?.fitted === false
  const dropOf = (id: string) => (moment.parts[id] as { dropV?: number } | undefined)?.dropV ?? 0

  /** A run of parts between two places on one row. */
  const run = (row: LaidRow, ids: readonly string[], x1: number, x2: number, says: boolean) => {
    const pieces = ids.map((id) => pieceOf(solved, id))
    const symbols = pieces.filter((p) => p.kind === 'fuse' || p.kind === 'relay' || p.kind === 'contact')
    const wires = pieces.filter((p) => p.kind === 'wire')
    const [left, right] = [Math.min(x1, x2), Math.max(x1, x2)]
    // Beyond the buses, so that no symbol stands on one.
    const first = Math.max(left, laid.lastFeedX) + 20
    const words = wires.length > 0 && says
    const gone = wires.some((w) => isOut(w.id))
    return (
      <>
        <line
          x1={left}
          x2={right}
          y1={row.y}
          y2={row.y}
          stroke={gone ? 'var(--stop)' : 'var(--ink)'}
          strokeWidth={1.4}
          strokeDasharray={gone ? '3 5' : undefined}
        />
        {wires.map(({ id }) => {
          const w = role(id)!
          const chosen = wire === id
          const called = w.fitted ? wireWords(w) : 'not fitted'
          return (
            <g
              key={id}
              {...(onWire && {
                role: 'button',
                tabIndex: 0,
                'aria-pressed': chosen,
                'aria-label': `${labels[id]}, ${called}: drop ${v(Math.abs(dropOf(id)), 2)}`,
                onClick: () => onWire(id),
                onKeyDown: (e: React.KeyboardEvent) => {
                  if (e.key !== 'Enter' && e.key !== ' ') return
                  e.preventDefault()
                  onWire(id)
                },
                className: 'cursor-pointer',
              })}
            >
              <line
                x1={left}
                x2={right}
                y1={row.y}
                y2={row.y}
                stroke={!chosen ? 'transparent' : gone ? 'var(--stop)' : 'var(--accent)'}
                {...(chosen && gone && { strokeDasharray: '3 5' })}
                strokeWidth={chosen ? 4 : 24}
                pointerEvents="stroke"
              />
              {words && (
                <text
                  x={right - 5}
                  y={row.y - 9}
                  fontSize="11"
                  textAnchor="end"
                  fill={gone ? 'var(--stop)' : chosen ? 'var(--accent)' : 'var(--ink)'}
                  fontWeight={chosen ? 700 : 400}
                  fontStyle={w.assumed.length > 0 && w.measuredOhm === null ? 'italic' : undefined}
                  stroke="var(--sheet)"
                  strokeWidth="4"
                  paintOrder="stroke"
                >
                  {called}
                </text>
              )}
            </g>
          )
        })}
        {says &&
          symbols.map((p, i) => (
            <PieceSymbol key={p.id} piece={p} x={first + 42 * i} y={row.y} solved={solved} condition={condition} />
          ))}
      </>
    )
  }

  return (
    <div ref={ref} className="overflow-x-auto border border-ink bg-sheet" role="region" aria-label={name} tabIndex={0}>
      <svg
        width={width}
        height={laid.height}
        className="block"
        role="group"
        aria-label={`${name}, ${CONDITION_WORDS[condition].toLowerCase()}`}
      >
        {laid.buses.map((b) => {
          const volts = moment.nodesV[b.node]
          const y1 = TOP + b.fromRow * ROW_HEIGHT + ROW_HEIGHT / 2
          const y2 = TOP + b.toRow * ROW_HEIGHT + ROW_HEIGHT / 2
          return (
            <g key={b.node}>
              <line x1={b.x} x2={b.x} y1={TOP - 6} y2={y1} stroke="var(--hair)" strokeWidth="1.5" />
              <line x1={b.x} x2={b.x} y1={y1} y2={y2} stroke="var(--ink)" strokeWidth="3" />
              <text transform={`translate(${b.x + 4} ${TOP - 12}) rotate(-90)`} fontSize="11" fontWeight="600">
                {b.node}
                <tspan fill="var(--ink-soft)" fontWeight="400">
                  {volts === null || volts === undefined ? '  –' : `  ${v(volts)}`}
                </tspan>
              </text>
            </g>
          )
        })}
        {laid.rows.map((row) => {
          const device = row.device
          if (device === null) {
            const earthSide = row.fromX >= laid.firstEarthX - 1
            const [id] = row.left.filter((p) => p in solved.supply.wires)
            const w = id === undefined ? undefined : role(id)
            const says = id === undefined ? '' : `${labels[id]} · ${w!.fitted ? wireWords(w!) : 'not fitted'}`
            const drop = Math.abs(row.left.reduce((s, p) => s + dropOf(p), 0))
            return (
              <g key={row.id}>
                {run(row, row.left, row.fromX, row.toX, false)}
                <Dot x={row.fromX} y={row.y} />
                <Dot x={row.toX} y={row.y} />
                <text
                  x={earthSide ? laid.firstEarthX - 10 : laid.lastFeedX + 10}
                  y={row.y + 4}
                  fontSize="11"
                  stroke="var(--sheet)"
                  strokeWidth="4"
                  paintOrder="stroke"
                  textAnchor={earthSide ? 'end' : 'start'}
                  fill={
                    id !== undefined && isOut(id)
                      ? 'var(--stop)'
                      : id !== undefined && wire === id
                        ? 'var(--accent)'
                        : 'var(--ink)'
                  }
                  fontStyle={w && w.assumed.length > 0 && w.measuredOhm === null ? 'italic' : undefined}
                  {...(onWire && id !== undefined && { onClick: () => onWire(id), className: 'cursor-pointer' })}
                >
                  {says || (KEY_ROWS[row.id] ?? row.id)}
                  {row.left.filter((p) => p in ON_THE_WAY).map((p) => ` · ${ON_THE_WAY[p]}`)} · {v(drop, 2)}
                </text>
              </g>
            )
          }
          const f = moment.parts[device] as { voltageV?: number; currentA: number; liftV?: number | null } | undefined
          const isSource = device === 'generator'
          const short = bad.has(device)
          return (
            <g key={row.id}>
              {run(row, row.left, row.fromX, laid.deviceX, true)}
              {run(row, row.right, laid.deviceX + laid.deviceWidth, row.toX, true)}
              <Dot x={row.fromX} y={row.y} />
              <Dot x={row.toX} y={row.y} />
              <rect
                x={laid.deviceX}
                y={row.y - 18}
                width={laid.deviceWidth}
                height={36}
                fill="var(--sheet)"
                stroke={short ? 'var(--stop)' : 'var(--ink)'}
                strokeWidth={short ? 2.6 : 1.6}
              />
              <text
                x={laid.deviceX + laid.deviceWidth / 2}
                y={row.y - 5}
                fontSize="11"
                textAnchor="middle"
                fontWeight="600"
              >
                {isSource
                  ? solved.supply.generator.kind === 'dynamo'
                    ? 'Dynamo'
                    : 'Alternator'
                  : SHORT[device as DeviceId]}
              </text>
              <text
                x={laid.deviceX + laid.deviceWidth / 2}
                y={row.y + 11}
                fontSize="12"
                textAnchor="middle"
                fontWeight="700"
                fill={short ? 'var(--stop)' : 'var(--ink)'}
              >
                {f?.voltageV === undefined
                  ? 'taken out'
                  : isSource
                    ? `${formatQuantity(f.currentA, AMPS, 0)}`
                    : v(f.voltageV)}
                {typeof f?.liftV === 'number' && Math.abs(f.liftV) >= 0.005 && (
                  <tspan fontSize="10.5" fontWeight="400" fill="var(--ink-soft)">
                    {`  earth ${f.liftV >= 0 ? '+' : '−'}${Math.abs(f.liftV).toFixed(2)}`}
                  </tspan>
                )}
              </text>
            </g>
          )
        })}
      </svg>
    </div>
  )
}

const AMPS = { id: 'A', label: 'A', factor: 1, spellings: [], decimals: 0 } as const
const KEY_ROWS: Readonly<Record<string, string>> = {
  kill: 'Kill switch',
  'key-run': 'Key, run',
  'key-acc': 'Key, accessory: dead in start',
}
/** What else lies on an old way, where there is no room for its symbol. */
const ON_THE_WAY: Readonly<Record<string, string>> = {
  'fusible-link': 'fusible link',
  'bulkhead-connector': 'bulkhead',
  ammeter: 'ammeter',
}
/** Names that fit a box. */
const SHORT: Readonly<Record<DeviceId, string>> = {
  ...DEVICE_WORDS,
  keyed: 'Keyed input',
  heater: 'O₂ heater',
  'side-lamps': 'Side lamps',
  ignition: 'Coil',
  solenoid: 'Solenoid',
  fan: 'Fan',
  gauges: 'Gauges',
  blower: 'Blower',
}

const Dot = ({ x, y }: { x: number; y: number }) => <circle cx={x} cy={y} r="3.6" fill="var(--ink)" />

interface SymbolProps {
  readonly piece: Piece
  readonly x: number
  readonly y: number
  readonly solved: SolvedCar
  readonly condition: ConditionId
}

/** Fuse with its rating, relay or switch as it stands in the condition. */
const PieceSymbol = ({ piece, x, y, solved, condition }: SymbolProps) => {
  const { network } = solved.car
  const figures = solved.at[condition].parts[piece.id]
  if (piece.kind === 'fuse') {
    const fuse = network.fuses!.find((f) => f.id === piece.id)!
    return (
      <g>
        <rect x={x - 9} y={y - 5} width="18" height="10" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.4" />
        <text x={x} y={y + 17} fontSize="10" textAnchor="middle">
          {fuse.ratingA} A
        </text>
      </g>
    )
  }
  const closed =
    piece.kind === 'relay'
      ? (figures as { energised?: boolean } | undefined)?.energised === true
      : (solved.at[condition].parts[piece.id] as { currentA?: number } | undefined) !== undefined &&
        isClosed(solved, condition, piece.id)
  return (
    <g>
      <rect x={x - 9} y={y - 6} width="18" height="12" fill="var(--sheet)" />
      <circle cx={x - 8} cy={y} r="2.2" fill="var(--ink)" />
      <circle cx={x + 8} cy={y} r="2.2" fill="var(--ink)" />
      <line x1={x - 8} y1={y} x2={x + 8} y2={closed ? y : y - 9} stroke="var(--ink)" strokeWidth="1.8" />
      <text x={x} y={y + 17} fontSize="10" textAnchor="middle">
        {SYMBOL_WORDS[piece.id] ?? (piece.kind === 'relay' ? 'relay' : '')}
      </text>
    </g>
  )
}

/** Whether a contact joins its ends: hardly any volts stand across it, or it carries current. */
const isClosed = (solved: SolvedCar, condition: ConditionId, id: string): boolean => {
  const f = solved.at[condition].parts[id] as { currentA: number; dropV: number }
  return Math.abs(f.dropV) < 0.3 || Math.abs(f.currentA) > 1e-3
}
const SYMBOL_WORDS: Readonly<Record<string, string>> = {
  'key-run': 'key',
  'key-acc': 'key',
  'key-start': 'start',
  'kill-switch': 'kill',
  ammeter: 'ammeter',
  'bulkhead-connector': 'bulkhead',
  'fusible-link': 'link',
  ballast: 'ballast',
  'fan-switch': 'switch',
  'light-switch': 'switch',
  'shared-relay': 'relay',
}
