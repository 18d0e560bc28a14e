import 'fake-indexeddb/auto'
import { assumptionsOf, withValueAt, type JobDocument } from '@lochmoor/core'
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { undo } from '../../store/commands.ts'
import { useJobStore } from '../../store/jobStore.ts'
import { outbox } from '../../store/outbox.ts'
import { stopSending } from '../../store/sending.ts'
import { exhaustJob, openExhaust, piece, twoBankJob } from '../../test/exhaustBench.tsx'
import { headline, jobNow, part } from '../../test/fuelBench.tsx'
import { sitAsGuest, sitHere } from '../../test/session.ts'
import { readCylinders } from './pipe/BankFields.tsx'

beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
  // jsdom draws nothing: the picture is looked at in the browser's own tests.
  HTMLCanvasElement.prototype.getContext = (() => null) as never
})
beforeEach(() => sitHere())
afterEach(stopSending)

const booked = () =>
  outbox
    .ofJob('test')
    .flatMap((e) => (e.kind === 'record' && e.record.body.kind === 'measurement' ? [e.record.body] : []))

/** The same with everything measured that the station would else assume. */
const withEngineKnown = (job: JobDocument): JobDocument =>
  assumptionsOf(job, 'exhaust').reduce((j, a) => withValueAt(j, a.field, a.si), job)

describe('the exhaust as measured', () => {
  it('a sound one is proved, and says what to do next: measure the engine, then drill', () => {
    openExhaust('', exhaustJob())
    expect(headline().textContent).toContain('Sensor position and fitting OK')
    expect(headline().textContent).toMatch(/measure what is still assumed \(\d+\)/)
    act(() => useJobStore.setState((s) => ({ document: withEngineKnown(s.document!) })))
    expect(headline().textContent).toContain('print the template')
  })
  it('without a sensor it says so, and the spots say where that was decided', () => {
    openExhaust('spots', exhaustJob({ sensorCount: 0, spots: [] }))
    expect(headline().textContent).toContain('would do better')
    expect(part('Measured').getByText(/No sensor is planned/)).toBeTruthy()
  })
  it('begins from the walk-around and is drawn', async () => {
    openExhaust('', exhaustJob({ banks: [], spots: [] }))
    expect(headline().textContent).toContain('Enter the exhaust piece by piece')
    await userEvent.click(screen.getByRole('button', { name: 'Start from the walk-around' }))
    expect(jobNow().exhaust.banks[0]!.pieces.map((p) => p.kind)).toContain('open-end')
    expect(screen.getByRole('group', { name: /to scale: side view and plan/ })).toBeTruthy()
    act(undo)
    expect(jobNow().exhaust.banks).toEqual([])
  })
  it('a piece is added behind the chosen one, measured by tape, moved and removed', async () => {
    openExhaust('', exhaustJob())
    await userEvent.selectOptions(screen.getByLabelText('New piece'), 'catalyst')
    await userEvent.click(screen.getByRole('button', { name: 'Add' }))
    const kinds = () => jobNow().exhaust.banks[0]!.pieces.map((p) => p.kind)
    expect(kinds()).toEqual(['log', 'catalyst', 'pipe', 'open-end'])
    await userEvent.type(screen.getByLabelText('Circumference (by tape)'), '159.6')
    await userEvent.tab()
    expect(jobNow().exhaust.banks[0]!.pieces[1]!.roundM).toBeCloseTo(0.1596, 9)
    expect(part('Measured').getByText(/From the tape: 50\.8/)).toBeTruthy()
    expect(booked().some((b) => b.quantity === 'Catalyst: circumference (by tape)')).toBe(true)
    await userEvent.click(screen.getByRole('button', { name: 'Move Catalyst down' }))
    expect(kinds()).toEqual(['log', 'pipe', 'catalyst', 'open-end'])
    await userEvent.click(screen.getByRole('button', { name: 'Remove Catalyst' }))
    expect(kinds()).toEqual(['log', 'pipe', 'open-end'])
  })
  it('a figure out of range is refused by name and range, and what stood there holds', async () => {
    openExhaust('', exhaustJob())
    const length = screen.getByLabelText('Length')
    await userEvent.clear(length)
    await userEvent.type(length, '9000')
    expect(part('Measured').getByText(/9000.* is not allowed here: 5.*mm to 6000.*mm/)).toBeTruthy()
    expect(jobNow().exhaust.banks[0]!.pieces[0]!.lengthM).toBe(0.4)
  })
  it('the shape goes from one pipe to two into one', async () => {
    openExhaust('', exhaustJob())
    await userEvent.selectOptions(screen.getByLabelText('Shape'), 'joined')
    const { banks, common } = jobNow().exhaust
    expect(banks.map((b) => b.cylinders)).toEqual([
      [1, 2],
      [3, 4],
    ])
    expect(common.map((p) => p.kind)).toEqual(['merge'])
  })
  it.each([
    ['1, 2,3', [1, 2, 3]],
    ['1 4', [1, 4]],
    ['', []],
    ['1, 1', null],
    ['17', null],
    ['a', null],
  ])('cylinders written as "%s"', (text, read) => expect(readCylinders(text)).toEqual(read))
  it('cylinders that cannot be read are said, and the last ones hold', async () => {
    openExhaust('', exhaustJob())
    const field = screen.getByLabelText('Cylinders')
    await userEvent.clear(field)
    await userEvent.type(field, '1, 1')
    expect(part('Measured').getByText(/"1, 1" is not allowed here: cylinder numbers 1 to 16, each once/)).toBeTruthy()
    expect(jobNow().exhaust.banks[0]!.cylinders).toEqual([1])
  })
})

describe('spots', () => {
  const ready = () => screen.findByRole('application', { name: /unrolled/ })
  it('a typed spot is judged at once', async () => {
    openExhaust('spots', exhaustJob())
    await ready()
    const clock = screen.getByLabelText('Clock position')
    await userEvent.clear(clock)
    await userEvent.type(clock, '120')
    expect(headline().textContent).toContain('Sensor: position ruled out')
    expect(part('Assessment').getByText(/water runs into the tip/)).toBeTruthy()
  })
  it('arrow keys tell the reason of any point, Enter puts the sensor there', async () => {
    openExhaust('spots', exhaustJob())
    const picture = await ready()
    const point = () => screen.getByRole('region', { name: 'Point under the cursor' })
    expect(point().textContent).toContain('Sensor sits here')
    picture.focus()
    for (let i = 0; i < 4; i++) fireEvent.keyDown(picture, { key: 'ArrowDown', shiftKey: true })
    expect(point().textContent).toMatch(/3 o’clock \(90°\)/)
    expect(point().textContent).toMatch(/Ruled out, below level/)
    fireEvent.keyDown(picture, { key: 'ArrowUp', shiftKey: true })
    fireEvent.keyDown(picture, { key: 'ArrowRight' })
    fireEvent.keyDown(picture, { key: 'Enter' })
    expect(jobNow().exhaust.spots).toEqual([{ run: 'a', alongM: 0.185, clockDeg: 80 }])
  })
  it('ranks the best free spots with their losses, and takes one', async () => {
    openExhaust('spots', exhaustJob({ spots: [] }))
    await ready()
    const table = screen.getByRole('region', { name: 'Best positions, in order' })
    expect(within(table).getAllByRole('row')).toHaveLength(6)
    await userEvent.click(screen.getByRole('button', { name: 'Put sensor at position 1' }))
    expect(jobNow().exhaust.spots).toHaveLength(1)
    await waitFor(() => expect(headline().textContent).toContain('Sensor position and fitting OK'))
  })
  it('compares the schools and follows another', async () => {
    openExhaust('spots', exhaustJob())
    await ready()
    expect(
      within(screen.getByRole('region', { name: 'Recommendations on this pipe' })).getAllByRole('row'),
    ).toHaveLength(5)
    await userEvent.click(screen.getByRole('button', { name: 'Use the recommendation: Far, from 450 mm of the ports' }))
    expect(jobNow().exhaust.school).toBe('far')
  })
  it('an obstacle forbids as soon as it is measured, with both ends of its travel', async () => {
    openExhaust('spots', exhaustJob())
    await ready()
    await userEvent.click(screen.getByRole('button', { name: 'Add an obstacle' }))
    const type = async (label: string, text: string) => userEvent.type(screen.getByLabelText(label), text)
    await type('Centre, after the merge', '180')
    const clock = screen.getByLabelText('Centre, clock position')
    await userEvent.type(clock, '50')
    await type('Gap to the pipe', '300')
    expect(headline().textContent).toContain('Obstacle only partly measured')
    await type('Length along the pipe', '50')
    await type('Width around the pipe', '30')
    expect(headline().textContent).toContain('Sensor position and fitting OK')
    await userEvent.selectOptions(screen.getByLabelText('Moves in use'), 'yes')
    await type('Other end: gap to the pipe', '60')
    expect(headline().textContent).toContain('Sensor: position ruled out')
    expect(part('Assessment').getByText(/at both ends/)).toBeTruthy()
  })
  it('without an exhaust it says what to do', () => {
    openExhaust('spots', exhaustJob({ banks: [], spots: [] }))
    expect(part('Picture').getByText(/Enter the exhaust on tab “Pipe” first/)).toBeTruthy()
  })
  it('two sensors are worked on one after the other, each on its bank', async () => {
    openExhaust('spots', twoBankJob())
    await ready()
    await userEvent.click(screen.getByRole('button', { name: 'Sensor B' }))
    expect(await screen.findByRole('application', { name: /Bank B unrolled/ })).toBeTruthy()
    const along = screen.getByLabelText('After the merge')
    await userEvent.clear(along)
    await userEvent.type(along, '170')
    expect(jobNow().exhaust.spots.map((s) => [s.run, s.alongM])).toEqual([
      ['a', 0.18],
      ['b', 0.17],
    ])
  })
})

describe('heat, false readings, banks', () => {
  it('lists gas, wall and delay at each moment and opens the working', async () => {
    openExhaust('heat', exhaustJob())
    const table = screen.getByRole('region', { name: 'Heat and delay of sensor' })
    expect(within(table).getAllByRole('row')).toHaveLength(5)
    await userEvent.click(part('Assessment').getByRole('button', { name: /loop speed limit/ }))
    await userEvent.click(part('Assessment').getByRole('button', { name: 'Show working: sensor delay' }))
    expect(screen.getByRole('dialog').textContent).toContain('From injection to reading')
    expect(screen.getByRole('dialog').textContent).toContain('minimum integral time of the loop')
  })
  it('a hole tried is computed at once, by its place too', async () => {
    openExhaust('reading', exhaustJob())
    const idle = () =>
      within(screen.getByRole('region', { name: 'False air by operating condition' })).getByRole('row', {
        name: /Idle/,
      }).textContent
    const before = idle()
    await userEvent.type(screen.getByLabelText('Hole, as a round hole'), '6')
    expect(idle()).not.toBe(before)
    expect(idle()).toContain('follows')
    await userEvent.selectOptions(screen.getByLabelText('Location'), 'a the-pipe')
    expect(idle()).toContain('follows')
  })
  it('the map tells why at a cell', async () => {
    openExhaust('reading', exhaustJob({ airInjection: 'ports' }))
    expect(headline().textContent).toContain('Fails')
    await userEvent.click(screen.getByRole('button', { name: /^800 rpm, 95 kPa: ignore/ }))
    expect(part('Closed-loop region').getByText(/air is pumped into the ports/)).toBeTruthy()
  })
  it('crossed banks are drawn and stopped; the test goes into the job log', async () => {
    openExhaust('banks', twoBankJob())
    await userEvent.selectOptions(screen.getByLabelText('Sensor A trims'), 'b')
    expect(headline().textContent).toContain('Banks crossed')
    expect(headline().textContent).toContain('Next: Swap the sensor plugs or the injector groups, never both')
    expect(screen.getByRole('img', { name: /crossed/ })).toBeTruthy()
    await userEvent.selectOptions(screen.getByLabelText('Sensor A trims'), 'a')
    await userEvent.selectOptions(screen.getByLabelText('Sensor B trims'), 'b')
    await userEvent.selectOptions(screen.getByLabelText('What went lean'), 'own-went-lean')
    expect(headline().textContent).toContain('Sensor position and fitting OK')
    expect(booked().some((b) => b.text.includes('reading A went lean'))).toBe(true)
  })
})

describe('fitting, leaks and order', () => {
  it('a clamp that is too short is drawn, stopped, and its remedy fits', async () => {
    const job = exhaustJob({ joinBy: 'clamp' })
    openExhaust('fitting', { ...job, system: { ...job.system, welder: 'none' } })
    const boss = screen.getByLabelText('Bung')
    expect(within(boss).getByRole('option', { name: /does not fit this pipe · Clamp small/ })).toHaveProperty(
      'disabled',
      true,
    )
    await userEvent.selectOptions(boss, 'c2')
    expect(screen.getByRole('img', { name: /Clamp-on bung on a pipe of 50.*: it fits/ })).toBeTruthy()
    expect(headline().textContent).toContain('Sensor position and fitting OK')
  })
  it('the template is shown, and what keeps it from being drawn', async () => {
    openExhaust('fitting', exhaustJob())
    expect(screen.getByRole('img', { name: /Strip 157\.1\smm long/ })).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Template, A4' }).getAttribute('href')).toBe(
      '/api/jobs/test/drill-template.pdf?sensor=a&paper=a4&english=british',
    )
    await userEvent.selectOptions(screen.getByLabelText('Bung'), '')
    expect(screen.getByText(/No template yet: choose the bung first/)).toBeTruthy()
  })
  it('another sensor takes back that its type was set', async () => {
    openExhaust('fitting', exhaustJob())
    await userEvent.selectOptions(screen.getByLabelText('Oxygen sensor'), '')
    expect(jobNow().exhaust).toMatchObject({ sensor: null, typeSet: null })
  })
  it('a leak found holds the first start and stands in the job log; sealed, it does not', async () => {
    openExhaust('order', exhaustJob())
    const leaks = screen.getByRole('button', { name: 'Bank A, The pipe: flange: leaks' })
    await userEvent.click(leaks)
    expect(headline().textContent).toContain('A joint ahead of the sensor leaks')
    expect(headline().textContent).toContain('Next: Seal the flange at “The pipe”, and test it again')
    expect(part('Where things stand').getByText(/First start on hold: the pipe/)).toBeTruthy()
    await userEvent.type(screen.getByLabelText('Hole at the pipe, as a round hole'), '4')
    expect(jobNow().exhaust.banks[0]!.pieces[1]!.leakM).toBeCloseTo(0.004, 9)
    await userEvent.click(screen.getByRole('button', { name: 'Bank A, The pipe: flange: tight' }))
    expect(headline().textContent).toContain('Sensor position and fitting OK')
    expect(booked().map((b) => b.text)).toEqual(expect.arrayContaining(['leaks', 'tight now']))
  })
  it('a guest reads and enters nothing', () => {
    sitAsGuest('test')
    openExhaust(
      'order',
      exhaustJob({ banks: [{ ...exhaustJob().exhaust.banks[0]!, pieces: [piece('log', 0.4), piece('pipe', 2)] }] }),
    )
    expect(screen.getByRole('button', { name: /The log.*: tight/ })).toHaveProperty('disabled', true)
  })
  it('an unknown sheet is said to be none', () => {
    openExhaust('nothing', exhaustJob())
    expect(screen.getByRole('heading').textContent).toMatch(/no such page/)
  })
})
