/** Where good practitioners differ, and why each does what it does. */
export interface SchoolQuestion {
  readonly id: string
  readonly question: string
  readonly schools: readonly { readonly name: string; readonly says: string }[]
}

export const SYSTEM_SCHOOLS: readonly SchoolQuestion[] = [
  {
    id: 'body-or-ports',
    question: 'Throttle body or ports?',
    schools: [
      {
        name: 'Body',
        says: 'Bolts on in a weekend, looks as before, can be undone. Fuel is shared by the manifold as it always was.',
      },
      {
        name: 'Ports',
        says: 'Every cylinder gets its own fuel, cold start and idle are better, banks can be trimmed. The manifold is altered for good.',
      },
    ],
  },
  {
    id: 'return-or-single',
    question: 'Return line or single line?',
    schools: [
      {
        name: 'Return',
        says: 'The rail is held at the engine, fuel stays cool and fresh, boost can be followed. A second line along the car, and it must be wide enough.',
      },
      {
        name: 'Single',
        says: 'One line, often the old one, less heat in the tank. What the feed loses comes off the rail, and standing fuel warms.',
      },
    ],
  },
  {
    id: 'timing',
    question: 'Who decides the timing?',
    schools: [
      {
        name: 'Leave it',
        says: 'Fuel first, one change at a time; the old curve is known. The controller only counts the coil.',
      },
      {
        name: 'Lock or control the distributor',
        says: 'A spark table with the old parts in sight; rotor phase must be right, chain slack stays.',
      },
      {
        name: 'Crank trigger',
        says: 'The most exact, off the chain; wheel, bracket and coils are a job of their own.',
      },
    ],
  },
  {
    id: 'divider',
    question: 'Two-plane manifold under a throttle body?',
    schools: [
      {
        name: 'Cut the divider',
        says: 'Some 25 mm down over its length: both planes see all injectors. Cannot be undone.',
      },
      { name: 'Open spacer', says: 'The same room above the divider; costs 25 mm of bonnet clearance.' },
      { name: 'Leave it', says: 'Where the body fires all barrels together each plane gets its share anyway.' },
    ],
  },
]
