import type { FittingMake } from '../../parts/index.ts'

/** How each kind of end is put on, in steps; trade practice, the maker's sheet comes first. */
export const ASSEMBLY_STEPS: Readonly<Record<FittingMake, readonly string[]>> = {
  reusable: [
    'Wrap the cut in tape, cut square with a fine wheel, blow the chips out.',
    'Open the liner a little with the blunt tool of the set; look for a nick.',
    'Push the socket over the hose to its line, then the ring between liner and braid.',
    'Oil the nipple, start it by hand, screw up to a gap of about one millimetre.',
    'Mark hose and socket with paint: a hose that creeps out shows at once.',
    'Prove the hose with air under water or with a hand pump before it goes into the car.',
  ],
  crimped: [
    'Have it crimped with the maker’s die for this hose; a wrong die holds until it is hot.',
    'Tell the shop the angle between both ends: clock them looking along the hose.',
    'Measure the crimp with a caliper and write it on the working sheet.',
    'Prove it with pressure before it goes into the car.',
  ],
  'push-on': [
    'Only on the hose it is made for, and only where the maker allows this pressure.',
    'Cut square, oil the barb with fuel, push until the hose is under the collar.',
    'No clamp: it cuts the hose.',
  ],
  'quick-connector': [
    'Look at both sealing rings; a drop of clean engine oil on the spigot.',
    'Push until it clicks, then pull: it must not come.',
    'The latch must be reachable with the tank let down on its hoses.',
  ],
  'flare-nut': [
    'Cut with a wheel, deburr inside and out, blow out.',
    'Nut and sleeve on first, then flare at the angle of the fitting: 37 and 45 degrees do not seal on each other.',
    'Run up by hand, then a sixth of a turn with two spanners.',
  ],
  'barb-and-clamp': [
    'For suction, vent and carburettor pressure only.',
    'A fuel-injection clamp with a rolled edge, never a slotted worm band.',
    'Push past the bead, clamp between bead and end.',
  ],
}
