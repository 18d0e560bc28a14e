import { STATE_WORDS, type VerdictState } from '@lochmoor/core'

const COLOUR: Readonly<Record<VerdictState, string>> = {
  ok: 'var(--ok)',
  caution: 'var(--caution)',
  stop: 'var(--stop)',
  unknown: 'var(--unknown)',
}

/** The shape alone, in a box of 20 by 20. */
export const Shape = ({ state }: { state: VerdictState }) => {
  const colour = COLOUR[state]
  switch (state) {
    case 'ok':
      return <path d="M3 10.5 L8 15.5 L17 4.5" fill="none" stroke={colour} strokeWidth="3.2" />
    case 'caution':
      return (
        <>
          <path d="M2 6 H18 M2 14 H18" stroke={colour} strokeWidth="3" />
          <path d="M10 2 V18" stroke={colour} strokeWidth="2" strokeDasharray="3 2.5" />
        </>
      )
    case 'stop':
      return (
        <>
          <rect x="2" y="2" width="16" height="16" fill={colour} />
          <path d="M6 6 L14 14 M14 6 L6 14" stroke="var(--sheet)" strokeWidth="2.6" />
        </>
      )
    case 'unknown':
      return <circle cx="10" cy="10" r="7" fill="none" stroke={colour} strokeWidth="2.6" strokeDasharray="4 3" />
  }
}

/** Shape of a state with a word of one's own. */
export const StateShape = ({
  state,
  word,
  hidden = false,
}: {
  state: VerdictState
  word: string
  hidden?: boolean
}) => (
  <span className="inline-flex shrink-0 items-baseline gap-1.5 font-bold" style={{ color: COLOUR[state] }}>
    <svg viewBox="0 0 20 20" className="size-[1.05em] shrink-0 translate-y-[0.03em] self-center" aria-hidden>
      <Shape state={state} />
    </svg>
    {hidden ? <span className="sr-only">{word}</span> : word}
  </span>
)

/** Shape and word of a state. */
export const StateMark = ({ state, wordless = false }: { state: VerdictState; wordless?: boolean }) => (
  <StateShape state={state} word={STATE_WORDS[state]} hidden={wordless} />
)
