import {
  CONDITION_WORDS,
  CONDITIONS,
  describePath,
  fig,
  GOVERNS_WORDS,
  WIRE_KINDS,
  WIRE_ROLES,
  type SolvedCar,
  type WireCheck,
  type WireRole,
} from '@lochmoor/core'
import { Fragment } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { NotComputed } from '../NotComputed.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'
import { BoxFields } from './BoxFields.tsx'
import { FuseCurve } from './FuseCurve.tsx'
import { FusePlanTable } from './FusePlanTable.tsx'

const isRole = (id: string | null): id is WireRole => id !== null && (WIRE_ROLES as readonly string[]).includes(id)
const FIELDS = ['lengthM', 'size', 'insulation', 'ambient', 'loadedWires', 'joints', 'fuseA'] as const
const CHOICES: readonly string[] = ['size', 'insulation', 'ambient', 'joints']

/** Every wire against drop, heat, fuse and short; where every fuse goes. */
export const WiresSheet = ({ job, assessment, wire, setWire }: PowerSheetProps) => {
  const { c } = assessment
  const computed = c.refusedBy === null && c.gateKnown
  const role: WireRole = isRole(wire) ? wire : 'ecuFeed'
  const at = (field: string) => `power.wires.${role}.${field}`
  const short = (field: string) => capital(describePath(at(field)).label.split(': ').at(-1)!)
  const check = computed ? c.wireChecks.find((w) => w.role === role) : undefined
  return (
    <Columns
      names={['Wire', 'Wires and fuses', 'Assessment']}
      measured={
        <>
          <Group title="Wire">
            <SelectEntry label="Wire" value={role} options={WIRE_ROLES.map((r) => [r, c.labels[r]!] as const)} onChange={setWire} />
            {FIELDS.map((field) =>
              CHOICES.includes(field) ? (
                <PathChoice
                  key={field}
                  job={job}
                  path={at(field)}
                  label={short(field)}
                  none={field === 'size' ? `assumed: ${c.supply.wires[role].sizeWords}` : 'assumed'}
                />
              ) : (
                <PathField
                  key={field}
                  job={job}
                  path={at(field)}
                  label={short(field)}
                  of={c.labels[role]}
                  decided={field !== 'lengthM'}
                  {...(field === 'loadedWires' && { assumed: c.supply.wires[role].loadedWires })}
                  {...(field === 'fuseA' && c.supply.wires[role].fuseA !== null && { assumed: c.supply.wires[role].fuseA })}
                />
              ),
            )}
          </Group>
          <BoxFields job={job} />
        </>
      }
      picture={
        !computed ? (
          <NotComputed c={c} />
        ) : (
          <>
            <DataTable
              name="Every wire of the design"
              rows={c.wireChecks}
              keyOf={(w) => w.role}
              marked={(w) => w.role === role}
              onRow={(w) => setWire(w.role)}
              columns={[
                {
                  head: 'Wire',
                  cell: (w) => (
                    <button type="button" onClick={() => setWire(w.role)} className="text-left font-semibold underline decoration-dotted">
                      {c.labels[w.role]}
                    </button>
                  ),
                },
                { head: 'Size', cell: (w) => <span className={w.wire.assumed.includes('size') ? 'italic' : ''}>{w.wire.sizeWords}</span> },
                { head: 'Continuous', right: true, cell: (w) => <FigureText figure={fig(w.continuousA, 'current', 1)} /> },
                { head: 'Bears', right: true, cell: (w) => <Over over={w.bearsA < w.continuousA}><FigureText figure={fig(w.bearsA, 'current', 0)} /></Over> },
                { head: 'Drop', right: true, cell: (w) => <Over over={w.dropV > w.limitV}><FigureText figure={fig(w.dropV, 'voltage', 2)} /></Over> },
                { head: 'Limit', right: true, cell: (w) => <FigureText figure={fig(w.limitV, 'voltage', 1)} /> },
                { head: 'Fuse', right: true, cell: (w) => w.fuse ? <Over over={w.fuse.ratingA > w.fuse.thinnest.bearsA || w.fuse.ratingA < w.fuse.leastA}><FigureText figure={fig(w.fuse.ratingA, 'current')} /></Over> : '–' },
                { head: 'Minimum', cell: (w) => w.least.mm2?.size.words ?? 'none' },
              ]}
            />
            <p className="mt-1 text-sm leading-snug text-soft">
              Currents and drops from the solved network; drop out and back where a wire has a return of its own. In
              italics: size not decided yet. Starter cable: sized by drop, not by heat.
            </p>
            {check ? <WireDetail check={check} name={c.labels[role]!} solved={c.solved} /> : <p className="mt-4 leading-snug text-soft">{c.labels[role]}: not in this design.</p>}
            <FusePlanTable c={c} />
          </>
        )
      }
      judgement={<SheetJudgement sheet="wires" />}
    />
  )
} // prettier-ignore

const capital = (w: string) => w.charAt(0).toUpperCase() + w.slice(1)
const Over = ({ over, children }: { over: boolean; children: React.ReactNode }) => (
  <span className={over ? 'font-bold text-stop' : ''}>{children}</span>
)

/** Current and drop of one wire in every condition. */
const WireInConditions = ({ role, solved }: { role: WireRole; solved: SolvedCar }) => (
  <DataTable
    name="Current and drop in every condition"
    rows={CONDITIONS.flatMap((id) => {
      const f = solved.at[id].parts[role] as { currentA: number; dropV: number; lossW: number } | undefined
      return f ? [{ id, ...f }] : []
    })}
    keyOf={(r) => r.id}
    columns={[
      { head: 'Condition', cell: (r) => CONDITION_WORDS[r.id] },
      { head: 'Current', right: true, cell: (r) => <FigureText figure={fig(Math.abs(r.currentA), 'current', 1)} /> },
      { head: 'Drop, one way', right: true, cell: (r) => <FigureText figure={fig(Math.abs(r.dropV), 'voltage', 2)} /> },
      { head: 'Heat', right: true, cell: (r) => <FigureText figure={fig(r.lossW, 'heat', 1)} /> },
    ]}
  />
)

/** One wire: sizes of each standard that would do, its fuse in time, a short at its end. */
const WireDetail = ({ check, name, solved }: { check: WireCheck; name: string; solved: SolvedCar }) => {
  const { fuse, least } = check
  const line = (label: string, value: React.ReactNode) => (
    <div className="flex flex-wrap justify-between gap-x-3 border-b border-hair/70 py-1">
      <dt>{label}</dt>
      <dd className="text-right font-semibold">{value}</dd>
    </div>
  )
  const KINDS = { mm2: 'Minimum size, metric', awg: 'Minimum size, AWG', sae: 'Minimum size, SAE (not AWG)' } as const
  return (
    <section aria-label={`${name}: what it must be`} className="mt-4 border border-ink bg-sheet p-3">
      <h2 className="font-extrabold">{name}</h2>
      <dl>
        {line('Out and back', <FigureText figure={fig(check.outAndBackM, 'distance', 1)} />)}
        {line('Highest continuous current', <><FigureText figure={fig(check.continuousA, 'current', 1)} />, {CONDITION_WORDS[check.continuousIn].toLowerCase()}</>)}
        {line('Worst drop', <><FigureText figure={fig(check.dropV, 'voltage', 2)} />, {CONDITION_WORDS[check.dropIn].toLowerCase()}</>)}
        {WIRE_KINDS.map((k) => {
          const l = least[k]
          return (
            <Fragment key={k}>
              {line(
                KINDS[k],
                l === null ? 'none: two wires, or shorter' : l.governs.length === 0 ? `${l.size.words}, the thinnest there is` : `${l.size.words}, for ${l.governs.map((g) => GOVERNS_WORDS[g]).join(' and ')}`,
              )}
            </Fragment>
          )
        })}
        {fuse && (
          <>
            {line('Smallest fuse for the load', <FigureText figure={fig(fuse.leastA, 'current', 1)} />)}
            {line('Standard fuses between load and wire', fuse.choices.length === 0 ? 'none: a thicker wire' : `${fuse.choices.join(', ')} A`)}
            {fuse.inrush && line('Inrush', <><FigureText figure={fig(fuse.inrush.peakA, 'current', 0)} />; each takes <FigureText figure={fig(fuse.wear, 'share', 0)} /> of the fuse’s life</>)}
            {line('Short at its far end', <><FigureText figure={fig(fuse.short.currentA, 'current', 0)} />; {Number.isFinite(fuse.short.opensWithinS) ? <>opens within <FigureText figure={fig(fuse.short.opensWithinS, 'duration', 0)} />, the wire bears it for <FigureText figure={fig(fuse.short.wireBearsS, 'time', 1)} /></> : 'need not open the fuse at all'}</>)}
          </>
        )}
      </dl>
      {fuse && <FuseCurve name={name} fuse={fuse} />}
      <WireInConditions role={check.role} solved={solved} />
      <p className="pt-1 text-sm text-soft">
        Limit: {check.limitIs}. Ampacity, fuse times and resistances: typical, from memory of the standards.
      </p>
    </section>
  )
} // prettier-ignore
