import { figureAt, JOB } from '../job/index.ts'
import { meantUnits, parseQuantity, unitOf, UNITS } from '../quantity/index.ts'
import { leavesOf } from '../shape/index.ts'
import { usualSpanAt, USUAL_SPANS } from './usualSpans.ts'

const FIGURES = new Map(leavesOf(JOB).flatMap(([path, leaf]) => (leaf.is === 'figure' ? [[path, leaf] as const] : [])))

const askedBack = (path: string, text: string, shownId: string): string[] => {
  const { family } = figureAt(path)!
  const shown = unitOf(family, shownId)
  const parsed = parseQuantity(text, family, shown)
  if (!parsed.ok) throw new Error(`"${text}" is not read`)
  return meantUnits(parsed.value, family, usualSpanAt(path)).map((u) => `${text} ${u.label}`)
}

describe('what a figure usually is', () => {
  it.each(Object.entries(USUAL_SPANS))(
    '%s is a figure, and its usual span lies within what is allowed',
    (path, usual) => {
      const figure = FIGURES.get(path)
      expect(figure?.range.min).toBeLessThanOrEqual(usual.min)
      expect(figure?.range.max).toBeGreaterThanOrEqual(usual.max)
      expect(usual.min).toBeLessThan(usual.max)
    },
  )
  it('finds the items of a list by their place', () => {
    expect(usualSpanAt('fuel.feed.legs.leg-1.lengthM')).toEqual(USUAL_SPANS['fuel.feed.legs.*.lengthM'])
    expect(usualSpanAt('exhaust.banks.a.pieces.x-1.wallM')).toEqual(USUAL_SPANS['exhaust.banks.*.pieces.*.wallM'])
    expect(usualSpanAt('walkAround.tests.compressionPa.3')).toEqual(USUAL_SPANS['walkAround.tests.compressionPa.*'])
  })
  it('is what is allowed where nothing narrower is known', () =>
    expect(usualSpanAt('walkAround.tests.restingV')).toMatchObject({ min: 0, max: 16 }))
})

describe('a figure without a unit', () => {
  it.each<[path: string, text: string, shown: string, asked: string[]]>([
    // Metric.
    ['walkAround.bonnet.gapM', '1/4', 'mm', ['1/4 in']],
    ['walkAround.bonnet.gapM', '1 3/4', 'mm', ['1 3/4 in']],
    ['walkAround.bonnet.gapM', '1.5', 'mm', ['1.5 in', '1.5 cm']],
    ['walkAround.bonnet.gapM', '38', 'mm', []],
    ['walkAround.tests.shaftPlayM', '4', 'mm', ['4 thou']],
    ['walkAround.body.massKg', '23.5', 'kg', ['23.5 cwt']],
    ['vehicle.boostPa', '7', 'kPa', ['7 psi', '7 in Hg']],
    ['vehicle.boostPa', '0', 'kPa', []],
    ['walkAround.tests.compressionPa.0', '150', 'bar', ['150 psi']],
    ['walkAround.tests.idleVacuumPa', '18', 'kPa', ['18 in Hg']],
    ['vehicle.displacementM3', '1998', 'L', ['1998 cm³']],
    ['walkAround.exhaust.tailLengthM', '2400', 'm', ['2400 mm']],
    ['walkAround.cooling.thermostatK', '180', '°C', ['180 °F']],
    // British and American.
    ['walkAround.bonnet.gapM', '1.5', 'in', []],
    ['walkAround.bonnet.gapM', '38', 'in', ['38 mm']],
    ['walkAround.bonnet.gapM', '1/4', 'in', []],
    ['walkAround.exhaust.tailLengthM', '72', 'ft', ['72 cm', '72 in']],
    ['fuel.setPressurePa', '3', 'psi', ['3 bar']],
    ['fuel.setPressurePa', '43', 'psi', []],
    ['walkAround.tests.compressionPa.0', '150', 'psi', []],
    ['walkAround.tests.idleVacuumPa', '18', 'inHg', []],
    ['vehicle.displacementM3', '1.8', 'cuin', ['1.8 L']],
    ['walkAround.cooling.thermostatK', '82', '°F', ['82 °C']],
    ['walkAround.tank.volumeM3', '55', 'impgal', ['55 L']],
  ])('%s: "%s" where %s is shown asks %j', (path, text, shown, asked) =>
    expect(askedBack(path, text, shown)).toEqual(asked),
  )

  it('with its unit is never asked back', () => expect(askedBack('walkAround.bonnet.gapM', '1/4 in', 'mm')).toEqual([]))
  it('every figure that is usual is taken as it is, in every unit of its family', () => {
    for (const [path, { family }] of FIGURES) {
      const usual = usualSpanAt(path)
      const middle = (usual.min + usual.max) / 2
      for (const shown of UNITS[family])
        expect(meantUnits({ si: middle, unit: shown, bare: '5' }, family, usual)).toEqual([])
    }
  })
})
