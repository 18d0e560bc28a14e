import { gridAlongM, gridClockDeg, HARD_RULES, HARD_WORDS, type SpotGrid } from '@lochmoor/core'

export interface RuleLabel {
  readonly says: string
  readonly alongM: number
  readonly clockDeg: number
  /** How far it reaches along the pipe. */
  readonly lengthM: number
}

/** For each rule the longest stretch of it, to write its name there: a rule of a clock angle on one of its rows. */
export const ruleLabels = (grid: SpotGrid): RuleLabel[] =>
  HARD_RULES.flatMap((rule, k): RuleLabel[] => {
    let best = { length: 0, from: 0, row: 0 }
    for (let j = 4; j < grid.rows - 4; j += 4) {
      let length = 0
      for (let i = 0; i <= grid.columns; i++) {
        if (i < grid.columns && grid.rule[i * grid.rows + j] === k) {
          length++
          continue
        }
        // Of equal ones the row nearest to the middle of the upper half wins, where nothing else is written.
        if (length > best.length) best = { length, from: i - length, row: j }
        length = 0
      }
    }
    if (best.length === 0) return []
    const [fromM, toM] = [gridAlongM(grid, best.from), gridAlongM(grid, best.from + best.length - 1)]
    return [
      { says: HARD_WORDS[rule], alongM: (fromM + toM) / 2, clockDeg: gridClockDeg(best.row), lengthM: toM - fromM },
    ]
  })
