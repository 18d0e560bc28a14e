import type { FuelSection } from '@lochmoor/core'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { measuredAt } from '../../../store/records.ts'
import type { InputsProps } from './inputsProps.ts'
import { Group } from '../../bench/Group.tsx'

type OldLine = FuelSection['oldLine']
type FigureName = 'outsideM' | 'wallM' | 'provedPa'

/** The car's own hard line, where it shall stay. */
export const OldLineInputs = ({ job }: Pick<InputsProps, 'job'>) => {
  const { oldLine } = job.fuel
  const set = (change: Partial<OldLine>, label: string) => run(setFuel({ oldLine: { ...oldLine, ...change } }, label))
  const figure = (name: FigureName, label: string) => (
    <QuantityField
      label={label}
      path={`fuel.oldLine.${name}`}
      value={oldLine[name]}
      onChange={(si) => set({ [name]: si }, label.toLowerCase())}
      onMeasured={measuredAt(`fuel.oldLine.${name}`, label)}
    />
  )
  return (
    <Group title="Existing hard line">
      <KnownChoiceField
        label="Reused as"
        value={oldLine.keeps}
        options={[
          ['feed', 'Feed'],
          ['return', 'Return'],
        ]}
        none="not reused"
        how="An old feed may be wide enough for a return, or too small. The profile shows what it does to the pressure: enter its measured bore at the line."
        onChange={(v) => set({ keeps: v as OldLine['keeps'] }, 'old line')}
      />
      {oldLine.keeps && (
        <>
          {figure('outsideM', 'Outside diameter')}
          {figure('wallM', 'Wall thickness')}
          <KnownChoiceField
            label="Joints"
            value={oldLine.joints}
            options={[
              ['flared', 'Flared'],
              ['compression', 'Compression fittings'],
              ['hose-and-clip', 'Hose and clip'],
              ['soldered', 'Soldered'],
            ]}
            onChange={(v) => set({ joints: v as OldLine['joints'] }, 'joints of the old line')}
          />
          {figure('provedPa', 'Water test pressure held')}
        </>
      )}
    </Group>
  )
}
