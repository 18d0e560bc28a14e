import { UNITS, type Family, type UnitChoice } from '@lochmoor/core'
import { BadRequestException } from '@nestjs/common'

const isFamily = (name: string): name is Family => Object.hasOwn(UNITS, name)

/** "pressure:psi,bore:in" as a choice of units; an unknown family or unit is refused by name. */
export const unitsWanted = (text: string): UnitChoice => {
  const choice: Partial<Record<Family, string>> = {}
  for (const pair of text === '' ? [] : text.split(',')) {
    const [family = '', id = ''] = pair.split(':')
    const known = isFamily(family) ? UNITS[family].map((u) => u.id) : Object.keys(UNITS)
    if (!isFamily(family) || !known.includes(id))
      throw new BadRequestException({
        code: 'badInput',
        message: `units is "${pair.slice(0, 60)}"; allowed: ${isFamily(family) ? `${family}:` : ''}${known.join(', ')}`,
      })
    choice[family] = id
  }
  return choice
}
