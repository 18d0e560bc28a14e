import { Button } from '../../../shell/Button.tsx'
import type { WorkState } from './useWork.ts'

/** How far a computation in the background is, with the way to end it. */
export const WorkProgress = ({
  state,
  name,
  onCancel,
}: {
  state: WorkState<unknown>
  name: string
  onCancel: () => void
}) => {
  if (state.kind === 'failed')
    return (
      <p role="alert" className="mt-2 font-semibold text-stop">
        The calculation failed: {state.message}
      </p>
    )
  if (state.kind !== 'running') return null
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <span className="font-semibold">{name}</span>
      <progress aria-label={`${name}, progress`} value={state.share} max={1} className="h-3 w-48" />
      <span className="w-12 text-right">{Math.floor(100 * state.share)}&nbsp;%</span>
      <Button onClick={onCancel}>Cancel</Button>
    </div>
  )
}
