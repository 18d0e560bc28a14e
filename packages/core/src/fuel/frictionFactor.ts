import type { Trace } from '../verdict/index.ts'

const LAMINAR_UP_TO_RE = 2000
const TURBULENT_FROM_RE = 4000
const LN10 = Math.log(10)
/** Newton squares what is wrong: after a step of this share nothing is left that a double could hold. */
const LAST_STEP_SHARE = 1e-7
/** More than any Reynolds number and roughness takes. */
const MOST_STEPS = 12

/** 1/sqrt(f) of an ordinary line, f = 0.028. */
const USUAL_ROOT_INVERSE = 6

/**
 * 1/sqrt(f) after Colebrook and White (J. Inst. Civ. Eng. 11, 1939), by Newton: what is to become nothing rises and bends
 * down, so that from the second step on the answer is neared from one side.
 */
const colebrookRootInverse = (reynolds: number, relativeRoughness: number): number => {
  const a = relativeRoughness / 3.7
  const b = 2.51 / reynolds
  let x = USUAL_ROOT_INVERSE
  for (let i = 0; i < MOST_STEPS; i++) {
    const inside = a + b * x
    const residual = x + (2 / LN10) * Math.log(inside)
    const step = residual / (1 + (2 * b) / (LN10 * inside))
    x -= step
    if (Math.abs(step) < LAST_STEP_SHARE * x) break
  }
  return x
}

/** Slope df/dRe of the Colebrook-White curve, by implicit differentiation. */
const colebrookSlope = (reynolds: number, relativeRoughness: number, x: number): number => {
  const b = 2.51 / reynolds
  const inside = relativeRoughness / 3.7 + b * x
  const dxdRe = (2 * b * x) / (LN10 * reynolds * inside) / (1 + (2 * b) / (LN10 * inside))
  return (-2 * dxdRe) / (x * x * x)
}

/**
 * Darcy friction factor. Laminar 64/Re up to Re 2000 (Hagen-Poiseuille), Colebrook-White from Re 4000; between them a
 * cubic with the value and slope of both at its ends, so that the loss rises strictly with flow.
 * @param reynolds > 0
 * @param relativeRoughness roughness/bore, 0 to 0.5 (Colebrook-White is established up to 0.05)
 */
export const frictionFactor = (reynolds: number, relativeRoughness: number, trace?: Trace): number => {
  if (reynolds <= LAMINAR_UP_TO_RE) return laminar(reynolds, trace)
  if (reynolds >= TURBULENT_FROM_RE) return turbulent(reynolds, relativeRoughness, trace)
  return between(reynolds, relativeRoughness, trace)
}

const laminar = (reynolds: number, trace?: Trace): number => {
  const f = 64 / reynolds
  trace?.step({
    symbol: 'f',
    meaning: 'friction factor, laminar',
    formula: '64 / Re',
    inputs: { Re: { value: reynolds, unit: '' } },
    result: f,
    unit: '',
    source: 'Hagen-Poiseuille',
  })
  return f
}

const turbulent = (reynolds: number, relativeRoughness: number, trace?: Trace): number => {
  const x = colebrookRootInverse(reynolds, relativeRoughness)
  const f = 1 / (x * x)
  trace?.step({
    symbol: 'f',
    meaning: 'friction factor, turbulent (the equation holds for this f)',
    formula: '(-2 * log10(e / 3.7 + 2.51 / (Re * sqrt(f))))^(-2)',
    inputs: {
      e: { value: relativeRoughness, unit: 'roughness/bore' },
      Re: { value: reynolds, unit: '' },
      f: { value: f, unit: '' },
    },
    result: f,
    unit: '',
    source: 'Colebrook-White 1939',
  })
  return f
}

const between = (reynolds: number, relativeRoughness: number, trace?: Trace): number => {
  const width = TURBULENT_FROM_RE - LAMINAR_UP_TO_RE
  const x1 = colebrookRootInverse(TURBULENT_FROM_RE, relativeRoughness)
  const f0 = 64 / LAMINAR_UP_TO_RE
  const f1 = 1 / (x1 * x1)
  const s0 = -64 / LAMINAR_UP_TO_RE ** 2
  const s1 = colebrookSlope(TURBULENT_FROM_RE, relativeRoughness, x1)
  const t = (reynolds - LAMINAR_UP_TO_RE) / width
  const u = 1 - t
  const f = u * u * ((1 + 2 * t) * f0 + t * width * s0) + t * t * ((3 - 2 * t) * f1 - u * width * s1)
  trace?.step({
    symbol: 'f',
    meaning: 'friction factor between laminar and turbulent: a cubic from Re 2000 (f0, slope s0) to Re 4000 (f1, s1)',
    formula: '(1 - t)^2 * ((1 + 2 * t) * f0 + t * w * s0) + t^2 * ((3 - 2 * t) * f1 - (1 - t) * w * s1)',
    inputs: {
      t: { value: t, unit: '(Re - 2000)/2000' },
      w: { value: width, unit: '' },
      f0: { value: f0, unit: '' },
      f1: { value: f1, unit: '' },
      s0: { value: s0, unit: '' },
      s1: { value: s1, unit: '' },
    },
    result: f,
    unit: '',
    source: 'house interpolation: no law holds here',
  })
  return f
}
