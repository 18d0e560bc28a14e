import { useArrived } from './arrived.ts'
import { UpdateNotice } from './UpdateNotice.tsx'

/** Has the browser keep the program, once the page itself has what it shows: keeping it takes the whole line for a while. */
export const KeptProgram = () => (useArrived((s) => s.atMs !== null) ? <UpdateNotice /> : null)
