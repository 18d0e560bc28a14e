import { CONDITIONS } from '../../power/index.ts'
import { evaluateStep } from '../../verdict/test/evaluateStep.ts'
import { powerCase } from './powerCase.ts'
import { POWER_WORKINGS, powerWorking } from './powerWorkings.ts'
import { poweredJob } from './test/powered.ts'

describe('workings of the power station', () => {
  const c = powerCase(poweredJob())
  it.each(POWER_WORKINGS)('%s: every formula gives the figure that the network uses', (id) => {
    for (const condition of CONDITIONS)
      for (const step of powerWorking(c, id, condition).steps) expect(evaluateStep(step)).toBeCloseTo(step.result, 9)
  })
  it('tell of the wires they are named after', () => {
    const means = (id: (typeof POWER_WORKINGS)[number]) =>
      powerWorking(c, id, 'idle')
        .steps.map((s) => s.meaning)
        .join('; ')
    expect(means('ecu-wires')).toMatch(/ECU feed.*ECU earth/)
    expect(means('pump-wires')).toMatch(/pump feed.*pump earth/)
    expect(means('starter-wires')).toMatch(/starter cable/)
    expect(powerWorking(c, 'battery', 'crank-cold').steps).toHaveLength(2)
  })
  it('a wire that was measured has no formula: its drop over the current is its resistance', () => {
    const measured = powerCase(
      poweredJob({
        'walkAround.tests.crankingA': 160,
        'power.wires.starterCable.crankDropV': 0.2,
        'power.wires.batteryEarth.crankDropV': 0.1,
      }),
    )
    expect(powerWorking(measured, 'starter-wires', 'crank-cold').steps).toEqual([])
  })
})
