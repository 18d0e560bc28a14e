import { answersTo } from '@lochmoor/core'
import { Command } from 'cmdk'
import { Dialog } from 'radix-ui'
import { useMemo } from 'react'
import { commandsOf, setPaletteOpen, usePalette, type PaletteCommand } from './paletteStore.ts'

/** A command stays while each typed word, or what else it is called, stands in its group or name; the order holds. */
const answers = (value: string, search: string): number => (answersTo(value, search) ? 1 : 0)

/** Every command of the open screen by name: type a few letters, Enter runs it. */
export const Palette = () => {
  const sources = usePalette((s) => s.sources)
  // What comes to be offered while it is open, such as remedies that were still sought, is offered too.
  const groups = useMemo(() => {
    const byGroup = new Map<string, PaletteCommand[]>()
    for (const c of commandsOf(sources)) byGroup.set(c.group, [...(byGroup.get(c.group) ?? []), c])
    return [...byGroup]
  }, [sources])
  const pick = (command: PaletteCommand) => {
    setPaletteOpen(false)
    // After the dialog has given the focus back.
    setTimeout(() => command.run(), 0)
  }
  return (
    <Dialog.Root open onOpenChange={setPaletteOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[12dvh] left-1/2 z-40 w-[min(36rem,94vw)] -translate-x-1/2 border-2 border-ink bg-sheet"
        >
          <Dialog.Title className="sr-only">Commands</Dialog.Title>
          <Command label="Commands" loop filter={answers}>
            <Command.Input
              placeholder="What do you want to do?"
              className="h-12 w-full border-b-2 border-accent bg-transparent px-4 text-lg outline-none placeholder:text-soft"
            />
            <Command.List className="max-h-[60dvh] overflow-y-auto p-2" tabIndex={-1}>
              <Command.Empty className="p-3 text-soft">No matching command.</Command.Empty>
              {groups.map(([group, commands]) => (
                <Command.Group
                  key={group}
                  heading={group}
                  className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
                >
                  {commands.map((c) => (
                    <Command.Item
                      key={c.id}
                      value={`${group} ${c.label} ${c.id}`}
                      onSelect={() => pick(c)}
                      className="flex min-h-9 items-center justify-between gap-3 px-2 data-[selected=true]:bg-accent data-[selected=true]:text-on-accent"
                    >
                      {c.label}
                      {c.key && <kbd className="border border-current px-1.5 text-sm">{c.key}</kbd>}
                    </Command.Item>
                  ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
