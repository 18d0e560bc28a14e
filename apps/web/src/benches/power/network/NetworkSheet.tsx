import { CONDITION_WORDS, describePath, loomSizeOf, solveCar, WIRE_ROLES, type WireRole } from '@lochmoor/core'
import { useMemo } from 'react'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { badDevices } from '../badDevices.ts'
import { ConditionPicker } from '../inputs/ConditionPicker.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'
import { RefusedFirst } from '../supply/RefusedFirst.tsx'
import { CircuitDrawing } from './CircuitDrawing.tsx'
import { DesignFields } from './DesignFields.tsx'
import { TwoDesigns } from './TwoDesigns.tsx'
import { WirePanel } from './WirePanel.tsx'

const isRole = (id: string | null): id is WireRole => id !== null && (WIRE_ROLES as readonly string[]).includes(id)

/** The design as a circuit, made from the choices; every wire can be looked at, and taken out to see what it carries. */
export const NetworkSheet = ({
  job,
  assessment,
  condition,
  setCondition,
  out,
  setOut,
  wire,
  setWire,
}: PowerSheetProps) => {
  const { c } = assessment
  const solved = useMemo(() => (out.length === 0 ? c.solved : solveCar(c.supply, out)), [c, out])
  const role = isRole(wire) ? wire : 'ecuFeed'
  const take = (id: string) => setOut(out.includes(id) ? out.filter((o) => o !== id) : [...out, id])
  const at = (field: string) => `power.wires.${role}.${field}`
  const short = (field: string) => capital(describePath(at(field)).label.split(': ').at(-1)!)
  if (c.refusedBy !== null)
    return (
      <Columns
        measured={<DesignFields job={job} />}
        picture={<RefusedFirst refusedBy={c.refusedBy} />}
        judgement={<SheetJudgement sheet="network" />}
      />
    )
  return (
    <Columns
      names={['Design', 'Network', 'Assessment']}
      measured={
        <>
          <DesignFields job={job} />
          <Group title="Wires">
            <SelectEntry
              label="Wire"
              value={role}
              options={WIRE_ROLES.map((r) => [r, c.labels[r]!] as const)}
              onChange={setWire}
            />
            <PathField job={job} path={at('lengthM')} label={short('lengthM')} of={c.labels[role]} />
            <PathChoice
              job={job}
              path={at('size')}
              label={short('size')}
              none={`assumed: ${c.supply.wires[role].sizeWords}`}
            />
            {loomSizeOf(job, role) !== null && (
              <p className="py-1 text-sm leading-snug font-semibold">
                By the accepted loom: {c.supply.wires[role].sizeWords}. It counts, whatever stands above.
              </p>
            )}
            <PathChoice job={job} path={at('joints')} label={short('joints')} none="assumed" />
            <PathChoice job={job} path={at('ambient')} label={short('ambient')} none="assumed" />
            <PathField job={job} path={at('fuseA')} label={short('fuseA')} of={c.labels[role]} decided />
          </Group>
        </>
      }
      picture={
        <>
          <div className="max-w-sm">
            <ConditionPicker condition={condition} setCondition={setCondition} />
          </div>
          {out.length > 0 && (
            <p
              role="status"
              className="my-2 flex flex-wrap items-center justify-between gap-2 border-l-4 border-stop bg-sheet px-2.5 py-1.5"
            >
              <span>
                Taken out to see what it carries: {out.map((id) => c.labels[id] ?? id).join(', ')}. Nothing is stored.
              </span>
              <button
                type="button"
                onClick={() => setOut([])}
                className="border border-ink px-2 py-1 font-semibold hover:bg-wash"
              >
                Restore
              </button>
            </p>
          )}
          <CircuitDrawing
            solved={solved}
            labels={c.labels}
            condition={condition}
            out={out}
            wire={wire}
            onWire={setWire}
            name={`Circuit: ${CONDITION_WORDS[condition].toLowerCase()}`}
            bad={badDevices(solved, condition)}
          />
          <p className="mt-1 text-sm leading-snug text-soft">
            Volts at each device and lift of its earth, from the solved network. In italics: not measured yet. Choose a
            wire for its drop, heat, fuse and terminals.
          </p>
          <TwoDesigns job={job} condition={condition} />
        </>
      }
      judgement={
        <>
          {isRole(wire) && (
            <WirePanel
              solved={solved}
              labels={c.labels}
              role={wire}
              condition={condition}
              taken={out.includes(wire)}
              onTake={() => take(wire)}
            />
          )}
          <SheetJudgement sheet="network" />
        </>
      }
    />
  )
}

const capital = (w: string) => w.charAt(0).toUpperCase() + w.slice(1)
