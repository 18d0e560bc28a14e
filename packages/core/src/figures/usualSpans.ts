import type { Span } from '../quantity/index.ts'
import { figureAt } from '../job/index.ts'

const span = (min: number, max: number): Span => ({ min, max })

const OUTSIDE = span(0.025, 0.1)
const LINE_BORE = span(0.003, 0.02)
const GAP = span(0.001, 0.4)
const ALONG = span(0.02, 4)

/**
 * What a figure usually is, SI, where that is much narrower than what is allowed: a figure without a unit that lies
 * outside is asked back when another unit would make it usual. Rules of thumb; items of lists as "*".
 */
export const USUAL_SPANS: Readonly<Record<string, Span>> = {
  'vehicle.displacementM3': span(4e-4, 9e-3),
  'vehicle.powerW': span(12e3, 600e3),
  'vehicle.boostPa': span(15e3, 250e3),
  'vehicle.idleManifoldPa': span(20e3, 90e3),
  'vehicle.cruiseManifoldPa': span(25e3, 101e3),
  'system.powerLaterW': span(12e3, 600e3),
  'system.boostLaterPa': span(15e3, 250e3),
  'walkAround.body.massKg': span(400, 3500),
  'walkAround.engine.boreM': span(0.045, 0.13),
  'walkAround.engine.strokeM': span(0.045, 0.13),
  'walkAround.exhaust.primaryLengthM': span(0.05, 1.5),
  'walkAround.exhaust.pipeDiameterM': OUTSIDE,
  'walkAround.exhaust.otherPipeDiameterM': OUTSIDE,
  'walkAround.exhaust.tailLengthM': span(0.3, 6),
  'walkAround.exhaust.otherTailLengthM': span(0.3, 6),
  'walkAround.tank.volumeM3': span(0.015, 0.16),
  'walkAround.tank.depthM': span(0.08, 0.5),
  'walkAround.tank.gapAboveM': span(0.004, 0.3),
  'walkAround.lines.feedBoreM': LINE_BORE,
  'walkAround.lines.returnBoreM': LINE_BORE,
  'walkAround.bonnet.stackM': span(0.05, 0.4),
  'walkAround.bonnet.gapM': span(0.004, 0.2),
  'walkAround.cabin.bulkheadHoleM': span(0.01, 0.1),
  'walkAround.tests.compressionPa.*': span(200e3, 2.5e6),
  'walkAround.tests.idleVacuumPa': span(22e3, 85e3),
  'walkAround.tests.shaftPlayM': span(0.02e-3, 1e-3),
  'fuel.setPressurePa': span(60e3, 700e3),
  'fuel.gaugeMostPa': span(150e3, 2.5e6),
  'fuel.reidPa': span(30e3, 115e3),
  'fuel.altitudeM': span(5, 3500),
  'fuel.railM3': span(1e-5, 5e-4),
  'fuel.oldLine.outsideM': span(0.004, 0.02),
  'fuel.oldLine.wallM': span(0.0004, 0.0025),
  'fuel.oldLine.provedPa': span(100e3, 3e6),
  ...Object.fromEntries(
    (['feed', 'return', 'suction', 'vent'] as const).flatMap((line) => [
      [`fuel.${line}.measuredBoreM`, LINE_BORE],
      [`fuel.${line}.lengthM`, span(0.1, 9)],
      [`fuel.${line}.legs.*.lengthM`, span(0.05, 6)],
      [`fuel.${line}.legs.*.bendRadiusM`, span(0.01, 0.5)],
      [`fuel.${line}.legs.*.exhaustGapM`, GAP],
    ]),
  ),
  'fuel.tank.hangerM': span(0.08, 0.6),
  'fuel.tank.mostHangerM': span(0.08, 0.6),
  'fuel.tank.hatHeightM': span(0.004, 0.12),
  'fuel.tank.fittingHeightM': span(0.004, 0.12),
  'fuel.tank.swingRoomM': span(0.005, 1),
  'fuel.tank.lowM3': span(0.001, 0.05),
  'fuel.tank.floorLengthM': span(0.15, 1.6),
  'fuel.tank.floorWidthM': span(0.15, 1.6),
  'fuel.tank.fromFrontM': span(0.02, 1.6),
  'fuel.tank.fromLeftM': span(0.02, 1.6),
  'fuel.tank.potM3': span(1e-4, 0.01),
  'exhaust.common.*.outsideM': OUTSIDE,
  'exhaust.banks.*.pieces.*.outsideM': OUTSIDE,
  'exhaust.common.*.roundM': span(0.08, 0.32),
  'exhaust.banks.*.pieces.*.roundM': span(0.08, 0.32),
  'exhaust.common.*.wallM': span(0.0008, 0.008),
  'exhaust.banks.*.pieces.*.wallM': span(0.0008, 0.008),
  'exhaust.common.*.lengthM': span(0.01, 3),
  'exhaust.banks.*.pieces.*.lengthM': span(0.01, 3),
  'exhaust.common.*.leakM': span(0.0003, 0.015),
  'exhaust.banks.*.pieces.*.leakM': span(0.0003, 0.015),
  'exhaust.banks.*.portHeightM': span(0.2, 1.2),
  'exhaust.obstacles.*.lengthM': span(0.008, 1),
  'exhaust.obstacles.*.alongM': ALONG,
  'exhaust.obstacles.*.otherAlongM': ALONG,
  'exhaust.obstacles.*.gapM': GAP,
  'exhaust.obstacles.*.otherGapM': GAP,
  'exhaust.groundClearanceM': span(0.06, 0.3),
  'exhaust.cablePathM': span(0.15, 4),
  'exhaust.cableGapM': GAP,
}

/** What a figure usually is; where nothing narrower is known, what is allowed. */
export const usualSpanAt = (path: string): Span => {
  const plain = path
    .split('.')
    .map((key) => (/-|^[ab]$|^\d+$/.test(key) ? '*' : key))
    .join('.')
  const usual = USUAL_SPANS[plain]
  if (usual) return usual
  const figure = figureAt(path)
  return figure ? figure.range : { min: -Infinity, max: Infinity }
}
