/** What can hurt somebody at this work; local rules and licensed trades come first. */
export const harnessCautions = (): readonly string[] => [
  'Battery off before the first wire is touched, and the feed’s fuse out until the last one is proved.',
  'Look behind a panel before you drill: fuel line, brake pipe, loom, airbag on a later car. Eye protection, and petrol away from the drill.',
  'Heat gun and solder only with the tank closed and no fuel line open nearby.',
  'Rules for roadworthiness and for work on airbags differ by country: ask before the loom is changed.',
]
