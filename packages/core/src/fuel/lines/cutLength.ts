import type { Trace } from '../../verdict/index.ts'

export interface CutCase {
  /** Along the path with a string, sealing seat to sealing seat. */
  readonly pathM: number
  /** All bends together. */
  readonly bendsDeg: number
  /** Of the hose; the string lies on its inside. */
  readonly outsideM: number
  /** Kept so that the tank can be let down or the engine can rock. */
  readonly slackM: number
  /** What both fittings take up between their seats and the ends of the hose. */
  readonly takesUpM: number
  /** Shortening under pressure as a share of the cut hose: 0 for tube, 2 % for hose. */
  readonly shorteningShare: number
}

/** Hose draws short under pressure: standards allow about -4 to +2 %; half of that is kept. Rule of thumb. */
export const HOSE_SHORTENING_SHARE = 0.02
/** Engine rocking on its mounts. Rule of thumb. */
export const ENGINE_ROCK_M = 0.03

/**
 * Length to cut, m: path + bend allowance + service slack over 1 - k, so that it still reaches once pressure has drawn
 * in a share k of it, less what the fittings take up. The bend allowance is the way from the string on the inside of the hose to its middle: angle × outside / 2.
 */
export const cutLengthM = (c: CutCase, trace?: Trace): number => {
  const bendM = ((c.bendsDeg * Math.PI) / 180) * (c.outsideM / 2)
  const cutM = (c.pathM + bendM + c.slackM) / (1 - c.shorteningShare) - c.takesUpM
  trace?.step({
    symbol: 'L_b',
    meaning: 'bend allowance: from the string inside to the middle of the hose',
    formula: 'A * pi / 180 * D / 2',
    inputs: { A: { value: c.bendsDeg, unit: '° of all bends' }, D: { value: c.outsideM, unit: 'm outside' } },
    result: bendM,
    unit: 'm',
    source: 'arc length',
  })
  trace?.step({
    symbol: 'L_cut',
    meaning: 'length to cut',
    formula: '(L + L_b + s) / (1 - k) - f',
    inputs: {
      L: { value: c.pathM, unit: 'm of path' },
      L_b: { value: bendM, unit: 'm' },
      s: { value: c.slackM, unit: 'm of slack' },
      k: { value: c.shorteningShare, unit: 'drawn in under pressure' },
      f: { value: c.takesUpM, unit: 'm taken up by both fittings' },
    },
    result: cutM,
    unit: 'm',
    source: 'geometry; 2 % drawn in by pressure: rule of thumb',
  })
  return cutM
}
