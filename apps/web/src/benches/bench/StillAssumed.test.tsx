import { render } from '@testing-library/react'
import { StillAssumed } from './StillAssumed.tsx'

it.each([
  [0, ''],
  [1, '1 figure still assumed: tab “Supply” lists it.'],
  [4, '4 figures still assumed: tab “Supply” lists them.'],
])('%s assumed', (count, says) =>
  expect(render(<StillAssumed count={count} tab="Supply" />).container.textContent).toBe(says),
)
