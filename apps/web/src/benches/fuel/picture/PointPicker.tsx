import { formatQuantity, type EngineOnFuel, type VoltageLevel } from '@lochmoor/core'
import { Slider } from 'radix-ui'
import { useUnit } from '../../../store/preferences.ts'
import { pointOfView, type View } from '../view.ts'

const STOPS: readonly { readonly load: View['load']; readonly name: string }[] = [
  { load: 'overrun', name: 'Overrun' },
  { load: 0, name: 'Idle' },
  { load: 0.5, name: 'Cruise' },
  { load: 1, name: 'Full load' },
]

const VOLTAGES: readonly { readonly level: VoltageLevel; readonly name: string }[] = [
  { level: 'low', name: 'Minimum' },
  { level: 'running', name: 'Running' },
  { level: 'high', name: 'Maximum' },
]

interface Props {
  readonly engine: EngineOnFuel
  readonly view: View
  readonly onView: (view: View) => void
}

/** Chooses the moment shown: named points, everything between idle and full load, and the voltage at the pump. */
export const PointPicker = ({ engine, view, onView }: Props) => {
  const voltageUnit = useUnit('voltage')
  const flowUnit = useUnit('volumeFlow')
  const speedUnit = useUnit('engineSpeed')
  const point = pointOfView(engine, view)
  return (
    <div className="mb-2 grid grid-cols-1 gap-x-5 gap-y-2 sm:grid-cols-[minmax(0,1fr)_auto]">
      <div>
        <div role="group" aria-label="Operating condition" className="grid grid-cols-4 gap-1">
          {STOPS.map(({ load, name }) => (
            <button
              key={name}
              type="button"
              aria-pressed={!view.named && view.load === load}
              onClick={() => onView({ load, voltage: view.voltage })}
              className={`h-9 border px-1 font-semibold ${!view.named && view.load === load ? 'border-ink bg-ink text-paper' : 'border-soft/60 hover:bg-wash'}`}
            >
              {name}
            </button>
          ))}
        </div>
        <div className="grid grid-cols-4 gap-1">
          <span className="self-center text-sm text-soft">
            {Math.round(point.speedRpm)} {speedUnit.label}
          </span>
          {/* The track runs from the middle of "Idle" to the middle of "Full load". */}
          <div className="col-span-3 px-[16.6%]">
            <Slider.Root
              value={[view.load === 'overrun' ? 0 : view.load * 100]}
              onValueChange={([v = 0]) => onView({ load: v / 100, voltage: view.voltage })}
              max={100}
              step={1}
              className="relative flex h-8 touch-none items-center select-none"
            >
              <Slider.Track className="relative h-[3px] grow bg-hair">
                <Slider.Range className="absolute h-full bg-accent" />
              </Slider.Track>
              <Slider.Thumb
                aria-label="Load between idle and full load"
                aria-valuetext={point.label}
                className="grid size-5 place-items-center max-lg:size-[44px]"
              >
                <span
                  className={`block size-5 rotate-45 border-2 border-accent ${view.load === 'overrun' ? 'bg-paper' : 'bg-accent'}`}
                />
              </Slider.Thumb>
            </Slider.Root>
          </div>
        </div>
      </div>
      <div>
        <div role="group" aria-label="Voltage at the pump" className="grid grid-cols-3 gap-1">
          {VOLTAGES.map(({ level, name }) => (
            <button
              key={level}
              type="button"
              aria-pressed={point.voltage === level}
              onClick={() => onView({ load: view.load, voltage: level })}
              className={`h-9 border px-2 leading-none ${point.voltage === level ? 'border-ink bg-ink text-paper' : 'border-soft/60 hover:bg-wash'}`}
            >
              <span className="block font-semibold whitespace-nowrap">
                {formatQuantity(engine.voltageV[level], voltageUnit)}
              </span>
              <span className="text-[0.72rem]">{name}</span>
            </button>
          ))}
        </div>
        <p className="mt-1.5 text-right text-soft">
          engine uses <strong className="text-ink">{formatQuantity(point.demandM3S, flowUnit)}</strong>
        </p>
      </div>
    </div>
  )
}
