import type { ReactNode } from 'react'

interface Props {
  readonly children: ReactNode
  readonly onClick?: () => void
  readonly kind?: 'main' | 'plain' | 'quiet' | 'danger'
  readonly type?: 'button' | 'submit'
  readonly disabled?: boolean
  readonly label?: string
}

const LOOK = {
  main: 'bg-accent text-on-accent px-4',
  plain: 'border border-ink px-3 hover:bg-wash',
  quiet: 'px-2 text-accent underline',
  danger: 'border border-stop px-3 text-stop hover:bg-wash',
} as const

/** A button in one of the four weights that screens use. */
export const Button = ({ children, onClick, kind = 'plain', type = 'button', disabled, label }: Props) => (
  <button
    type={type}
    disabled={disabled}
    aria-label={label}
    onClick={onClick}
    className={`flex min-h-9 items-center justify-center gap-1.5 font-bold disabled:opacity-45 ${LOOK[kind]}`}
  >
    {children}
  </button>
)
