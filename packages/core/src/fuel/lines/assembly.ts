import type { FittingMake } from '../../parts/index.ts'

/** How each kind of end is put on, in steps; trade practice, the maker's sheet comes first. */
export const ASSEMBLY_STEPS: Readonly<Record<FittingMake, readonly string[]>> = {
  reusable: [
    'Wrap the cut in tape, cut it square with a fine cutting disc, blow the debris out.',
    'Open the liner slightly with the blunt tool from the set; look for nicks.',
    'Push the socket over the hose to its mark, then the olive between liner and braid.',
    'Oil the nipple, start it by hand, screw it in to a gap of about one millimetre.',
    'Mark hose and socket with paint: a hose that creeps out shows at once.',
    'Test the hose with air under water or with a hand pump before it goes on the car.',
  ],
  crimped: [
    'Have it crimped with the maker’s die for this hose; the wrong die holds only until it is hot.',
    'Give the shop the angle between the two ends: clock them looking along the hose.',
    'Measure the crimp with a caliper and note it on the working sheet.',
    'Pressure test it before it goes on the car.',
  ],
  'push-on': [
    'Only on the hose it is made for, and only where the maker allows this pressure.',
    'Cut square, wet the barb with fuel, push until the hose is under the collar.',
    'No hose clip: it cuts the hose.',
  ],
  'quick-connector': [
    'Check both O-rings; a drop of clean engine oil on the spigot.',
    'Push until it clicks, then tug: it must not come off.',
    'The latch must be within reach with the tank lowered on its hoses.',
  ],
  'flare-nut': [
    'Cut with a tube cutter, deburr inside and out, blow out.',
    'Nut and sleeve on first, then flare to the angle of the fitting: 37 and 45 degrees do not seal on each other.',
    'Run it up by hand, then a sixth of a turn with two spanners.',
  ],
  'barb-and-clamp': [
    'For suction, vent and carburettor pressure only.',
    'Use a fuel-injection clip with rolled edges, never a slotted worm-drive clip.',
    'Push it past the bead, clip between bead and hose end.',
  ],
}
