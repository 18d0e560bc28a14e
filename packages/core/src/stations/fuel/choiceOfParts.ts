import { figureOf, fuelLoopOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Catalogue, FilterPart, HosePart, Part, PumpPart } from '../../parts/index.ts'
import { checkPumpTables } from '../../fuel/pumpAtVoltage.ts'
import { explainInputError, fig, type Figure } from '../../verdict/index.ts'
import { designOf } from './fuelDesign.ts'
import { strainerGoesOn } from './judgeFitness.ts'
import { moduleFitOf } from './tankOfJob.ts'

/** Parts of one kind that are not tried, and why. */
export interface PartsLeftOut {
  readonly kind: 'pumps' | 'hoses' | 'filters' | 'regulators'
  readonly why: string
  readonly parts: readonly { readonly name: string; readonly by: Figure | null }[]
}

/** Which parts of the catalogue are tried. */
export interface CombinationChoice {
  readonly pumps: Catalogue['pumps']
  readonly feeds: readonly HosePart[]
  readonly returns: readonly HosePart[]
  readonly filters: Catalogue['filters']
  readonly regulators: Catalogue['regulators']
  /** What stands before a pump in the line, and on one that hangs in the tank: the job's own where it goes there. */
  readonly strainer: FilterPart | null
  readonly sock: FilterPart | null
  readonly leftOut: readonly PartsLeftOut[]
  /** What could not be asked for want of a measurement; null where all was. */
  readonly notJudged: string | null
}

/** Coarser ones are no fine filters to the judgement either. */
const FINE_ENOUGH_M = 40e-6

interface Reason {
  readonly why: string
  readonly by?: Figure
}

/** Why a pump does not come into question: its sheet, the chosen system, the room over and in the tank. */
const pumpUnfit = (job: JobDocument, pump: PumpPart): Reason | null => {
  const [wrong] = checkPumpTables(pump.tables)
  if (wrong) return { why: `the data sheet cannot be used: ${explainInputError(wrong)}` }
  const hangs = pump.mount !== 'in-line'
  const place = job.system.chosen?.pumpPlace ?? null
  if (place === 'in-line' && hangs) return { why: 'an in-tank pump; the chosen system has an in-line pump' }
  if (place === 'in-tank' && !hangs) return { why: 'an in-line pump; the chosen system has an in-tank pump' }
  const fit = hangs ? moduleFitOf(designOf({ ...job, fuel: { ...job.fuel, pump } })) : null
  if (!fit) return null
  if (fit.foulsByM > 0) return { why: 'the hat fouls the floor above', by: fig(fit.foulsByM, 'bore') }
  if (fit.sweepFoulsByM !== null && fit.sweepFoulsByM > 0)
    return { why: 'the hat fouls while the tank is lifted', by: fig(fit.sweepFoulsByM, 'bore') }
  if (fit.shortByM > 0) return { why: 'the module is too short for this tank', by: fig(fit.shortByM, 'bore') }
  return null
}

/** The strainer for one place: the job's own where it goes there, else the cheapest that does. */
const strainerFor = (job: JobDocument, strainers: readonly FilterPart[], pump: Pick<PumpPart, 'mount'>) => {
  const goes = (f: FilterPart) => strainerGoesOn(f, pump)
  const { strainer } = job.fuel
  if (strainer && goes(strainer)) return strainer
  return [...strainers].filter(goes).sort((a, b) => a.priceClass - b.priceClass || a.dropPa - b.dropPa)[0] ?? null
}

/**
 * What of the catalogue comes into question for this job, and what was left out and why: pumps that fit the tank and
 * the chosen system, regulators of the right kind and place, filters fine enough for injectors, hoses rated for the fuel.
 * @param only which parts may be taken at all, such as the workshop's own
 */
export const choiceOf = (
  job: JobDocument,
  catalogue: Catalogue,
  only: (part: Part) => boolean = () => true,
): CombinationChoice => {
  const groups = new Map<string, PartsLeftOut>()
  const sift = <P extends Part>(
    kind: PartsLeftOut['kind'],
    parts: readonly P[],
    unfit: (part: P) => Reason | null,
  ): P[] =>
    parts.filter((part) => {
      const reason = unfit(part) ?? (only(part) ? null : { why: 'not one of our own' })
      if (!reason) return true
      const key = `${kind} ${reason.why}`
      const before = groups.get(key)?.parts ?? []
      groups.set(key, { kind, why: reason.why, parts: [...before, { name: part.name, by: reason.by ?? null }] })
      return false
    })
  const loop = fuelLoopOf(job)
  const ethanolShare = figureOf(job, 'fuel.ethanolShare')
  const pumps = sift('pumps', catalogue.pumps, (pump) => pumpUnfit(job, pump))
  const hoses = sift('hoses', catalogue.hoses, (h) =>
    h.mostEthanolShare < ethanolShare ? { why: 'not rated for so much ethanol' } : null,
  )
  const fine = catalogue.filters.filter((f) => f.use === 'fine')
  const filters = sift('filters', fine, (f) =>
    f.finenessM > FINE_ENOUGH_M ? { why: 'too coarse for injectors' } : null,
  )
  const modules = pumps.some((p) => p.mount === 'module')
  const regulators = sift('regulators', catalogue.regulators, (r) =>
    r.type !== loop
      ? { why: loop === 'return' ? 'made for a returnless system' : 'made for a return-type system' }
      : r.sits === 'module' && !modules
        ? { why: 'made for a pump module, and none is in the ranking' }
        : null,
  )
  const strainers = catalogue.filters.filter((f) => f.use === 'strainer' && only(f))
  const { depthM, gapAboveM } = job.walkAround.tank
  return {
    pumps,
    feeds: hoses,
    returns: hoses,
    filters,
    regulators,
    strainer: strainerFor(job, strainers, { mount: 'in-line' }),
    sock: strainerFor(job, strainers, { mount: 'in-tank' }),
    leftOut: [...groups.values()],
    notJudged:
      pumps.some((p) => p.mount !== 'in-line') && (depthM === null || gapAboveM === null)
        ? 'Tank depth and the gap above it are not measured: whether an in-tank pump fits is not known.'
        : null,
  }
}
