/** How a maker counts: along the only row; one bank after the other; or across, odd ones on one bank. */
export type Numbering = 'one-row' | 'banks-in-turn' | 'alternating'

/** Cylinders by bank, each from the end that is counted from; the bank of number one first. */
export const banksOf = (cylinders: number, numbering: Numbering): number[][] => {
  const all = Array.from({ length: cylinders }, (_, i) => i + 1)
  if (numbering === 'one-row') return [all]
  const first = numbering === 'alternating' ? (n: number) => n % 2 === 1 : (n: number) => n <= Math.ceil(cylinders / 2)
  return [all.filter(first), all.filter((n) => !first(n))]
}

/** The number that a cylinder would bear if its bank were counted from its other end. */
export const fromOtherEnd = (cylinder: number, cylinders: number, numbering: Numbering): number => {
  const bank = banksOf(cylinders, numbering).find((b) => b.includes(cylinder))!
  return bank[bank.length - 1 - bank.indexOf(cylinder)]!
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth', 'eleventh', 'twelfth', 'thirteenth', 'fourteenth', 'fifteenth', 'sixteenth'] as const // prettier-ignore

/** Where a cylinder sits, in words: "second from the front, left bank". */
export const cylinderPlace = (
  cylinder: number,
  cylinders: number,
  numbering: Numbering,
  from: 'front' | 'bulkhead',
  firstBank: 'left' | 'right' | null,
): string => {
  const banks = banksOf(cylinders, numbering)
  const at = banks.findIndex((b) => b.includes(cylinder))
  const nth = banks[at]!.indexOf(cylinder)
  const end = from === 'front' ? 'front' : 'bulkhead'
  const along = `${ORDINALS[nth]} from the ${end}`
  if (banks.length === 1) return along
  const other = firstBank === 'left' ? 'right' : 'left'
  return firstBank === null ? `${along}, ${at === 0 ? 'bank of number one' : 'other bank'}` : `${along}, ${at === 0 ? firstBank : other} bank` // prettier-ignore
}
