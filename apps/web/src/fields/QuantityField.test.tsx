import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { QuantityField } from './QuantityField.tsx'

const Field = ({ first = null, onStore }: { first?: number | null; onStore?: (v: number | null) => void }) => {
  const [value, setValue] = useState<number | null>(first)
  return (
    <QuantityField
      label="Set pressure"
      path="fuel.setPressurePa"
      value={value}
      assumed={300e3}
      onChange={(v) => {
        setValue(v)
        onStore?.(v)
      }}
    />
  )
}
const input = () => screen.getByLabelText<HTMLInputElement>('Set pressure')

describe('quantity field', () => {
  it('shows the assumed figure while nothing is known', () => {
    render(<Field />)
    expect(input().value).toBe('')
    expect(input().placeholder).toBe('300')
    expect(screen.getByText('assumed')).toBeTruthy()
  })

  it('stores while typing, says what it understood, and leaves it as it was typed', async () => {
    const onStore = jest.fn()
    render(<Field onStore={onStore} />)
    await userEvent.type(input(), '4 bar')
    expect(onStore).toHaveBeenLastCalledWith(400_000)
    expect(screen.getByText(/= 400.kPa/)).toBeTruthy()
    await userEvent.tab()
    expect(input().value).toBe('4 bar')
  })

  it('keeps what it refuses, with the range, and stores nothing of it', async () => {
    const onStore = jest.fn()
    render(<Field first={400e3} onStore={onStore} />)
    await userEvent.clear(input())
    await userEvent.type(input(), '5 kPa')
    await userEvent.tab()
    expect(input().value).toBe('5 kPa')
    expect(screen.getByText(/5.kPa is not allowed here: 20.kPa to 1000.kPa/)).toBeTruthy()
    expect(onStore).not.toHaveBeenCalledWith(5000)
  })

  it('an emptied field is not known again', async () => {
    const onStore = jest.fn()
    render(<Field first={400e3} onStore={onStore} />)
    await userEvent.clear(input())
    expect(onStore).toHaveBeenLastCalledWith(null)
  })
})
