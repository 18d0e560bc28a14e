import { ENGLISHES, UNITS } from '@lochmoor/core'
import { Ruler } from 'lucide-react'
import { Popover } from 'radix-ui'
import {
  CHOOSABLE_FAMILIES,
  PRESET_NAMES,
  setEnglish,
  setUnit,
  setUnitPreset,
  unitOfFamily,
  UNIT_PRESETS,
  useEnglish,
  usePreferences,
  type UnitPreset,
} from '../store/preferences.ts'

const PRESETS = Object.keys(UNIT_PRESETS) as UnitPreset[]
const ENGLISH_NAMES = {
  british: 'British: bonnet, earth, petrol',
  american: 'American: hood, ground, gasoline',
} as const

/** Units for each family of figures and the English of every text, kept with the account. */
export const PreferencesMenu = () => {
  const units = usePreferences((s) => s.units)
  const english = useEnglish()
  return (
    <Popover.Root>
      <Popover.Trigger
        className="flex h-9 items-center gap-1.5 rounded px-2 hover:bg-wash"
        aria-label="Units and English"
      >
        <Ruler size={18} aria-hidden />
        <span className="hidden md:inline">Units</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Units and English"
          align="end"
          sideOffset={6}
          className="z-20 max-h-[var(--radix-popover-content-available-height)] w-80 overflow-y-auto border-2 border-ink bg-sheet p-4"
        >
          <div className="mb-3 flex gap-2">
            {PRESETS.map((preset) => (
              <button
                key={preset}
                type="button"
                onClick={() => setUnitPreset(preset)}
                className="min-h-9 flex-1 border border-ink px-2 font-semibold hover:bg-wash"
              >
                {PRESET_NAMES[preset]}
              </button>
            ))}
          </div>
          {CHOOSABLE_FAMILIES.map(({ family, name }) => (
            <label key={family} className="flex items-center justify-between border-t border-hair py-1.5">
              {name}
              <select
                value={unitOfFamily(units, family).id}
                onChange={(e) => setUnit(family, e.target.value)}
                className="w-32 border border-hair bg-paper px-2 py-1"
              >
                {UNITS[family].map((u) => (
                  <option key={u.id} value={u.id}>
                    {u.label}
                  </option>
                ))}
              </select>
            </label>
          ))}
          <fieldset className="mt-3 border-t-2 border-ink pt-2">
            <legend className="float-left mb-1 w-full font-semibold">English</legend>
            {ENGLISHES.map((e) => (
              <label key={e} translate="no" className="flex min-h-9 w-full items-center gap-2">
                <input type="radio" name="english" checked={english === e} onChange={() => setEnglish(e)} />
                {ENGLISH_NAMES[e]}
              </label>
            ))}
          </fieldset>
          <p className="mt-2 text-sm text-soft">Any field takes any unit; this sets what is shown.</p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
