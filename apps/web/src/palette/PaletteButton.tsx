import { Search } from 'lucide-react'
import { lazy, Suspense } from 'react'
import { setPaletteOpen, usePalette } from './paletteStore.ts'
import { usePaletteKeys } from './usePaletteKeys.ts'

const Palette = lazy(() => import('./Palette.tsx').then((m) => ({ default: m.Palette })))

/** Opens the palette; the palette itself is fetched when it is first wanted. */
export const PaletteButton = () => {
  const open = usePalette((s) => s.open)
  usePaletteKeys()
  return (
    <>
      <button
        type="button"
        onClick={() => setPaletteOpen(true)}
        aria-label="Commands (Ctrl K)"
        title="Commands (Ctrl K)"
        className="grid size-9 shrink-0 place-items-center rounded hover:bg-wash"
      >
        <Search size={18} aria-hidden />
      </button>
      {open && (
        <Suspense fallback={null}>
          <Palette />
        </Suspense>
      )}
    </>
  )
}
