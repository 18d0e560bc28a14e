import { headOf, type Station } from '@lochmoor/core'
import { run, setWork } from '../../store/commands.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { useMayWrite } from '../../store/sessionStore.ts'

/** Whether the work of a station is done on the car: said by a person, never computed. */
export const BuiltSwitch = ({ station }: { station: Station }) => {
  const built = useJobStore((s) => s.document!.work.built)
  const mayWrite = useMayWrite()
  return (
    <label className="mt-4 flex items-center gap-2 border-t-2 border-ink pt-2 font-semibold">
      <input
        type="checkbox"
        checked={built.includes(station)}
        disabled={!mayWrite}
        onChange={(e) =>
          run(
            setWork(
              { built: e.target.checked ? [...built, station] : built.filter((b) => b !== station) },
              `${headOf(station).title.toLowerCase()} built`,
            ),
          )
        }
        className="size-5 accent-accent"
      />
      {headOf(station).title}: done on the car
    </label>
  )
}
