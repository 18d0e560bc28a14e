import { forgetPlaces, lastPlaceOf, lastTabOf, placesOf, rememberPlace, rememberScrolled, rememberUnfolded } from './places.ts' // prettier-ignore

describe('places of a job', () => {
  beforeEach(forgetPlaces)

  it('leads back to the tab that was open last, of each station and of the job', () => {
    rememberPlace('a', 'fuel/order')
    rememberPlace('a', 'power')
    expect([lastTabOf('a', 'fuel'), lastTabOf('a', 'power'), lastPlaceOf('a')]).toEqual([
      'fuel/order',
      'power',
      'power',
    ])
    rememberPlace('a', 'fuel')
    expect([lastTabOf('a', 'fuel'), lastPlaceOf('a'), lastPlaceOf('b')]).toEqual(['fuel', 'fuel', null])
    rememberPlace('a', 'log')
    expect(lastPlaceOf('a')).toBe('log')
  })
  it('leads nowhere that is no longer there', () => {
    rememberPlace('a', 'fuel/gone')
    expect(lastPlaceOf('a')).toBe('fuel')
    rememberPlace('a', 'nosuchstation')
    expect(lastPlaceOf('a')).toBe(null)
  })
  it('keeps what was folded and scrolled by job, and only the latest jobs', () => {
    rememberUnfolded('a', 'phase run', true)
    rememberScrolled('a', 'fuel measured', 120.6)
    rememberScrolled('b', 'fuel measured', 4)
    expect([placesOf('a').unfolded, placesOf('a').scrolled]).toEqual([{ 'phase run': true }, { 'fuel measured': 121 }])
    for (let n = 0; n < 29; n++) rememberPlace(`job ${n}`, 'fuel')
    expect(placesOf('a').scrolled).toEqual({})
    expect(placesOf('b').scrolled).toEqual({ 'fuel measured': 4 })
  })
})
