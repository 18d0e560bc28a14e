import { useState } from 'react'
import { fig } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { EngineTopSheetProps } from '../sheetProps.ts'
import { ClayFields } from './ClayFields.tsx'
import { GapTables } from './GapTables.tsx'
import { NeighbourFields } from './NeighbourFields.tsx'
import { OffFields, OffTable } from './OffParts.tsx'
import { PieceFields } from './PieceFields.tsx'
import { PointFields } from './PointFields.tsx'
import { SideSection } from './SideSection.tsx'

const EDITED = { new: 'New stack', clay: 'Clay', old: 'Old stack', beside: 'Beside it', off: 'Comes off' } as const
type Edited = keyof typeof EDITED
const S = 'engineTop.stack'

/** The stack under the bonnet: old and new piece by piece, clay, what stands beside it, and what comes off. */
export const StackSheet = ({ job, assessment }: EngineTopSheetProps) => {
  const { c } = assessment
  const { stack } = c
  const [edited, setEdited] = useState<Edited>('new')
  const air = (
    <Group title="Air cleaner">
      <PathChoice job={job} path={`${S}.cleaner`} label="Where it sits" />
      <PathField job={job} path={`${S}.elementM`} label="Element diameter" of="Air cleaner" />
      {stack.entry.cleaner === 'on-top' && <PathField job={job} path={`${S}.rimM`} label="Rim of lid or base" of="Air cleaner" />}
      {stack.entry.cleaner === 'remote' && <PathField job={job} path={`${S}.elbowM`} />}
      <PathField job={job} path={`${S}.openShare`} />
      <PathField job={job} path={`${S}.faceMS`} decided />
      <PathField job={job} path={`${S}.dropPa`} label="Restriction, measured" of="Air cleaner" />
      {stack.entry.dropPa !== null && <PathField job={job} path={`${S}.dropHeightM`} label="Element height then" of="Air cleaner" />}
      <PathChoice job={job} path={`${S}.airMeter`} />
      {stack.entry.airMeter === 'out' && <PathChoice job={job} path={`${S}.airMeterDuct`} />}
    </Group>
  )
  const rock = (
    <Group title="Engine rock and clearance">
      <PathField job={job} path={`${S}.rockDeg`} label="Rock either way" of="Engine" />
      <PathField job={job} path={`${S}.axisBelowM`} label="Mount axis below the pad" of="Engine" />
      <PathField job={job} path={`${S}.axisRightM`} label="Mount axis right of the pad’s middle" of="Engine" />
      <PathField job={job} path={`${S}.wantedM`} label="Wanted under the bonnet" of="Clearance" decided />
      <PathField job={job} path={`${S}.sideWantedM`} label="Wanted at the sides" of="Clearance" decided />
      <PathField job={job} path={`${S}.lowerPadM`} label="Lowest other manifold, pad lower by" of="Manifold" decided />
    </Group>
  )
  return (
    <Columns
      names={['Measured', 'Stack', 'Assessment']}
      measured={
        <>
          <SelectEntry
            label="Enter"
            value={edited}
            options={Object.entries(EDITED) as unknown as readonly (readonly [Edited, string])[]}
            onChange={setEdited}
          />
          {edited === 'new' && (
            <>
              <PieceFields job={job} list="pieces" levels={stack.levels} />
              {air}
              {rock}
            </>
          )}
          {edited === 'clay' && <ClayFields job={job} fromWalk={stack.fromWalk !== null} />}
          {edited === 'old' && <PieceFields job={job} list="old" levels={null} />}
          {edited === 'beside' && (
            <>
              <Group title="Throttle body">
                <SelectEntry
                  label="Faces"
                  value={String(stack.entry.facingDeg)}
                  options={[
                    ['0', 'ahead, as its points are entered'],
                    ['90', 'turned 90° clockwise from above'],
                    ['180', 'turned 180°'],
                    ['270', 'turned 270° clockwise from above'],
                  ]}
                  onChange={(deg) => run(setAt(`${S}.facingDeg`, Number(deg), 'throttle body faces'))}
                />
              </Group>
              <PointFields job={job} />
              <NeighbourFields job={job} />
            </>
          )}
          {edited === 'off' && <OffFields job={job} off={c.off} />}
        </>
      }
      picture={
        <>
          <Caution>Engine cold, battery off, fuel pressure released. Fingers and clay clear of the fan.</Caution>
          <SideSection stack={stack} />
          <dl className="my-3 grid grid-cols-[1fr_auto] gap-x-4 border-y-2 border-ink py-1">
            <dt>Tallest spacer that fits</dt>
            <dd className="text-right font-bold">
              {stack.tallestSpacerM === null ? 'Not known' : <FigureText figure={fig(stack.tallestSpacerM, 'bore', 0)} />}
            </dd>
            <dt>Lowest element that still flows</dt>
            <dd className="text-right font-bold">
              {stack.air === null ? (
                'Not known'
              ) : (
                <FigureText figure={fig(Math.max(stack.air.leastHeightM, stack.air.leastHeightByDropM ?? 0), 'bore', 0)} />
              )}
            </dd>
            <dt>New stack taller than the old by</dt>
            <dd className="text-right font-bold">
              {stack.totalM === null || stack.oldM === null ? 'Not known' : <FigureText figure={fig(stack.totalM - stack.oldM, 'bore', 1)} />}
            </dd>
          </dl>
          <GapTables stack={stack} />
          <OffTable off={c.off} entries={stack.entry.off} />
          <div className="mt-3"><PaperLinks papers={[{ file: 'engine-top/sheet.pdf', words: 'Engine top sheet' }, { file: 'engine-top/parts.csv', words: 'Parts list' }]} /></div>
        </>
      }
      judgement={
        <SheetJudgement sheet="" />
      }
    />
  )
} // prettier-ignore
