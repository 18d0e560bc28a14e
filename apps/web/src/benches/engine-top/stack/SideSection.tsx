import { formatQuantity, sectionOf, type SectionMark, type SectionView, type StackOfJob } from '@lochmoor/core'
import { useState } from 'react'
import { useUnit } from '../../../store/preferences.ts'
import { useWidth } from '../../bench/useWidth.ts'

const VIEW_WORDS: Readonly<Record<SectionView, string>> = {
  tightest: 'Through the tightest place',
  along: 'From the left',
  across: 'From behind',
}

/** The stack under the bonnet in section, to scale, with where it goes as the engine rocks and the tightest place. */
export const SideSection = ({ stack }: { stack: StackOfJob }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const [view, setView] = useState<SectionView>('tightest')
  const section = sectionOf(stack, view)
  if (section === null)
    return (
      <p className="border border-ink bg-sheet p-5 text-center">
        No section yet: enter the new stack piece by piece, every height measured.
      </p>
    )
  const [wMm, hMm] = [section.rightMm - section.leftMm, section.topMm - section.bottomMm]
  const scale = Math.min(width / wMm, 460 / hMm)
  const x = (mm: number) => (mm - section.leftMm) * scale + (width - wMm * scale) / 2
  const y = (mm: number) => (section.topMm - mm) * scale
  return (
    <figure ref={ref} className="border border-ink bg-sheet">
      <div role="group" aria-label="Section" className="flex border-b border-hair">
        {(['tightest', 'along', 'across'] as const).map((v) => (
          <button
            key={v}
            type="button"
            aria-pressed={v === view}
            onClick={() => setView(v)}
            className={`px-3 py-1.5 ${v === view ? 'border-b-4 border-accent font-bold' : 'hover:bg-wash'}`}
          >
            {VIEW_WORDS[v]}
          </button>
        ))}
      </div>
      <svg width={width} height={hMm * scale} role="img" aria-label={`Section through stack and bonnet, ${VIEW_WORDS[view].toLowerCase()}`} className="block">
        {section.marks.map((m, i) => (
          <Mark key={i} m={m} x={x} y={y} />
        ))}
      </svg>
      <figcaption className="px-2.5 pb-2 text-sm text-soft">
        To scale{view === 'along' ? ', front to the left' : ''}. Thick line: bonnet through the clay near this plane, dots are lumps. Shaded: where the stack goes as the engine rocks.
      </figcaption>
    </figure>
  )
} // prettier-ignore

type Scale = (mm: number) => number

const Mark = ({ m, x, y }: { m: SectionMark; x: Scale; y: Scale }) => {
  const bore = useUnit('bore')
  switch (m.kind) {
    case 'shape':
      return (
        <polygon
          points={m.at.map(([a, b]) => `${x(a)},${y(b)}`).join(' ')}
          fill={m.what === 'envelope' ? 'var(--ink-soft)' : m.what === 'point' ? 'var(--ink)' : 'var(--sheet)'}
          fillOpacity={m.what === 'envelope' ? 0.2 : 1}
          stroke={m.what === 'piece' ? 'var(--ink)' : 'none'}
          strokeWidth={1.3}
        />
      )
    case 'bonnet':
      return <polyline points={m.at.map(([a, b]) => `${x(a)},${y(b)}`).join(' ')} fill="none" stroke="var(--accent)" strokeWidth={4} strokeLinejoin="round" />
    case 'lump':
      return <circle cx={x(m.at[0])} cy={y(m.at[1])} r={4.5} fill="var(--accent)" />
    case 'pad':
      return <path d={`M${x(m.fromMm)} ${y(0)}H${x(m.toMm)}`} stroke="var(--ink)" strokeWidth={3} />
    case 'name':
      return (
        <text x={x(m.at[0])} y={y(m.at[1]) + 4} fontSize="12" textAnchor="middle" stroke="var(--sheet)" strokeWidth="4" paintOrder="stroke">
          {m.text}
        </text>
      )
    case 'gap': {
      const [a, b] = [y(m.fromMm), y(m.toMm)]
      const colour = m.fouls ? 'var(--stop)' : 'var(--ink)'
      return (
        <g data-gap={m.fouls ? 'fouls' : 'clear'}>
          <path d={`M${x(m.xMm) - 9} ${a}h18M${x(m.xMm) - 9} ${b}h18M${x(m.xMm)} ${a}V${b}`} stroke={colour} strokeWidth={2.2} />
          <text x={x(m.xMm)} y={Math.min(a, b) - 8} fontSize="14" fontWeight="800" textAnchor="middle" fill={colour} stroke="var(--sheet)" strokeWidth="5" paintOrder="stroke">
            {formatQuantity(m.figure.si, bore, 1)}
          </text>
        </g>
      )
    }
  }
} // prettier-ignore
