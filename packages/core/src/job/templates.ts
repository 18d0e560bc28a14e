import { emptyJob, type JobDocument } from './jobDocument.ts'
import type { Architecture } from '../sections/system.ts'

/** The three common kinds of conversion, as a beginning: the system is chosen, the car is not looked at yet. */
export type JobTemplateId = 'throttle-body-return' | 'throttle-body-single-line' | 'port-return'

const base = {
  trigger: 'coil',
  timing: 'none',
  firing: 'batch',
  build: 'from-parts',
  oxygenSensors: 1,
  pumpPlace: 'in-tank',
} as const

const TEMPLATES: Readonly<Record<JobTemplateId, Architecture>> = {
  'throttle-body-return': { ...base, injection: 'throttle-body-low', fuelLoop: 'return' },
  'throttle-body-single-line': { ...base, injection: 'throttle-body-high', fuelLoop: 'single-line' },
  'port-return': { ...base, injection: 'port', fuelLoop: 'return' },
}

export const TEMPLATE_WORDS: Readonly<Record<JobTemplateId, string>> = {
  'throttle-body-return': 'Throttle body, return-type',
  'throttle-body-single-line': 'Throttle body, returnless',
  'port-return': 'Port injection, return-type',
}

export const jobFromTemplate = (title: string, template: JobTemplateId): JobDocument => {
  const job = emptyJob(title)
  return {
    ...job,
    system: { ...job.system, chosen: TEMPLATES[template], reason: `From the template: ${TEMPLATE_WORDS[template]}` },
  }
}

/**
 * A copy under another name: car and design as they are, the work begun afresh. Whose car it is and what was bought for it
 * are the first one's alone.
 */
export const copiedJob = (source: JobDocument, title: string): JobDocument => {
  const { facts, orders, work } = emptyJob(title)
  return { ...source, vehicle: { ...source.vehicle, title }, facts, orders, work }
}
