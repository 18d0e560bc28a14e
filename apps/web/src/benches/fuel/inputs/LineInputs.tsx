import { designOf, hoseUnfit, loadOf, USUAL_COUNTS, type HosePart, type LineName } from '@lochmoor/core'
import { Link } from 'react-router'
import { PartField } from '../../../fields/PartField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { run, setLine } from '../../../store/commands.ts'
import { measuredAt } from '../../../store/records.ts'
import { useDescribe } from './describeParts.ts'
import type { InputsProps } from './inputsProps.ts'
import { Group } from '../../bench/Group.tsx'

export const LINE_TITLES: Readonly<Record<LineName, string>> = {
  feed: 'Feed line',
  return: 'Return line',
  suction: 'Suction line',
  vent: 'Vent line',
}
const RISES: Readonly<Record<LineName, string>> = {
  feed: 'Rise, tank to rail',
  return: 'Rise, regulator to tank',
  suction: 'Rise, tank to pump',
  vent: 'Rise, tank to end',
}

/** One line: its hose or measured bore, length, rise and fittings; or that it is described leg by leg. */
export const LineInputs = ({
  job,
  catalogue,
  which,
  onLines = false,
}: InputsProps & { which: LineName; onLines?: boolean }) => {
  const line = job.fuel[which]
  const describe = useDescribe()
  const load = loadOf(designOf(job), which)
  const unfit = (hose: HosePart) => {
    const found = load && hoseUnfit(hose, load)
    return found?.state === 'stop' ? found.why : null
  }
  const count = (name: 'bends90' | 'bends45' | 'connectors', label: string) => (
    <QuantityField
      label={label}
      path={`fuel.${which}.${name}`}
      value={line[name]}
      assumed={which === 'suction' || which === 'vent' ? USUAL_COUNTS[name] : undefined}
      onChange={(si) => run(setLine(which, { [name]: si }, `${which}: ${label.toLowerCase()}`))}
    />
  )
  const refused = line.hose && unfit(line.hose)
  return (
    <Group title={LINE_TITLES[which]}>
      <PartField
        label="Hose or tube"
        value={line.hose}
        parts={catalogue.hoses}
        describe={describe.hose}
        refuse={(h) => (unfit(h) ? 'not for this fuel or pressure' : null)}
        none="none from the catalogue"
        onChange={(hose) => run(setLine(which, { hose }, `${which} hose`))}
      />
      {refused && (
        <p className="py-1 text-sm font-semibold text-stop">
          <SentenceText sentence={refused} />
        </p>
      )}
      {line.legs.length > 0 ? (
        <p className="py-1.5 leading-snug text-soft">
          Described in {line.legs.length} legs: length, bends and ends come from there.{' '}
          {onLines ? (
            'They are below.'
          ) : (
            <Link to="../fuel/lines" className="text-accent underline">
              To the lines
            </Link>
          )}
        </p>
      ) : (
        <>
          <QuantityField
            label="Bore, if measured"
            path={`fuel.${which}.measuredBoreM`}
            value={line.measuredBoreM}
            assumed={line.hose?.boreM}
            assumedWord="as listed for the hose"
            onChange={(si) => run(setLine(which, { measuredBoreM: si }, `${which} bore`))}
            onMeasured={measuredAt(`fuel.${which}.measuredBoreM`, `Bore of the ${which}`)}
          />
          <QuantityField
            label="Length"
            path={`fuel.${which}.lengthM`}
            value={line.lengthM}
            onChange={(si) => run(setLine(which, { lengthM: si }, `${which} length`))}
            onMeasured={measuredAt(`fuel.${which}.lengthM`, `Length of the ${which}`)}
          />
          {count('bends90', 'Bends of 90°')}
          {count('bends45', 'Bends of 45°')}
          {count('connectors', 'Connectors and tees')}
        </>
      )}
      {(which === 'feed' || which === 'return') && (
        <QuantityField
          label={RISES[which]}
          path={`fuel.${which}.riseM`}
          value={line.riseM}
          onChange={(si) => run(setLine(which, { riseM: si }, `${which} rise`))}
          onMeasured={measuredAt(`fuel.${which}.riseM`, `Rise of the ${which}`)}
        />
      )}
    </Group>
  )
}
