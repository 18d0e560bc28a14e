import {
  designOf,
  fittingUnfit,
  hoseOfLeg,
  hoseUnfit,
  legBends,
  loadOf,
  type Catalogue,
  type FittingPart,
  type HosePart,
  type JobDocument,
  type LegMoves,
  type LineLeg,
  type LineName,
  type Unfit,
} from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PartField } from '../../../fields/PartField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { usePlainWhy } from '../../../fields/FigureText.tsx'
import { run, setLeg } from '../../../store/commands.ts'
import { measuredAt } from '../../../store/records.ts'
import { useDescribe } from '../inputs/describeParts.ts'
import { Group } from '../../bench/Group.tsx'

interface Props {
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly which: LineName
  /** Its number in the line, from 1. */
  readonly number: number
  readonly leg: LineLeg
}

const YES_NO = [
  ['no', 'No'],
  ['yes', 'Yes'],
] as const

/** One leg: what it is made of, its length and bends, its ends, where it runs. */
export const LegFields = ({ job, catalogue, which, number, leg }: Props) => {
  const path = `fuel.${which}.legs.${leg.id}`
  const describe = useDescribe()
  const why = usePlainWhy()
  const load = loadOf(designOf(job), which)
  const hose = hoseOfLeg(job.fuel[which], leg)
  const set = (change: Partial<LineLeg>, label: string) => run(setLeg(which, leg.id, change, `${leg.name}: ${label}`))
  const stopped = (unfit: Unfit | null) => (unfit?.state === 'stop' ? why(unfit.why) : null)
  const refuseHose = (h: HosePart) =>
    leg.moves === 'inside' && h.kind !== 'hard-tube' && h.immersible !== true
      ? 'not rated for use in fuel'
      : load && stopped(hoseUnfit(h, load))
  const refuseEnd = (f: FittingPart) => (load && hose ? stopped(fittingUnfit(f, hose, load)) : null)
  const bends = (name: 'bends90' | 'bends45', label: string) => (
    <QuantityField
      label={label}
      path={`${path}.${name}`}
      value={leg[name]}
      assumed={legBends(job.fuel[which], leg)[name]}
      onChange={(si) => set({ [name]: si }, label.toLowerCase())}
    />
  )
  const figure = (name: 'lengthM' | 'bendRadiusM' | 'exhaustGapM', label: string) => (
    <QuantityField
      label={label}
      path={`${path}.${name}`}
      value={leg[name]}
      onChange={(si) => set({ [name]: si }, label.toLowerCase())}
      onMeasured={measuredAt(`${path}.${name}`, `${leg.name}: ${label.toLowerCase()}`)}
    />
  )
  const end = (name: 'start' | 'end', label: string) => (
    <PartField
      label={label}
      value={leg[name]}
      parts={
        hose
          ? catalogue.fittings.filter((f) => f.fits.includes(hose.kind) || f.id === leg[name]?.id)
          : catalogue.fittings
      }
      describe={describe.fitting}
      refuse={refuseEnd}
      none="no end chosen"
      onChange={(fitting) => set({ [name]: fitting }, label.toLowerCase())}
    />
  )
  return (
    <Group title={`Leg ${number}`}>
      <NameEntry name={leg.name} what="A leg" onChange={(name) => set({ name }, 'name')} />
      <PartField
        label="Hose or tube of this leg"
        value={leg.hose}
        parts={catalogue.hoses}
        describe={describe.hose}
        refuse={refuseHose}
        none={job.fuel[which].hose ? `as the line: ${job.fuel[which].hose.name}` : 'none chosen'}
        onChange={(h) => set({ hose: h }, 'hose')}
      />
      {figure('lengthM', 'Length, seat to seat')}
      {bends('bends90', 'Bends of 90°')}
      {bends('bends45', 'Bends of 45°')}
      {figure('bendRadiusM', 'Tightest bend, inside radius')}
      {end('start', 'Start fitting')}
      {end('end', 'End fitting')}
      <ChoiceField
        label="One end moves with"
        value={leg.moves}
        options={[
          ['no', 'Nothing, it is clipped'],
          ['tank', 'The tank, when lowered'],
          ['engine', 'The engine'],
          ['inside', 'Inside the tank'],
        ]}
        onChange={(moves: LegMoves) => set({ moves }, 'what moves')}
      />
      {figure('exhaustGapM', 'Closest to the exhaust')}
      <ChoiceField
        label="Heat sleeve over it"
        value={leg.sleeved ? 'yes' : 'no'}
        options={YES_NO}
        onChange={(v) => set({ sleeved: v === 'yes' }, 'sleeve')}
      />
      <ChoiceField
        label="Near linkage, fan or axle"
        value={leg.nearMotion ? 'yes' : 'no'}
        options={YES_NO}
        onChange={(v) => set({ nearMotion: v === 'yes' }, 'near motion')}
      />
      <QuantityField
        label="Panels it passes through"
        path={`${path}.panels`}
        value={leg.panels}
        emptyMeans={0}
        onChange={(si) => set({ panels: si ?? 0 }, 'panels it passes through')}
      />
    </Group>
  )
}
