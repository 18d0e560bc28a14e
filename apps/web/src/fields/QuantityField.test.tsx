import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { setUnit } from '../store/preferences.ts'
import { QuantityField } from './QuantityField.tsx'
import { forgetTyped } from './typedText.ts'

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

  it('stays as it was typed wherever this browser shows it again, until another figure stands there', async () => {
    const { unmount } = render(<Field />)
    await userEvent.type(input(), '43 1/2 psi')
    await userEvent.tab()
    const stored = 43.5 * 6894.757293168361
    unmount()
    forgetTyped()
    const again = render(<Field first={stored} />)
    expect(input().value).toBe('43 1/2 psi')
    expect(screen.getByText(/= 299.922.kPa/)).toBeTruthy()
    again.unmount()
    render(<Field first={300e3} />)
    expect(input().value).toBe('300')
  })

  it('a figure typed without a unit gets it once another unit is shown', async () => {
    render(<Field />)
    await userEvent.type(input(), '310')
    await userEvent.tab()
    expect(input().value).toBe('310')
    act(() => setUnit('pressure', 'psi'))
    expect(input().value).toBe('44.962')
    act(() => setUnit('pressure', 'kPa'))
  })
})

describe('a figure that would be unusual', () => {
  const Gap = ({ onStore }: { onStore: (v: number | null) => void }) => {
    const [value, setValue] = useState<number | null>(0.03)
    return (
      <QuantityField
        label="Gap to the bonnet"
        path="walkAround.bonnet.gapM"
        value={value}
        onChange={(v) => {
          setValue(v)
          onStore(v)
        }}
      />
    )
  }
  const gap = () => screen.getByLabelText<HTMLInputElement>('Gap to the bonnet')

  it('is asked back on leaving, is not stored until one tap answers, and stays a fraction', async () => {
    const onStore = jest.fn()
    render(<Gap onStore={onStore} />)
    await userEvent.clear(gap())
    await userEvent.type(gap(), '1/4')
    await userEvent.tab()
    expect(screen.getByText('1/4 mm is unusual here.')).toBeTruthy()
    expect(gap().getAttribute('aria-invalid')).toBe('true')
    expect(onStore).not.toHaveBeenCalledWith(expect.closeTo(0.00025, 9))
    await userEvent.click(screen.getByRole('button', { name: '1/4 in?' }))
    expect(onStore).toHaveBeenLastCalledWith(expect.closeTo(0.00635, 9))
    expect(gap().value).toBe('1/4 in')
  })
  it('may be meant: then the unit shown is one of the answers', async () => {
    const onStore = jest.fn()
    render(<Gap onStore={onStore} />)
    await userEvent.clear(gap())
    await userEvent.type(gap(), '1.5')
    await userEvent.tab()
    expect(screen.getAllByRole('button', { name: /^1\.5/ }).map((b) => b.textContent)).toEqual([
      '1.5 in?',
      '1.5 cm?',
      '1.5 mm?',
    ])
    await userEvent.click(screen.getByRole('button', { name: '1.5 mm?' }))
    expect(onStore).toHaveBeenLastCalledWith(expect.closeTo(0.0015, 9))
  })
  it('is not asked about while it is still being written', async () => {
    render(<Gap onStore={() => undefined} />)
    await userEvent.clear(gap())
    await userEvent.type(gap(), '3')
    expect(screen.queryByText(/unusual/)).toBeNull()
    await userEvent.type(gap(), '8')
    await userEvent.tab()
    expect(gap().value).toBe('38')
  })
})
