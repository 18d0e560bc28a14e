import { explainInputError } from '../outcome/result.ts'
import { fig, isWorse, say, worstFirst, worstState } from './verdict.ts'
import { collectWorking } from './working.ts'

describe('verdicts', () => {
  it('a sentence keeps its figures and takes sentences in', () => {
    const inner = say`about ${fig(2, 'voltage')}`
    expect(say`it is ${inner}, or ${'none'}.`).toEqual([
      'it is ',
      'about ',
      { si: 2, family: 'voltage' },
      '',
      ', or ',
      'none',
      '.',
    ])
  })

  it('the worst comes first and equal states keep their order', () => {
    const v = (id: string, state: 'ok' | 'caution' | 'stop' | 'unknown') => ({ id, state })
    const sorted = worstFirst([v('a', 'ok'), v('b', 'unknown'), v('c', 'stop'), v('d', 'caution'), v('e', 'stop')])
    expect(sorted.map((x) => x.id).join('')).toBe('cedba')
  })

  it('a list is as bad as its worst, and nothing is ok', () => {
    expect(worstState(['ok', 'unknown', 'caution'])).toBe('caution')
    expect(worstState([])).toBe('ok')
    expect([isWorse('stop', 'caution'), isWorse('unknown', 'caution'), isWorse('ok', 'ok')]).toEqual([
      true,
      false,
      false,
    ])
  })

  it('a working collects what the computation tells', () => {
    const step = { symbol: 'x', meaning: 'm', formula: 'a', inputs: {}, result: 1, unit: '', source: 's' }
    expect(collectWorking('T', (trace) => trace.step(step))).toEqual({ title: 'T', steps: [step] })
  })

  it.each([
    [{ code: 'c', field: 'a.b', value: 3, allowed: 'less' }, 'a.b: 3 is not allowed; allowed: less'],
    [{ code: 'c', field: 'a', value: 'x', allowed: 'y' }, 'a: "x" is not allowed; allowed: y'],
    [{ code: 'c', field: 'a', value: null, allowed: 'y' }, 'a: nothing is not allowed; allowed: y'],
  ])('an input error names field, value and range', (error, sentence) =>
    expect(explainInputError(error)).toBe(sentence),
  )
})
