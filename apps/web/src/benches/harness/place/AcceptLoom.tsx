import type { JobDocument } from '@lochmoor/core'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { Group } from '../../bench/Group.tsx'
import type { Looms } from '../background/loomWork.ts'
import type { ShownLoom } from '../routes/shownLoom.ts'

interface Props {
  readonly job: JobDocument
  readonly loom: ShownLoom
  readonly looms: Looms | null
  readonly setPlace: (id: string | null) => void
}

/** Which loom is shown, and the decision for it. */
export const AcceptLoom = ({ job, loom, looms, setPlace }: Props) => {
  const accepted = job.harness.loom
  const offers = looms?.offers ?? []
  const options = [
    ...(accepted ? [['', 'the accepted loom'] as const] : []),
    ...offers.map((o) => [o.proposal.place.id, `offered: ${o.proposal.place.name}`] as const),
  ]
  const accept = () => {
    if (!loom.offer) return
    run(setAt('harness.loom', loom.offer.proposal.loom, `loom accepted, ECU: ${loom.placeName}`))
    setPlace(null)
  }
  return (
    <Group title="Loom">
      {options.length > 0 && (
        <SelectEntry
          label="Shown"
          value={loom.accepted ? '' : loom.placeId}
          options={options}
          onChange={(id) => setPlace(id === '' ? null : id)}
        />
      )}
      {loom.accepted ? (
        <p className="py-1 leading-snug">Accepted, with the ECU here: {loom.placeName}. Lengths and sizes of every station follow it.</p>
      ) : (
        <>
          <p className="py-1 leading-snug text-soft">
            {accepted ? 'Accepting it replaces the loom that was accepted.' : 'Nothing is accepted yet.'} Power, fuel and
            exhaust compute with it from then on.
          </p>
          <Button kind="main" onClick={accept} disabled={loom.offer === null}>
            Accept this loom
          </Button>
        </>
      )}
    </Group>
  )
} // prettier-ignore
