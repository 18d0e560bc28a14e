import { assumed, entered, type FigureRule, type Matters } from './figureRule.ts'

const simple = (path: string, value: number, why: string, matters: Matters): FigureRule<number> => ({
  usedBy: ['engineTop'],
  matters,
  sources: [entered<number>(path), assumed(why, value)],
})
/** A stack under a bonnet. */
const stacked: Matters = ({ engineTop: { stack } }) => stack.pieces.length > 0
const beside: Matters = ({ engineTop: { stack } }) => stack.points.length > 0 && stack.around.length > 0
const filtered: Matters = (job) => stacked(job, () => null) && job.engineTop.stack.elementM !== null
const elbowed: Matters = (job) => stacked(job, () => null) && job.engineTop.stack.cleaner === 'remote'
const linked: Matters = ({ engineTop: { throttle } }) => throttle.links.length > 0
const shifting: Matters = ({ engineTop: { throttle } }) => throttle.kickdown.wantsOpenM !== null

/** What is taken at the engine top until it is measured. Rules of thumb. */
export const ENGINE_TOP_FIGURES = {
  'engineTop.stack.rockDeg': simple('engineTop.stack.rockDeg', 2, 'sound rubber mounts: rule of thumb', stacked),
  'engineTop.stack.axisBelowM': simple('engineTop.stack.axisBelowM', 0.35, 'usual mounts: rule of thumb', stacked),
  'engineTop.stack.axisRightM': simple('engineTop.stack.axisRightM', 0, 'pad over the mounts', stacked),
  'engineTop.stack.wantedM': simple('engineTop.stack.wantedM', 0.005, 'rule of thumb', stacked),
  'engineTop.stack.sideWantedM': simple('engineTop.stack.sideWantedM', 0.01, 'rule of thumb', beside),
  'engineTop.stack.openShare': simple('engineTop.stack.openShare', 0.85, 'rubber ends of an element: rule of thumb', filtered),
  'engineTop.stack.faceMS': simple('engineTop.stack.faceMS', 3, 'paper: rule of thumb', filtered),
  'engineTop.stack.elbowM': simple('engineTop.stack.elbowM', 0.06, 'a low elbow: rule of thumb', elbowed),
  'engineTop.throttle.plateDeg': simple('engineTop.throttle.plateDeg', 85, 'most throttle bodies: rule of thumb', linked),
  'engineTop.throttle.slackM': simple('engineTop.throttle.slackM', 0, 'linkage without slack', linked),
  'engineTop.throttle.kickdown.toleranceM': simple('engineTop.throttle.kickdown.toleranceM', 1e-3, 'where the maker says nothing: rule of thumb', shifting),
} satisfies Record<string, FigureRule<number>> // prettier-ignore
