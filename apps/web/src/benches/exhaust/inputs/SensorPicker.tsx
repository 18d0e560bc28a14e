import { SENSOR_NAMES } from '@lochmoor/core'
import type { SheetProps } from '../sheetProps.ts'

/** Which of two sensors is worked on; nothing where there is one. */
export const SensorPicker = ({ assessment, sensorIndex, setSensor }: SheetProps) =>
  assessment.c.sensorCount < 2 ? null : (
    <div role="group" aria-label="Sensor" className="mb-2 grid grid-cols-2 gap-1">
      {SENSOR_NAMES.map((name, i) => (
        <button
          key={name}
          type="button"
          aria-pressed={i === sensorIndex}
          onClick={() => setSensor(i === 0 ? 0 : 1)}
          className={`h-9 border font-semibold ${i === sensorIndex ? 'border-ink bg-ink text-paper' : 'border-soft/60 hover:bg-wash'}`}
        >
          {name}
        </button>
      ))}
    </div>
  )
