import { render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useCallback } from 'react'
import { PaletteButton } from './PaletteButton.tsx'
import { allCommands, setPaletteOpen, useCommands, type PaletteCommand } from './paletteStore.ts'

afterEach(() => setPaletteOpen(false))

const Screen = ({ onRun }: { onRun: (id: string) => void }) => {
  const source = useCallback((): PaletteCommand[] => {
    const command = (id: string, label: string, key?: string) => ({
      id,
      group: 'Show',
      label,
      ...(key && { key }),
      run: () => onRun(id),
    })
    return [command('idle', 'Show idle', '2'), command('full', 'Show full load', '4')]
  }, [onRun])
  useCommands('screen', source)
  return (
    <>
      <PaletteButton />
      <input aria-label="field" />
    </>
  )
}

describe('palette', () => {
  it('opens by Ctrl-K, finds by any word in any order, runs by Enter and closes', async () => {
    const onRun = jest.fn()
    render(<Screen onRun={onRun} />)
    await userEvent.keyboard('{Control>}k{/Control}')
    await userEvent.type(await screen.findByPlaceholderText('What do you want to do?'), 'load show')
    await userEvent.keyboard('{Enter}')
    await waitFor(() => expect(onRun).toHaveBeenCalledWith('full'))
    expect(screen.queryByRole('dialog')).toBeNull()
  })

  it('a single key runs its command, but not while a field is typed in', async () => {
    const onRun = jest.fn()
    render(<Screen onRun={onRun} />)
    await userEvent.keyboard('2')
    expect(onRun).toHaveBeenCalledTimes(1)
    await userEvent.type(screen.getByLabelText('field'), '4')
    expect(onRun).toHaveBeenCalledTimes(1)
  })

  it('offers nothing of a screen that is gone', () => {
    const { unmount } = render(<Screen onRun={() => undefined} />)
    expect(allCommands()).toHaveLength(2)
    unmount()
    expect(allCommands()).toEqual([])
  })
})
