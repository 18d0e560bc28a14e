import { CONDITION_WORDS, CONDITIONS, type ConditionId } from '@lochmoor/core'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'

interface Props {
  readonly condition: ConditionId
  readonly setCondition: (id: ConditionId) => void
}

/** The operating condition that the drawing and its figures show. */
export const ConditionPicker = ({ condition, setCondition }: Props) => (
  <SelectEntry
    label="Operating condition"
    value={condition}
    options={CONDITIONS.map((id) => [id, CONDITION_WORDS[id]] as const)}
    onChange={setCondition}
  />
)
