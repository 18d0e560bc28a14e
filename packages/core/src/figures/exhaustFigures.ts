import { assumed, entered, type FigureRule, type Matters } from './figureRule.ts'

/** Nothing is asked of the loop before there is a pipe to put a sensor in. */
const begun: Matters = ({ exhaust }) => exhaust.banks.some((b) => b.pieces.length > 0)

const simple = (path: string, value: number, why: string): FigureRule<number> => ({
  usedBy: ['exhaust'],
  matters: begun,
  sources: [entered<number>(path), assumed(why, value)],
})

/** The closed loop, until the controller's own figures are known. House defaults. */
export const EXHAUST_FIGURES = {
  'exhaust.correctionLimit': simple('exhaust.correctionLimit', 0.25, 'usual ECU default'),
  'exhaust.openLoopLambda': simple('exhaust.openLoopLambda', 1, 'a correct table'),
} satisfies Record<string, FigureRule<number>>
