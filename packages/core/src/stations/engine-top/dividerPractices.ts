import type { EngineTopCase } from './engineTopCase.ts'

/** Space above the divider, or so much off it, m. Trade practice. */
export const DIVIDER_M = 0.025

export interface DividerPractice {
  readonly id: 'cut' | 'spacer' | 'leave'
  readonly name: string
  /** Added under the bonnet, m. */
  readonly heightM: number
  /** Minutes of a practised hand. Rule of thumb. */
  readonly workS: number
  readonly when: string
  readonly against: string
}

export const DIVIDER_PRACTICES: readonly DividerPractice[] = [
  {
    id: 'cut',
    name: 'Cut it down',
    heightM: 0,
    workS: 7200,
    when: 'Where the bonnet leaves no height and the manifold may be changed.',
    against: 'The manifold comes off for it, every chip out; it cannot be undone.',
  },
  {
    id: 'spacer',
    name: 'Open spacer above it',
    heightM: DIVIDER_M,
    workS: 1200,
    when: 'Where the bonnet leaves the height; it can be undone.',
    against: 'Lifts throttle body, air cleaner and linkage; two gaskets more.',
  },
  {
    id: 'leave',
    name: 'Leave it as it is',
    heightM: 0,
    workS: 0,
    when: 'Where all barrels are fed at once, or the manifold has one plane.',
    against: 'With injectors that fire one at a time one plane gets more, and the sensor sees one bank.',
  },
]

/** Whether a divider asks for anything at all. */
export const dividerNeed = (c: EngineTopCase): 'not-asked' | 'unknown' | 'none' | 'needed' => {
  if (c.system === null || c.system.injection === 'port') return 'not-asked'
  const { divider, manifold } = c.intake
  if (manifold === null) return 'unknown'
  if (manifold !== 'two-plane' || divider === 'cut' || divider === 'open') return 'none'
  const { fires } = c.top.manifold
  return fires === null ? 'unknown' : fires === 'all-at-once' ? 'none' : 'needed'
}

export interface DividerOdds extends DividerPractice {
  /** Room under the bonnet for it, m; null while that is not known. */
  readonly roomM: number | null
  readonly fits: 'yes' | 'no' | 'unknown'
}

/** Each practice against the room under this bonnet and what the owner allows. */
export const dividerOdds = (c: EngineTopCase): DividerOdds[] => {
  const { tallestSpacerM } = c.stack
  return DIVIDER_PRACTICES.map((p) => {
    if (p.id === 'cut') return { ...p, roomM: null, fits: c.originality === 'can-be-undone' ? 'no' : 'yes' }
    if (p.id === 'leave') {
      const need = dividerNeed(c)
      return { ...p, roomM: null, fits: need === 'unknown' ? 'unknown' : need === 'needed' ? 'no' : 'yes' }
    }
    const roomM = tallestSpacerM
    return { ...p, roomM, fits: roomM === null ? 'unknown' : roomM >= p.heightM - 1e-9 ? 'yes' : 'no' } // prettier-ignore
  })
}
