import type { ExhaustSection, JobDocument } from '@lochmoor/core'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { PathSet } from '../../../fields/PathSet.tsx'
import { run as doRun, setExhaust } from '../../../store/commands.ts'
import { Group } from '../../bench/Group.tsx'

/** What blows in ahead of the sensor, and what sends one bank through the other. */
export const ForeignAir = ({ job }: { job: JobDocument }) => {
  const { airInjection, heatRiser, heatRiserBank, banks } = job.exhaust
  return (
    <Group title="Air pump and flap">
      <KnownChoiceField
        label="Air pump"
        value={airInjection}
        none="not looked at"
        options={[
          ['none', 'None'],
          ['ports', 'Into the ports'],
          ['catalyst', 'Into the catalyst'],
          ['shut-off', 'Shut off in closed loop'],
          ['removed', 'Taken off'],
        ]}
        how="A belt-driven pump with hoses to manifold or catalyst. Removing it may be illegal on the road."
        onChange={(v) => doRun(setExhaust({ airInjection: v as ExhaustSection['airInjection'] }, 'air pump', false))}
      />
      {airInjection === 'removed' && (
        <PathSet
          job={job}
          path="exhaust.airPump"
          label="Seen to"
          how="Plugs in its ports, the belt without it, its bracket, and whether the law lets it come off."
        />
      )}
      <KnownChoiceField
        label="Heat-riser flap"
        value={heatRiser}
        none="not looked at"
        options={[
          ['none', 'None'],
          ['working', 'Works'],
          ['wired-open', 'Wired open'],
          ['seized', 'Seized'],
        ]}
        how="A weighted flap at one bank’s outlet that sends exhaust through the manifold crossover while cold."
        onChange={(v) => doRun(setExhaust({ heatRiser: v as ExhaustSection['heatRiser'] }, 'heat-riser flap', false))}
      />
      {heatRiser !== null && heatRiser !== 'none' && banks.length > 1 && (
        <KnownChoiceField
          label="Bank with the flap"
          value={heatRiserBank}
          options={[
            ['a', 'Bank A'],
            ['b', 'Bank B'],
          ]}
          onChange={(v) =>
            doRun(setExhaust({ heatRiserBank: v as ExhaustSection['heatRiserBank'] }, 'bank of the flap', false))
          }
        />
      )}
    </Group>
  )
}
