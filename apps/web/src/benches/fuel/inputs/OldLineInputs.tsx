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
    <Group title="The car’s own hard line">
      <KnownChoiceField
        label="It stays as"
        value={oldLine.keeps}
        options={[
          ['feed', 'Feed'],
          ['return', 'Return'],
        ]}
        none="is not kept"
        how="An old feed is often wide enough as a return, or too tight for it. What it does to the pressure is in the profile: enter its measured bore at the line."
        onChange={(v) => set({ keeps: v as OldLine['keeps'] }, 'old line')}
      />
      {oldLine.keeps && (
        <>
          {figure('outsideM', 'Outside')}
          {figure('wallM', 'Wall')}
          <KnownChoiceField
            label="Joints"
            value={oldLine.joints}
            options={[
              ['flared', 'Flared'],
              ['compression', 'Compression rings'],
              ['hose-and-clip', 'Hose and clip'],
              ['soldered', 'Soldered'],
            ]}
            onChange={(v) => set({ joints: v as OldLine['joints'] }, 'joints of the old line')}
          />
          {figure('provedPa', 'Held in a water test')}
        </>
      )}
    </Group>
  )
}
