import type { ProfilePiece } from '@lochmoor/core'
import { placePieces, pressureDomain } from './profileLayout.ts'

const piece = (part: ProfilePiece['part'], lengthM = 0): ProfilePiece => ({ part, lengthM, fromPa: 0, toPa: 0 })
const circuit = [
  piece('tank'),
  piece('pump'),
  piece('feed', 4),
  piece('rail'),
  piece('regulator'),
  piece('return', 2),
  piece('tank'),
]

describe('profile layout', () => {
  it.each([320, 600, 1200])('fills %d px, lines in proportion to their length, nothing overlapping', (width) => {
    const { placed, pxPerM } = placePieces(circuit, 50, width)
    expect(placed[0]!.x0).toBe(50)
    expect(placed.at(-1)!.x1).toBeCloseTo(width, 6)
    placed.slice(1).forEach((p, i) => expect(p.x0).toBe(placed[i]!.x1))
    const [feed, back] = [placed[2]!, placed[5]!]
    expect(feed.x1 - feed.x0).toBeCloseTo(4 * pxPerM, 6)
    expect((feed.x1 - feed.x0) / (back.x1 - back.x0)).toBeCloseTo(2, 6)
  })

  it('draws lines of no length as none', () => {
    expect(placePieces([piece('tank'), piece('feed', 0), piece('rail')], 0, 300).pxPerM).toBe(0)
  })

  it('holds every pressure and zero', () => {
    const [low, high] = pressureDomain([-4000, 120e3])
    expect(low).toBeLessThan(-4000)
    expect(high).toBeGreaterThan(120e3)
    expect(pressureDomain([])[1]).toBeGreaterThan(0)
  })
})
