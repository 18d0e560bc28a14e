import { assumptionsOf, fuelLoopOf } from '@lochmoor/core'
import { useMemo } from 'react'
import { walkOnEnter } from '../../../fields/walkOnEnter.ts'
import { EngineInputs } from './EngineInputs.tsx'
import { InjectionInputs } from './InjectionInputs.tsx'
import { LineInputs } from './LineInputs.tsx'
import type { InputsProps } from './inputsProps.ts'
import { PumpInputs } from './PumpInputs.tsx'

/** Everything measured or decided for the fuel station, in the order a person works. */
export const FuelInputs = ({ job, catalogue }: Omit<InputsProps, 'assumed'>) => {
  const assumptions = useMemo(() => new Map(assumptionsOf(job).map((a) => [a.field, a.si])), [job])
  const props: InputsProps = { job, catalogue, assumed: (field) => assumptions.get(field) }
  return (
    <div onKeyDown={walkOnEnter}>
      <EngineInputs {...props} />
      <InjectionInputs {...props} />
      <PumpInputs {...props} />
      <LineInputs {...props} which="feed" />
      {fuelLoopOf(job) === 'return' && <LineInputs {...props} which="return" />}
    </div>
  )
}
