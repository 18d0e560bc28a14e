import type { ReactNode } from 'react'

export const Group = ({ title, children }: { title: string; children: ReactNode }) => (
  <fieldset className="mb-4">
    <legend className="mb-1 w-full border-b-2 border-ink pb-0.5 font-extrabold">{title}</legend>
    {children}
  </fieldset>
)
