/** Where good practitioners differ, and why each does what it does. */
export interface SchoolQuestion {
  readonly id: string
  readonly question: string
  readonly schools: readonly { readonly name: string; readonly says: string }[]
}

export const SYSTEM_SCHOOLS: readonly SchoolQuestion[] = [
  {
    id: 'body-or-ports',
    question: 'Throttle body or port injection?',
    schools: [
      {
        name: 'Body',
        says: 'Bolts on in a weekend, looks original, can be undone. The manifold distributes fuel as it always did.',
      },
      {
        name: 'Ports',
        says: 'Each cylinder gets its own fuel, cold start and idle are better, banks can be trimmed. The manifold is altered permanently.',
      },
    ],
  },
  {
    id: 'return-or-single',
    question: 'Return-type or returnless?',
    schools: [
      {
        name: 'Return',
        says: 'Pressure is regulated at the engine, fuel stays cool and fresh, boost can be followed. It needs a second line along the car, of large enough bore.',
      },
      {
        name: 'Single',
        says: 'One line, often the old one, less heat in the tank. The feed drop comes off rail pressure, and fuel standing in the line warms.',
      },
    ],
  },
  {
    id: 'timing',
    question: 'What controls the timing?',
    schools: [
      {
        name: 'Cancel',
        says: 'Fuel first, one change at a time; the old curve is known. The ECU only counts coil pulses.',
      },
      {
        name: 'Lock or control the distributor',
        says: 'A spark table with the original parts on show; rotor phase must be right, chain slack remains.',
      },
      {
        name: 'Crank trigger',
        says: 'The most accurate, independent of chain slack; wheel, bracket and coils are a job of their own.',
      },
    ],
  },
  {
    id: 'divider',
    question: 'Two-plane manifold under a throttle body?',
    schools: [
      {
        name: 'Cut the divider',
        says: 'About 25 mm down along its length: both planes see all injectors. Cannot be undone.',
      },
      { name: 'Open spacer', says: 'The same space above the divider; costs 25 mm of bonnet clearance.' },
      { name: 'Cancel', says: 'If the throttle body fires all barrels together, each plane gets its share anyway.' },
    ],
  },
]
