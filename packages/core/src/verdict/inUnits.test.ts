import { inUnits } from './inUnits.ts'

const american = { bore: 'in', pressure: 'psi', temperature: '°F', torque: 'lbfft', power: 'hp' }

describe('figures that stand in a text', () => {
  it.each([
    ['Near, 50 to 150 mm', 'Near, 2 to 5.9 in'],
    ['at least 25 mm off the pipe', 'at least 0.98 in off the pipe'],
    ['Pump and regulator for 300 to 400 kPa', 'Pump and regulator for 44 to 58 psi'],
    ['Dry, below 60 °C after a hot drive', 'Dry, below 140 °F after a hot drive'],
    ['40 to 60 N m, by its data sheet', '30 to 44 lbf ft, by its data sheet'],
    ['1 to 1.4 kW starters', '1.3 to 1.9 hp starters'],
    ['twice: 10 mm and 20 mm', 'twice: 0.39 in and 0.79 in'],
    ['the rail 300\u2009kPa', 'the rail 300\u2009kPa'],
    ['5 mmHg of vacuum', '5 mmHg of vacuum'],
  ])('"%s" reads "%s"', (text, words) => {
    expect(inUnits(text, american)).toBe(words)
    expect(inUnits(text, {})).toBe(text)
  })
  it('a name that has a size in it stays', () =>
    expect(inUnits('Fit Lintel bung, 48 to 54 mm, at 60 mm', american, ['Lintel bung, 48 to 54 mm'])).toBe(
      'Fit Lintel bung, 48 to 54 mm, at 2.4 in',
    ))
})
