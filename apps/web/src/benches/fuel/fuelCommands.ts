import type { VoltageLevel } from '@lochmoor/core'
import type { PaletteCommand } from '../../palette/paletteStore.ts'
import type { SheetProps } from './sheetProps.ts'
import { viewOfPoint, type View } from './view.ts'

const MOMENTS: readonly (readonly [View['load'], string, string])[] = [
  ['overrun', 'overrun', '1'],
  [0, 'idle', '2'],
  [0.5, 'cruise', '3'],
  [1, 'full load', '4'],
]
const VOLTAGES: readonly (readonly [VoltageLevel, string, string])[] = [
  ['low', 'least', '5'],
  ['running', 'running', '6'],
  ['high', 'highest', '7'],
]

/** What only the fuel bench can do by name: moments and voltages. */
export const fuelCommands = ({ assessment, view, setView }: SheetProps): PaletteCommand[] => [
  ...assessment.engine.points.map((p) => ({
    id: `point-${p.id}`,
    group: 'Show',
    label: `Show the condition: ${p.label.toLowerCase()}`,
    run: () => setView(viewOfPoint(p.id)),
  })),
  ...MOMENTS.map(([load, name, key]) => ({
    id: `moment-${name}`,
    group: 'Show',
    label: `Show ${name}`,
    key,
    run: () => setView({ load, voltage: view.voltage }),
  })),
  ...VOLTAGES.map(([voltage, name, key]) => ({
    id: `voltage-${name}`,
    group: 'Show',
    label: `Show the ${name} voltage`,
    key,
    run: () => setView({ load: view.load, voltage }),
  })),
]
