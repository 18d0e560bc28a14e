import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { HosePart } from '@lochmoor/core'
import { catalogue } from '../test/jobs.ts'
import { PartField } from './PartField.tsx'

const [seven, nine] = catalogue.hoses
const field = (value: HosePart | null, more: { refuse?: (h: HosePart) => string | null } = {}) => {
  const onChange = jest.fn()
  render(
    <PartField<HosePart>
      label="Hose"
      value={value}
      parts={catalogue.hoses}
      describe={(h) => `bore ${(h.boreM * 1e3).toFixed(1)}`}
      none="none"
      onChange={onChange}
      {...more}
    />,
  )
  return onChange
}
const options = () => screen.getAllByRole<HTMLOptionElement>('option')

describe('part field', () => {
  it('a copy that is what the catalogue says is shown without a word', () => {
    field({ ...seven! })
    expect(options().map((o) => o.value)).toEqual(['', '7', '9'])
    expect(screen.queryByText(/catalogue/)).toBeNull()
  })
  it('the order of the fields in the copy does not matter', () => {
    const turned = Object.fromEntries(Object.entries(seven!).reverse()) as unknown as HosePart
    field(turned)
    expect(screen.queryByText(/catalogue/)).toBeNull()
  })
  it('a copy that differs says what the catalogue has, and takes it on demand', async () => {
    const onChange = field({ ...seven!, boreM: 0.0065 })
    expect(screen.getByText(/The catalogue has changed since: bore 7\.0/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Reset to the catalogue part' }))
    expect(onChange).toHaveBeenCalledWith(seven)
  })
  it('a copy the catalogue has no more stays chosen and choosable', () => {
    field({ ...seven!, id: 'gone', name: 'Gone' })
    expect(screen.getByText(/this job keeps its own copy/)).toBeTruthy()
    expect(options().map((o) => o.value)).toEqual(['', 'gone', '7', '9'])
  })
  it('what cannot be is greyed with its reason, but never what is chosen already', () => {
    field(nine!, { refuse: () => 'not for this fuel' })
    const [, first, second] = options()
    expect([first!.disabled, first!.textContent]).toEqual([true, 'not for this fuel · Hose 7'])
    expect(second!.disabled).toBe(false)
  })
})
