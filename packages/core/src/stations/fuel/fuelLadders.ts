import { figureOf, fuelLoopOf, injectionPlaceOf } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import { type LineDesign } from '../../sections/index.ts'
import type { Catalogue, HosePart, PumpPart } from '../../parts/index.ts'
import { fig, say } from '../../verdict/index.ts'
import type { Ladder } from '../station.ts'
import { strainerGoesOn } from './judgeFitness.ts'
import { nearestSetPa, regulatorGoesWith } from './judgeRegulator.ts'
import { pumpAtVoltage } from '../../fuel/pumpAtVoltage.ts'
import { pumpFlowAt } from '../../fuel/pumpCurve.ts'
import { withHose } from '../../fuel/lines/withHose.ts'
import { boreOf } from './lineOfDesign.ts'

const flowAtSet = (job: JobDocument, pump: PumpPart): number => {
  const at = pumpAtVoltage(pump.tables, figureOf(job, 'fuel.lowV'))
  return at.ok ? pumpFlowAt(at.value.curve, figureOf(job, 'fuel.setPressurePa')) : 0
}

/** Other pumps of the same mounting, nearest in flow first. */
const pumpLadder = (job: JobDocument, catalogue: Catalogue): Ladder => {
  const { pump } = job.fuel
  const now = pump ? flowAtSet(job, pump) : 0
  const others = catalogue.pumps
    .filter((p) => p.id !== pump?.id && (!pump || p.mount === pump.mount))
    .map((p) => ({ p, away: Math.abs(flowAtSet(job, p) - now) }))
    .sort((a, b) => a.away - b.away)
  return {
    id: 'pump',
    cures: ['held', 'not-lifted', 'hoses', 'reach', 'circuit', 'second-fuel'],
    trials: () =>
      others.map(({ p }) => ({
        label: pump ? say`Fit ${p.name} instead of ${pump.name}` : say`Fit ${p.name}`,
        change: { fuel: { pump: p } },
      })),
  }
}

const fits = (job: JobDocument, h: HosePart): boolean =>
  h.mostEthanolShare >= Math.max(figureOf(job, 'fuel.ethanolShare'), job.fuel.secondEthanolShare ?? 0)

/** Hoses of the catalogue for a line: the next larger bores, and for the pressure those that stand it. */
const hoseLadder = (job: JobDocument, catalogue: Catalogue, which: 'feed' | 'return'): Ladder => {
  const line: LineDesign = job.fuel[which]
  const bore = boreOf(line) ?? 0
  const trials = catalogue.hoses
    .filter((h) => h.id !== line.hose?.id && h.boreM >= bore && fits(job, h))
    .sort((a, b) => a.boreM - b.boreM || a.priceClass - b.priceClass)
    .map((h) => ({
      label: say`Fit a ${which} of ${h.name}, bore ${fig(h.boreM, 'bore')}`,
      change: { fuel: { [which]: withHose(line, h) } },
    }))
  return {
    id: which,
    cures: which === 'feed' ? ['held', 'feed-loss', 'hoses', 'second-fuel'] : ['not-lifted', 'hoses', 'second-fuel'],
    trials: () => trials,
  }
}

const regulatorLadder = (job: JobDocument, catalogue: Catalogue): Ladder => {
  const { regulator } = job.fuel
  const systemType = fuelLoopOf(job)
  const setPa = figureOf(job, 'fuel.setPressurePa')
  const capacity = (r: { fullOpen: { flowM3S: number; dropPa: number } }) =>
    r.fullOpen.flowM3S / Math.sqrt(r.fullOpen.dropPa)
  return {
    id: 'regulator',
    cures: ['not-lifted', 'regulator', 'reach'],
    trials: () =>
      catalogue.regulators
        .filter((r) => r.id !== regulator?.id && r.type === systemType && r.leastPa <= setPa && setPa <= r.mostPa)
        .filter((r) => !job.fuel.referenced || r.referencePort)
        .filter((r) => regulatorGoesWith(r, job.fuel.pump))
        .sort((a, b) => capacity(a) - capacity(b))
        .map((r) => ({ label: say`Fit regulator ${r.name}`, change: { fuel: { regulator: r } } })),
  }
}

const filterLadder = (job: JobDocument, catalogue: Catalogue): Ladder => {
  const { filter } = job.fuel
  const drop = (f: { flowM3S: number; dropPa: number }) => f.dropPa / f.flowM3S
  return {
    id: 'filter',
    cures: ['held', 'filter', 'reach'],
    trials: () =>
      catalogue.filters
        .filter((f) => f.use === 'fine' && f.id !== filter?.id && f.finenessM <= (filter?.finenessM ?? 40e-6))
        .sort((a, b) => a.priceClass - b.priceClass || drop(a) - drop(b))
        .map((f) => ({ label: say`Fit filter ${f.name}`, change: { fuel: { filter: f } } })),
  }
}

const strainerLadder = (job: JobDocument, catalogue: Catalogue): Ladder => ({
  id: 'strainer',
  cures: ['strainer'],
  trials: () =>
    job.fuel.strainer && (!job.fuel.pump || strainerGoesOn(job.fuel.strainer, job.fuel.pump))
      ? []
      : catalogue.filters
          .filter((f) => f.use === 'strainer' && (!job.fuel.pump || strainerGoesOn(f, job.fuel.pump)))
          .map((f) => ({ label: say`Fit strainer ${f.name}`, change: { fuel: { strainer: f } } })),
})

const injectorLadder = (job: JobDocument, catalogue: Catalogue): Ladder => {
  const { injector } = job.fuel
  const injectionPlace = injectionPlaceOf(job)
  const capacity = (i: { ratedFlowM3S: number; ratedPressurePa: number }) =>
    i.ratedFlowM3S / Math.sqrt(i.ratedPressurePa)
  const now = injector ? capacity(injector) : 0
  return {
    id: 'injector',
    cures: ['duty', 'idle-pulse', 'injector-use'],
    trials: () =>
      catalogue.injectors
        .filter((i) => i.id !== injector?.id && (i.use === 'port') === (injectionPlace === 'port'))
        .sort((a, b) => Math.abs(capacity(a) - now) - Math.abs(capacity(b) - now))
        .map((i) => ({ label: say`Fit injectors ${i.name}`, change: { fuel: { injector: i } } })),
  }
}

const MOST_RAISE_V = 2

/** More voltage at the pump, in tenths: thicker wires, a relay at the tank, a better ground. */
const voltageLadder = (job: JobDocument): Ladder => {
  const lowV = figureOf(job, 'fuel.lowV')
  const ceiling = Math.min(figureOf(job, 'fuel.highV'), lowV + MOST_RAISE_V)
  const steps = Math.max(0, Math.floor((ceiling - lowV) * 10 + 1e-9))
  return {
    id: 'voltage',
    cures: ['held'],
    trials: () =>
      Array.from({ length: steps }, (_, i) => ({
        label: say`Raise the voltage at the pump by ${fig((i + 1) / 10, 'voltage')} (relay close to it, thicker feed and earth)`,
        change: { fuel: { lowV: Math.round((lowV + (i + 1) / 10) * 1000) / 1000 } },
      })),
  }
}

/** The nearest pressure that the chosen regulator can be set to. */
const setLadder = (job: JobDocument): Ladder => {
  const { regulator } = job.fuel
  const nearestPa = regulator && nearestSetPa(regulator, figureOf(job, 'fuel.setPressurePa'))
  return {
    id: 'set',
    cures: ['regulator'],
    trials: () =>
      nearestPa === null
        ? []
        : [{ label: say`Set ${fig(nearestPa, 'pressure')}`, change: { fuel: { setPressurePa: nearestPa } } }],
  }
}

const referenceLadder = (job: JobDocument): Ladder =>
  job.fuel.referenced
    ? {
        id: 'no-reference',
        cures: ['reference', 'regulator'],
        trials: () => [{ label: say`Leave the reference hose off`, change: { fuel: { referenced: false } } }],
      }
    : {
        id: 'reference',
        cures: ['reference'],
        trials: () => [{ label: say`Connect the regulator to the manifold`, change: { fuel: { referenced: true } } }],
      }

/** Work at the tank that needs no other part. */
const tankLadders = (job: JobDocument): Ladder[] => {
  const { tank } = job.fuel
  return [
    {
      id: 'hatch',
      cures: ['module-above'],
      betterIsEnough: true,
      trials: () => [{ label: say`Make an access hatch in the floor above it, tank out of the car`, change: { fuel: { tank: { ...tank, hatch: 'planned' } } } }],
    },
    {
      id: 'sender-earth',
      cures: ['sender-earth'],
      trials: () => [{ label: say`Give the sender an earth lead of its own`, change: { fuel: { tank: { ...tank, senderEarth: 'own-lead' } } } }],
    },
  ]
} // prettier-ignore

/** Changes worth trying at the fuel station, the least expensive kind first. */
export const fuelLadders = (job: JobDocument, catalogue: Catalogue): Ladder[] => [
  setLadder(job),
  ...tankLadders(job),
  referenceLadder(job),
  hoseLadder(job, catalogue, 'return'),
  hoseLadder(job, catalogue, 'feed'),
  voltageLadder(job),
  strainerLadder(job, catalogue),
  filterLadder(job, catalogue),
  regulatorLadder(job, catalogue),
  injectorLadder(job, catalogue),
  pumpLadder(job, catalogue),
]
