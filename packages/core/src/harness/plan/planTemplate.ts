import type { HarnessCorridor, PlanId } from '../../sections/index.ts'

/** A place of a template, from the front bumper back and from the middle to the left, m. */
export interface TemplatePlace {
  readonly id: string
  readonly name: string
  readonly fromFrontM: number
  readonly fromMiddleM: number
}

/** What is assumed of a corridor until somebody has measured it: estimates for a car of usual size. */
export interface TemplateCorridor {
  readonly id: string
  readonly name: string
  readonly from: string
  readonly to: string
  readonly lengthM: number
  readonly heat: NonNullable<HarnessCorridor['heat']>
  readonly wet: boolean
  readonly moving: boolean
  readonly apart: boolean
  readonly near: NonNullable<HarnessCorridor['near']>
  readonly roomM: number
  readonly clipM: number
  readonly panel: NonNullable<HarnessCorridor['panel']>
  readonly boreM: number
  readonly takenM: number
}

export interface TemplateCandidate {
  readonly id: string
  readonly name: string
  readonly at: string
  readonly hottestK: number
  readonly wet: boolean
  readonly workS: number
}

/** A plan of corridors by body. */
export interface PlanTemplate {
  readonly id: PlanId
  readonly lengthM: number
  readonly widthM: number
  readonly places: readonly TemplatePlace[]
  readonly corridors: readonly TemplateCorridor[]
  /** Where each kind of device usually sits: place by device, or by the beginning of its id. */
  readonly deviceAt: Readonly<Record<string, string>>
  readonly candidates: readonly TemplateCandidate[]
}

/** "id x y name" of a place. */
export const place = (id: string, fromFrontM: number, fromMiddleM: number, name: string): TemplatePlace => ({
  id,
  name,
  fromFrontM,
  fromMiddleM,
})

/** A corridor in the engine bay, unless it says otherwise; as long as the places lie apart, and a little for bends. */
export const corridorsFrom =
  (places: readonly TemplatePlace[]) =>
  (id: string, name: string, from: string, to: string, more: Partial<TemplateCorridor> = {}): TemplateCorridor => {
    const [a, b] = [from, to].map((p) => places.find((x) => x.id === p)!)
    const apart = Math.hypot(a!.fromFrontM - b!.fromFrontM, a!.fromMiddleM - b!.fromMiddleM)
    return {
      id,
      name,
      from,
      to,
      lengthM: Math.round(Math.max(0.05, 1.15 * apart) * 20) / 20,
      heat: 'bay',
      wet: false,
      moving: false,
      apart: false,
      near: 'nothing',
      roomM: 0.03,
      clipM: 0.25,
      panel: 'none',
      boreM: 0.025,
      takenM: 0,
      ...more,
    }
  }

export const CABIN = { heat: 'cabin', roomM: 0.04, apart: true } as const
export const UNDER = { heat: 'cabin', wet: true, roomM: 0.025 } as const
export const HOLE = { heat: 'bay', lengthM: 0.1, panel: 'grommet', roomM: 0.03 } as const
