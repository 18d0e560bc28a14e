import type { ReactNode } from 'react'

/** A page that holds one short form. */
export const CardPage = ({ title, children }: { title: string; children: ReactNode }) => (
  <div className="mx-auto mt-6 w-full max-w-md border-t-4 border-ink bg-sheet p-5 sm:mt-14">
    <h1 className="mb-3 text-2xl font-extrabold">{title}</h1>
    {children}
  </div>
)
