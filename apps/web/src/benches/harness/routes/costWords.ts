import type { CostShare } from '@lochmoor/core'

/** What the shares of a loom's work are called. */
export const COST_WORDS: Readonly<Record<CostShare, string>> = {
  lay: 'Laying wires',
  wire: 'Cutting and marking',
  fold: 'Folding what is too long',
  extend: 'Lengthening leads',
  open: 'Opening corridors',
  bundle: 'Bundling and clipping',
  heat: 'Heat sleeve',
  wet: 'Sealing in the wet',
  cross: 'Through panels',
  repin: 'Pins out and in',
  place: 'ECU: mounting, access',
}
