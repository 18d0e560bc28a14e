import { WIRE_SIZES } from '../../parts/index.ts'
import { wireOutsideM } from '../wire/wireDiameter.ts'
import { cutBySpool, endOfWire, labelOf } from '../index.ts'

describe('the end of a wire', () => {
  it.each([
    ['plug', 0.5e-6, true, { stripM: 0.004, terminal: 'plug contact, 0.2 to 0.5 mm²', seal: 'seal for 1.4 to 2.1 mm' }],
    ['plug', 0.5e-6, false, { seal: null }],
    ['plug', 0.5e-6, null, { seal: 'seal for 1.4 to 2.1 mm, if the plug is sealed' }],
    ['ring', 6e-6, true, { stripM: 0.0085, terminal: 'ring terminal, 2.5 to 6 mm²', seal: null }],
    ['splice', 0.75e-6, true, { stripM: 0.01, terminal: 'splice crimp, 0.5 to 1 mm²', seal: null }],
  ] as const)('%s, %s m², sealed %s', (kind, sectionM2, sealed, is) =>
    expect(endOfWire(kind, sectionM2, wireOutsideM(sectionM2), sealed)).toMatchObject(is),
  )

  it('of every size there is has a terminal; thicker wires are never stripped shorter', () => {
    for (const kind of ['plug', 'ring', 'relay'] as const) {
      const strips = [...WIRE_SIZES]
        .sort((a, b) => a.sectionM2 - b.sectionM2)
        .map((s) => endOfWire(kind, s.sectionM2, wireOutsideM(s.sectionM2), null).stripM)
      strips.reduce((before, now) => {
        expect(now).toBeGreaterThanOrEqual(before)
        return now
      })
    }
  })
})

describe('a label', () => {
  it('names both ends; a long name is cut, its cavity never', () => {
    const pressure = { name: 'Manifold pressure sensor', cavity: '3' }
    expect(labelOf(35, pressure, { name: 'ECU', cavity: 'B2' })).toEqual(['35 MANIFOLD PRESSURE SE/3', '> ECU/B2'])
    expect(labelOf(1, { name: 'Battery', cavity: null }, { name: 'ECU', cavity: 'A1' })).toEqual([
      '1 BATTERY',
      '> ECU/A1',
    ])
  })
})

describe('the cut list', () => {
  it('by size and colour; what is longer than a spool is named, not joined', () => {
    const wire = (id: string, size: string, colour: string, lengthM: number) => ({ id, size, colour, lengthM })
    const [red, blue] = cutBySpool(
      [wire('a', 'mm2-1', 'red', 3), wire('b', 'mm2-1', 'red', 2.5), wire('c', 'mm2-1', 'blue', 2), wire('d', 'mm2-1', 'red', 6)],
      5,
    )
    expect(red!.packing).toMatchObject({ boughtM: 10, proved: true })
    expect(red!.tooLong.map((w) => w.id)).toEqual(['d'])
    expect(blue!.packing.bars[0]).toEqual({ pieces: [0], offcutM: 3 })
  }) // prettier-ignore
})
