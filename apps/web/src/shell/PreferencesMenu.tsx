import { UNITS } from '@lochmoor/core'
import { Ruler } from 'lucide-react'
import { Popover } from 'radix-ui'
import { CHOOSABLE_FAMILIES, setUnit, setUnitSystem, unitOfFamily, usePreferences } from '../store/preferences.ts'

/** Units for each family of figures, remembered in this browser. */
export const PreferencesMenu = () => {
  const units = usePreferences((s) => s.units)
  return (
    <Popover.Root>
      <Popover.Trigger className="flex h-9 items-center gap-1.5 rounded px-2 hover:bg-wash" aria-label="Units">
        <Ruler size={18} aria-hidden />
        <span className="hidden md:inline">Units</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Units"
          align="end"
          sideOffset={6}
          className="z-20 w-72 border-2 border-ink bg-sheet p-4"
        >
          <div className="mb-3 flex gap-2">
            {(['metric', 'customary'] as const).map((system) => (
              <button
                key={system}
                type="button"
                onClick={() => setUnitSystem(system)}
                className="flex-1 border border-ink px-2 py-1.5 font-semibold capitalize hover:bg-wash"
              >
                {system}
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
          <p className="mt-2 text-sm text-soft">Any field takes any unit; this is what is shown.</p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
