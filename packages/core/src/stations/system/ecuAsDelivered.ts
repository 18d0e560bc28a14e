import { figureOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { FuelLoop } from '../../sections/index.ts'
import { fig, plain, say, type Verdict } from '../../verdict/index.ts'
import { readMarketSwitch, readSwitch } from './switches.ts'

const LOOP_WORDS: Readonly<Record<FuelLoop, string>> = { return: 'return-type', 'single-line': 'returnless' }
/** From here on the ECU is on the bench: what it was delivered as can be read. */
const DELIVERED = ['in-build', 'started', 'handed-over']
const source = 'catalogue; the ECU as delivered'

/** Does the pump switch on the board stand for the fuel loop that is built? */
export const judgePumpSwitch = (job: JobDocument): Verdict | null => {
  const { controller, chosen, asDelivered } = job.system
  if (!controller?.pumpSwitch || !chosen) return null
  const loop = job.fuel.systemType ?? chosen.fuelLoop
  const positions = readSwitch(controller.pumpSwitch)
  const wanted = positions.find((p) => p.means === loop)
  const base = { ...plain, id: 'pump-switch', source }
  const stands = asDelivered.pumpSwitch.trim()
  if (stands === '')
    return DELIVERED.includes(job.work.state)
      ? {
          ...base,
          title: 'Pump switch not looked at',
          state: 'unknown',
          next: say`Read the pump switch on the board, and enter it`,
          reason: say`${controller.name} has a switch for the kind of fuel loop${wanted ? say`: it belongs at ${wanted.position}` : ''}. Set wrongly the pump does not prime, and nothing else shows why.`,
        }
      : null
  const now = positions.find((p) => p.position === stands)
  if (!now)
    return {
      ...base,
      title: 'Pump switch at no known position',
      state: 'stop',
      next: say`Enter one of ${positions.map((p) => p.position).join(', ')}`,
      reason: say`“${stands}” is no position of ${controller.name}.`,
    }
  return {
    ...base,
    title: now.means === loop ? 'Pump switch set for this fuel loop' : 'Pump switch set for another fuel loop',
    state: now.means === loop ? 'ok' : 'stop',
    next: wanted ? say`Set it to ${wanted.position}, ECU unplugged` : say`Choose another ECU: this one has no position for it`,
    reason: say`Position ${stands} is for ${LOOP_WORDS[now.means as FuelLoop] ?? now.means}; built is ${LOOP_WORDS[loop]}.${now.means === loop ? '' : ' The pump would not prime.'}`,
  }
} // prettier-ignore

/** Does the market switch stand for a fuel with as much ethanol as goes in? */
export const judgeMarketSwitch = (job: JobDocument): Verdict | null => {
  const { controller, asDelivered } = job.system
  if (!controller?.marketSwitch) return null
  const share = Math.max(figureOf(job, 'fuel.ethanolShare'), job.fuel.secondEthanolShare ?? 0)
  const positions = readMarketSwitch(controller.marketSwitch)
  const stands = asDelivered.marketSwitch.trim()
  const base = {
    ...plain,
    id: 'market-switch',
    figureName: 'ethanol in the fuel',
    figure: fig(share, 'share'),
    source,
  }
  const wanted = positions.filter((p) => p.share >= share).sort((a, b) => a.share - b.share)[0]
  if (stands === '')
    return DELIVERED.includes(job.work.state)
      ? {
          ...base,
          title: 'Market switch not looked at',
          state: 'unknown',
          next: say`Read the market switch on the board, and enter it`,
          reason: say`${controller.name} has a switch for the fuel sold where it runs${wanted ? say`: it belongs at ${wanted.position}` : ''}.`,
        }
      : null
  const now = positions.find((p) => p.position === stands)
  const fits = now !== undefined && now.share >= share
  return {
    ...base,
    limitName: now ? 'this position takes' : '',
    limit: now ? fig(now.share, 'share') : null,
    margin: now ? fig(now.share - share, 'share') : null,
    title: !now ? 'Market switch at no known position' : fits ? 'Market switch suits the fuel' : 'Market switch set for another fuel',
    state: fits ? 'ok' : 'stop',
    next: wanted ? say`Set it to ${wanted.position}, ECU unplugged` : say`Choose another ECU: no position takes this fuel`,
    reason: now
      ? say`Position ${stands}: ${fits ? 'the fuel that goes in is within it.' : 'its tables are for less ethanol, and the engine would run lean.'}`
      : say`“${stands}” is no position of ${controller.name}.`,
  }
} // prettier-ignore

/** Is it the hardware and program that the catalogue tells of, with the plugs that the harness has? */
export const judgeAsDelivered = (job: JobDocument): Verdict | null => {
  const { controller, asDelivered } = job.system
  const differ = (a: string, b: string | null | undefined): boolean => a.trim() !== '' && !!b && a.trim().toLowerCase() !== b.trim().toLowerCase() // prettier-ignore
  if (!controller || (asDelivered.revision.trim() === '' && asDelivered.connectors.trim() === '')) return null
  const revision = differ(asDelivered.revision, controller.revision)
  const plugs = differ(asDelivered.connectors, controller.connectors)
  return {
    ...plain,
    id: 'as-delivered',
    title: plugs ? 'ECU has other plugs than its sheet' : revision ? 'ECU of another revision than its sheet' : 'ECU as its sheet has it',
    state: plugs ? 'stop' : revision ? 'caution' : 'ok',
    next: plugs ? say`Compare plug by plug before any terminal is crimped` : say`Ask the maker what changed between them`,
    reason: plugs
      ? say`Delivered with ${asDelivered.connectors}; the sheet says ${controller.connectors!}. Pins and harness go by the sheet.`
      : revision
        ? say`Delivered as ${asDelivered.revision}; the sheet is of ${controller.revision!}. Pins, switches and settings may differ.`
        : say`Revision and plugs as in the catalogue: pins and switches hold.`,
    source,
  }
} // prettier-ignore

/** Tuning without a wideband is guessing; a map nobody tunes is somebody else's. */
export const judgeTuning = (job: JobDocument): Verdict | null => {
  const { tuning } = job.system
  if (tuning === null) return null
  const { sensor, sensorCount } = job.exhaust
  const base = { ...plain, id: 'tuning', source: 'trade practice' }
  if (tuning === 'nobody')
    return {
      ...base,
      title: 'Nobody tunes it',
      state: 'caution',
      next: say`Name who logs the first drives and corrects the table`,
      reason: say`The map it comes with was made on another car: every figure plausible, none right. It starts and drives, and is rich or lean somewhere.`,
    }
  const none = sensorCount === 0
  const narrow = sensor?.kind === 'narrowband'
  return {
    ...base,
    title: none || narrow ? 'Tuning without a wideband sensor' : sensor ? 'Wideband sensor for tuning' : 'Sensor for tuning not chosen',
    state: none || narrow ? 'stop' : sensor ? 'ok' : 'unknown',
    next: none || narrow ? say`Fit a wideband, if only while it is tuned` : say`Choose the sensor at the exhaust`,
    reason: none || narrow
      ? say`${none ? 'No sensor is planned' : say`${sensor!.name} says rich or lean, not how much`}: full load and warm-up cannot be set by it.`
      : sensor
        ? say`${sensor.name} shows how much: the table can be corrected from the road log.`
        : say`A wideband is a condition of any tuning.`,
  }
} // prettier-ignore
