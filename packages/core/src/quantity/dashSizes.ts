/**
 * Bore of a hose by dash number, m. The dash number is the outside diameter of the matching tube in sixteenths of an
 * inch (SAE J514); the hose's own bore is not standardised. `typical` is the low end of what is sold, so that a loss
 * computed from it is not flattered. Rule of thumb: measure the hose.
 */
export const DASH_BORES: readonly { dash: number; typicalM: number; upToM: number }[] = [
  { dash: 4, typicalM: 0.005, upToM: 0.0056 },
  { dash: 6, typicalM: 0.008, upToM: 0.0087 },
  { dash: 8, typicalM: 0.0102, upToM: 0.0112 },
  { dash: 10, typicalM: 0.0127, upToM: 0.0142 },
]
