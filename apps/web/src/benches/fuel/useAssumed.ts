import { assumptionsOf, type JobDocument } from '@lochmoor/core'
import { useMemo } from 'react'

/** The assumed figure of a field that is not known. */
export const useAssumed = (job: JobDocument): ((field: string) => number | undefined) =>
  useMemo(() => {
    const assumptions = new Map<string, number>(assumptionsOf(job).map((a) => [a.field, a.si]))
    return (field: string) => assumptions.get(field)
  }, [job])
