import { fuelLoopOf } from '@lochmoor/core'
import { walkOnEnter } from '../../../fields/walkOnEnter.ts'
import { EngineInputs } from './EngineInputs.tsx'
import { InjectionInputs } from './InjectionInputs.tsx'
import { LineInputs } from './LineInputs.tsx'
import type { InputsProps } from './inputsProps.ts'
import { PumpInputs } from './PumpInputs.tsx'

/** Everything measured or decided for the fuel station, in the order a person works. */
export const FuelInputs = (props: InputsProps) => {
  const { job } = props
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
