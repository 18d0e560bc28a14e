import type { JobDocument } from '@lochmoor/core'
import { PathField } from '../../../fields/PathField.tsx'

interface Props {
  readonly job: JobDocument
  readonly assumed: (field: string) => number | undefined
  /** Its place in the document. */
  readonly field: string
  readonly label: string
  readonly how?: string
  /** What is assumed where nothing is entered, in a word; "assumed" if not said. */
  readonly assumedWord?: string
  /** Decided, not measured: it does not go into the log book. */
  readonly decided?: boolean
}

/** A figure at its place in the document. */
export const FigureField = ({ field, assumed, ...rest }: Props) => (
  <PathField {...rest} path={field} assumed={assumed(field)} />
)
