import { designOf, fig, isSolved, solvePoint, type LoopDesign } from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'

/** Why a return that is good enough at full load fails at idle, with this car's figures. */
export const TrapNote = ({ design }: { design: LoopDesign }) => {
  const idle = useMemo(() => {
    const solved = solvePoint(designOf(design.job), design.idle)
    return isSolved(solved) ? solved : null
  }, [design])
  if (!idle || idle.answer.regulatorBackPa === null)
    return <p className="py-1 text-soft">Shown once the return-type circuit can be solved.</p>
  const { answer } = idle
  const lifted = answer.state === 'lifted'
  return (
    <p className="py-1 leading-snug">
      At idle the engine uses next to nothing, so nearly all the pump delivers,{' '}
      <FigureText figure={fig(answer.returnFlowM3S, 'volumeFlow')} />, has to go back through the return. That takes{' '}
      <strong>
        <FigureText figure={fig(answer.regulatorBackPa ?? 0, 'pressure')} />
      </strong>{' '}
      of return-line back pressure, against a set pressure of{' '}
      <FigureText figure={fig(answer.effectiveSetPa, 'pressure')} />.{' '}
      {lifted ? (
        <strong className="text-stop">
          The regulator is wide open and the rail still rises to{' '}
          <FigureText figure={fig(answer.railPa ?? 0, 'pressure')} />: rich at idle, right at full load, and no amount
          of screwing the regulator down fixes it. A larger return, a smaller pump or a returnless system does.
        </strong>
      ) : (
        'The regulator stays in control.'
      )}
    </p>
  )
}
