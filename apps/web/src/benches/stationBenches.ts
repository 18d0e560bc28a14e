import type { StationHead } from '@lochmoor/core'
import type { ComponentType } from 'react'

/** A bench with a screen for each of its tabs, by their addresses. */
type StationBench = ComponentType & { readonly screens: object }

/** The bench of a station, which stands in the folder of its address: fetched when it is opened, or ahead of that. */
export const benchOf = async ({ path }: Pick<StationHead, 'path'>): Promise<StationBench> =>
  ((await import(`./${path}/bench.tsx`)) as { readonly bench: StationBench }).bench
