import 'fake-indexeddb/auto'
import { act, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { emptyLeg, type FittingPart, type JobDocument, type LineLeg } from '@lochmoor/core'
import { undo } from '../../store/commands.ts'
import { outbox } from '../../store/outbox.ts'
import { stopSending } from '../../store/sending.ts'
import { headline, jobNow, openSheet, part } from '../../test/fuelBench.tsx'
import { WorkerHere } from '../../test/workerHere.ts'
import { catalogue, shortJob, soundJob } from '../../test/jobs.ts'
import { sitAsGuest, sitHere } from '../../test/session.ts'

beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
})
beforeEach(() => sitHere())
afterEach(stopSending)

const end: FittingPart = {
  id: 'end',
  name: 'End dash 6',
  priceClass: 2,
  make: 'reusable',
  dash: 6,
  angleDeg: 90,
  thread: '9/16-18 UNF, 37° flare',
  fits: ['lined-hose'],
  lossK: 0.5,
  takesUpM: 0.03,
  mostPressurePa: 2e6,
}
const withFittings = { ...catalogue, fittings: [end, { ...end, id: 'big', name: 'End dash 8', dash: 8 }] }
const withLegs = (...legs: LineLeg[]): JobDocument => {
  const job = soundJob()
  return { ...job, fuel: { ...job.fuel, feed: { ...job.fuel.feed, legs } } }
}
const leg = (name: string, lengthM: number, more: Partial<LineLeg> = {}): LineLeg => ({
  ...emptyLeg(`leg-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`, name),
  lengthM,
  ...more,
})
const inTank = (gapAboveM: number): JobDocument => {
  const job = soundJob()
  return {
    ...job,
    walkAround: { ...job.walkAround, tank: { ...job.walkAround.tank, depthM: 0.2, gapAboveM } },
    fuel: { ...job.fuel, pump: { ...catalogue.pumps[1]!, mount: 'module', hangerM: 0.21, hatHeightM: 0.03 } },
  }
}

describe('sheets of the fuel system', () => {
  it('carry the worst of what is judged on each, and lead to each other', async () => {
    openSheet('', shortJob())
    const tabs = within(screen.getByRole('navigation', { name: 'Tabs of the fuel system' }))
    expect(tabs.getByRole('link', { name: /Choose parts/ }).textContent).toContain('Fails')
    expect(tabs.getByRole('link', { name: /Injectors/ }).textContent).toBe('Injectors')
    await userEvent.click(tabs.getByRole('link', { name: /Suction and heat/ }))
    expect(part('Assessment').getByText('Pump inlet pressure')).toBeTruthy()
    expect(part('Assessment').queryByText(/Pressure not maintained/)).toBeNull()
    expect(headline().textContent).toContain('Pressure not maintained')
  })
  it('a sheet that there is not says so', () => {
    openSheet('carburettor', soundJob())
    expect(screen.getByRole('heading').textContent).toBe('There is no such page')
  })
})

describe('pressure', () => {
  it('eleven moments, the worst marked; a moment beside the scale can be shown', async () => {
    openSheet('', shortJob())
    const rows = within(screen.getByRole('region', { name: 'Operating conditions' })).getAllByRole('row')
    expect(rows).toHaveLength(12)
    expect(rows.filter((r) => r.textContent?.includes('(worst)'))).toHaveLength(1)
    await userEvent.click(screen.getByRole('button', { name: /^Prime, engine stopped/ }))
    expect(screen.getByRole('button', { name: /^Prime, engine stopped/ }).getAttribute('aria-pressed')).toBe('true')
    expect(screen.getByRole('button', { name: 'Idle' }).getAttribute('aria-pressed')).toBe('false')
    await userEvent.click(screen.getByRole('button', { name: 'Cruise' }))
    expect(screen.getByRole('button', { name: /^Prime, engine stopped/ }).getAttribute('aria-pressed')).toBe('false')
  })

  it('the probability is worked out beside the page, can be cancelled, and says when it no longer fits', async () => {
    openSheet('', soundJob())
    await userEvent.click(screen.getByRole('button', { name: 'Work out the probability' }))
    const answer = await screen.findByRole('status', { name: 'Probability that the pressure holds' })
    expect(answer.textContent).toMatch(/Passes in every condition in \d+\.\d/)
    expect(answer.textContent).toMatch(/Measure next: /)
    expect(within(answer).getAllByRole('row')).toHaveLength(11)
    const low = part('Measured').getByLabelText('Minimum voltage at the pump')
    await userEvent.clear(low)
    await userEvent.type(low, '11.5')
    expect(answer.textContent).toContain('The design has changed since')
    const before = WorkerHere.ended['fuelWorker']
    await userEvent.clear(screen.getByLabelText('Seed'))
    await userEvent.type(screen.getByLabelText('Seed'), '-1')
    expect(screen.getByRole('button', { name: 'Work out the probability' }).hasAttribute('disabled')).toBe(true)
    expect(WorkerHere.ended['fuelWorker']).toBe(before)
  })
})

describe('choose parts', () => {
  it('ranks by itself, takes a combination as one step of undo, and marks what is chosen', async () => {
    openSheet('choose', shortJob())
    const table = await screen.findByRole('region', { name: 'Combinations' })
    expect(screen.getByText(/combinations pass/)).toBeTruthy()
    expect(headline().textContent).toContain('Pressure not maintained')
    await userEvent.click(within(table).getAllByRole('button', { name: /^Use Pump fit/ })[0]!)
    expect(headline().textContent).not.toContain('Pressure not maintained')
    expect(jobNow().fuel.pump?.id).toBe('fit')
    await waitFor(() => expect(within(table).getByText('chosen')).toBeTruthy())
    act(() => undo())
    expect(jobNow().fuel.pump?.id).toBe('weak')
  })
  it('those that fail are shown on demand, with what stands against them', async () => {
    openSheet('choose', shortJob())
    await screen.findByRole('region', { name: 'Combinations' })
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'all')
    const pumps = within(screen.getByRole('region', { name: 'Pumps' }))
    expect(pumps.getByText('pressure not maintained')).toBeTruthy()
    await userEvent.selectOptions(screen.getByLabelText('Order'), 'reserve')
    const first = within(screen.getByRole('region', { name: 'Combinations' })).getAllByRole('row')[1]!
    expect(first.textContent).toContain('passes')
  })
  it('what does not fit is left out and named, our own parts can be asked for alone, and the strainer comes with the pump', async () => {
    const hanging = { ...catalogue.pumps[1]!, id: 'own-hanging', name: 'Own hanging', mount: 'in-tank' as const, hangerM: 0.2, hatHeightM: 0.02 } // prettier-ignore
    const sock = { ...catalogue.filters[0]!, id: 'sock', name: 'A sock', mount: 'sock' as const }
    const tall = { ...hanging, id: 'tall', name: 'Tall hat', hatHeightM: 0.2 }
    const stock = { ...catalogue, pumps: [...catalogue.pumps, hanging, tall], filters: [...catalogue.filters, sock] }
    const job = shortJob()
    const tank = { ...job.walkAround.tank, depthM: 0.2, gapAboveM: 0.08 }
    openSheet('choose', { ...job, walkAround: { ...job.walkAround, tank } }, stock as unknown as typeof catalogue)
    const table = await screen.findByRole('region', { name: 'Combinations' })
    const left = screen.getByRole('region', { name: 'Left out' })
    expect(left.textContent).toMatch(/the hat fouls the floor above\s*Tall hat \(by/)
    expect(within(table).queryByRole('button', { name: /^Use Tall hat/ })).toBeNull()
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'passing')
    await userEvent.click(within(table).getAllByRole('button', { name: /^Use Own hanging/ })[0]!)
    expect([jobNow().fuel.pump?.id, jobNow().fuel.strainer?.id]).toEqual(['own-hanging', 'sock'])
    await userEvent.click(screen.getByLabelText('Only our own parts'))
    await waitFor(() => expect(left.textContent).toMatch(/not one of our own/))
  })
  it('says in words why nothing can be ranked, where vacuum takes the whole set pressure', () => {
    const job = soundJob()
    openSheet('choose', { ...job, fuel: { ...job.fuel, setPressurePa: 40e3 } })
    expect(screen.getByRole('alert').textContent).toContain('vacuum cancels the whole set pressure')
  })
  it('filters tell their drop at the flow they really see, and both schools', () => {
    openSheet('choose', soundJob())
    const note = within(screen.getByRole('region', { name: 'Filters' }))
    expect(note.getByText('10 micron')).toBeTruthy()
    expect(note.getByText(/practice differs/)).toBeTruthy()
  })
})

describe('injectors', () => {
  it('a set is taken, and the lever refuses what the regulator cannot', async () => {
    const job = soundJob()
    const other = { ...catalogue.injectors[0]!, id: '900', name: 'Injector 900', ratedFlowM3S: 40e-6 }
    openSheet('injectors', job, { ...catalogue, injectors: [...catalogue.injectors, other] })
    const sets = part('Injector sets')
    expect(sets.getByText('too large: pulse width at idle is too short to meter')).toBeTruthy()
    await userEvent.click(sets.getByRole('button', { name: 'Use Injector 900' }))
    expect(jobNow().fuel.injector?.id).toBe('900')
    const lever = part('Changing base pressure')
    await userEvent.clear(lever.getByLabelText('Measured lambda'))
    await userEvent.type(lever.getByLabelText('Measured lambda'), '1.3')
    await userEvent.clear(lever.getByLabelText('Target lambda'))
    await userEvent.type(lever.getByLabelText('Target lambda'), '0.8')
    expect(lever.getByText(/Drawbacks/)).toBeTruthy()
    await userEvent.clear(lever.getByLabelText('Target lambda'))
    expect(lever.getByText(/is not allowed: 0.7 to 1.3/)).toBeTruthy()
  })
})

describe('return or single', () => {
  it('shows both, the trap with figures, and takes the other one with a decision in the book', async () => {
    const single = { ...catalogue.regulators[0]!, id: 's', name: 'Regulator s', type: 'single-line' as const }
    const both = { ...catalogue, regulators: [...catalogue.regulators, single] } as unknown as typeof catalogue
    openSheet('loop', soundJob(), both)
    expect(part('Side by side').getByText(/The regulator stays in control/)).toBeTruthy()
    const article = within(screen.getByRole('article', { name: 'Returnless' }))
    await userEvent.click(article.getByRole('button', { name: 'Use this one' }))
    expect(jobNow().fuel).toMatchObject({ systemType: 'single-line', referenced: false, regulator: { id: 's' } })
    expect(article.getByText('This is your current design.')).toBeTruthy()
    const records = outbox.ofJob('test').filter((e) => e.kind === 'record')
    expect(JSON.stringify(records.at(-1))).toContain('Fuel loop: returnless')
  })
  it('the old line is judged by what is measured of it', async () => {
    openSheet('loop', soundJob())
    const old = part('Old line')
    await userEvent.selectOptions(old.getByLabelText('Reused as'), 'return')
    await userEvent.type(old.getByLabelText('Outside diameter'), '8')
    await userEvent.type(old.getByLabelText('Wall thickness'), '0.7')
    await userEvent.selectOptions(old.getByLabelText('Joints'), 'hose-and-clip')
    expect(part('Assessment').getByText(/they blow apart at injection pressure/)).toBeTruthy()
    await userEvent.selectOptions(old.getByLabelText('Joints'), 'flared')
    expect(part('Assessment').getByText(/Test it before fuel goes in/)).toBeTruthy()
  })
})

describe('suction and heat', () => {
  it('follows a figure while it is typed, and opens workings', async () => {
    openSheet('suction', soundJob())
    const hot = part('Measured').getByLabelText('Hottest fuel in the tank')
    await userEvent.clear(hot)
    await userEvent.type(hot, '65 °C')
    expect(part('Assessment').getByText(/Fuel boils at the pump/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Prime, lines empty: show working' }))
    expect(within(screen.getByRole('dialog')).getByText(/time to fill the empty line/)).toBeTruthy()
  })
})

describe('lines', () => {
  it('the first leg begins as the whole line; legs are added, moved and removed, each one step of undo', async () => {
    openSheet('lines', soundJob(), withFittings as unknown as typeof catalogue)
    await userEvent.click(screen.getByRole('button', { name: 'Describe it leg by leg' }))
    expect(jobNow().fuel.feed.legs).toMatchObject([{ name: 'Whole line', lengthM: 4, bends90: 3 }])
    await userEvent.click(screen.getByRole('button', { name: 'Add a leg' }))
    await userEvent.type(screen.getByLabelText('Length, seat to seat'), '0.8')
    expect(jobNow().fuel.feed.legs[1]).toMatchObject({ name: 'Leg 2', lengthM: 0.8 })
    await userEvent.click(screen.getByRole('button', { name: 'Move Leg 2 up' }))
    expect(jobNow().fuel.feed.legs.map((l) => l.name)).toEqual(['Leg 2', 'Whole line'])
    await userEvent.click(screen.getByRole('button', { name: 'Remove Leg 2' }))
    expect(jobNow().fuel.feed.legs.map((l) => l.name)).toEqual(['Whole line'])
    act(() => undo())
    expect(jobNow().fuel.feed.legs).toHaveLength(2)
  })
  it('an end of another size cannot be chosen and says why; one that fits shortens the cut', async () => {
    const counts = { bends90: 0, bends45: 0 }
    openSheet('lines', withLegs(leg('Tank to body', 1, counts)), withFittings as unknown as typeof catalogue)
    const select = screen.getByLabelText<HTMLSelectElement>('Start fitting')
    const option = [...select.options].find((o) => o.value === 'big')!
    expect(option.disabled).toBe(true)
    expect(option.textContent).toContain('size dash 8')
    // 1 m over 0.98 is 1020.4 mm; the end takes 30 of them.
    expect(screen.getByRole('img', { name: /Tank to body: cut 1020/ })).toBeTruthy()
    await userEvent.selectOptions(select, 'end')
    expect(screen.getByRole('img', { name: /Tank to body: cut 990/ })).toBeTruthy()
    expect(screen.getByRole('region', { name: 'Fitting the ends' }).textContent).toContain('Two-piece end')
  })
  it('a leg whose bends nobody counted has no length to cut; counted, it has', async () => {
    openSheet('lines', withLegs(leg('Tank to body', 1)))
    const list = within(screen.getByRole('region', { name: 'Cut list' }))
    expect(list.getAllByText('count bends first').length).toBeGreaterThan(0)
    await userEvent.type(screen.getByLabelText('Bends of 90°'), '2')
    await userEvent.type(screen.getByLabelText('Bends of 45°'), '0')
    expect(list.queryByText('count bends first')).toBeNull()
  })
  it('a leg near the exhaust is found, in the judgement and in the list', () => {
    openSheet('lines', withLegs(leg('By the silencer', 1, { exhaustGapM: 0.03 })))
    expect(part('Assessment').getAllByText(/a sleeve is not enough/).length).toBeGreaterThan(1)
    expect(headline().textContent).toContain('By the silencer')
  })
  it('a leg is chosen on the strip by keyboard; an empty name is refused and the last one holds', async () => {
    openSheet('lines', withLegs(leg('One', 1), leg('Two', 2)))
    screen.getByRole('button', { name: /^feed: Two/ }).focus()
    await userEvent.keyboard('{Enter}')
    const name = screen.getByLabelText<HTMLInputElement>('Called')
    expect(name.value).toBe('Two')
    await userEvent.clear(name)
    expect(screen.getByText(/A leg needs a name/)).toBeTruthy()
    expect(jobNow().fuel.feed.legs[1]!.name).toBe('Two')
  })
  it('a piece longer than the stock is refused by its leg', () => {
    openSheet('lines', withLegs(leg('Whole way', 7)))
    expect(screen.getByRole('alert').textContent).toMatch(/“.+” is cut to .* is sold in lengths of .*split the leg/)
  })
})

describe('tank', () => {
  it('the section says by how much the hat fouls and what hat would fit', async () => {
    openSheet('tank', inTank(0.045))
    expect(screen.getByRole('img', { name: /heights to scale.*over by/ })).toBeTruthy()
    expect(screen.getByText(/over by 10\.0.*a hat of 20\.0/)).toBeTruthy()
    const gap = part('Measured').getByLabelText('Gap above the tank, to the floor')
    await userEvent.clear(gap)
    await userEvent.type(gap, '60 mm')
    expect(screen.getByRole('img', { name: /heights to scale.*clears by 5\.0/ })).toBeTruthy()
    expect(jobNow().walkAround.tank.gapAboveM).toBeCloseTo(0.06, 9)
  })
  it('without its measures it asks for them in words', () => {
    const job = inTank(0.05)
    openSheet('tank', {
      ...job,
      walkAround: { ...job.walkAround, tank: { ...job.walkAround.tank, depthM: null } },
      fuel: { ...job.fuel, tank: { ...job.fuel.tank, floorLengthM: null } },
    })
    expect(screen.getByText(/then drawn to scale/)).toBeTruthy()
    expect(part('Picture').getByText(/Measure the tank floor and the pick-up/)).toBeTruthy()
  })
  it('a vent that ends inside stops everything', async () => {
    openSheet('tank', soundJob())
    await userEvent.selectOptions(part('Measured').getByLabelText('Vent outlet'), 'inside')
    expect(headline().textContent).toContain('Vent outlet inside the car')
  })
})

const lastEntry = (): string =>
  JSON.stringify(
    outbox
      .ofJob('test')
      .filter((e) => e.kind === 'record')
      .at(-1),
  )

describe('order', () => {
  it('lists what follows, gives papers in the reader’s units, and orders with a decision', async () => {
    openSheet('order', soundJob())
    await screen.findByRole('link', { name: 'Working sheet, Letter' })
    expect(part('Parts to order').getByText('Injector 200')).toBeTruthy()
    const sheet = screen.getByRole('link', { name: 'Working sheet, Letter' })
    expect(sheet.getAttribute('href')).toMatch(
      /^\/api\/jobs\/test\/fuel\/sheet\.pdf\?paper=letter&english=british&units=/,
    )
    const needs = part('What the order needs')
    expect(needs.getByRole('link', { name: 'Vent line' }).getAttribute('href')).toMatch(/fuel\/tank$/)
    expect(needs.getByRole('link', { name: 'Pump relay and fuse' })).toBeTruthy()
    expect(part('Still open on this job').getByRole('link', { name: 'Exhaust sensor' })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Mark these parts as ordered' }))
    expect(jobNow().work.state).toBe('parts-ordered')
    expect(screen.getByText(/This job is at “parts ordered”/)).toBeTruthy()
    expect(lastEntry()).toMatch(/Fuel parts ordered, \d+ lines.*Still open: .*exhaust sensor: not started/)
  })
  it('in spite of repairs and of what fails at any station only with a reason, and the book keeps what stood open', async () => {
    const short = shortJob()
    const tests = { ...short.walkAround.tests, compressionPa: [1.2e6, 1.2e6, 0.3e6, 1.2e6, 1.2e6, 1.2e6] }
    openSheet('order', { ...short, walkAround: { ...short.walkAround, tests } })
    const open = part('Still open on this job')
    expect(open.getByRole('link', { name: /^Repair first: / }).getAttribute('href')).toMatch(/walk-around\/tests$/)
    expect(open.getByRole('link', { name: /Pressure not maintained/ })).toBeTruthy()
    expect(screen.getByText(/points are against ordering now/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Order anyway' }))
    expect(jobNow().work.state).toBe('asked')
    expect(screen.getByRole('alert').textContent).toContain('Say why')
    await userEvent.type(screen.getByLabelText('Reason for ordering anyway'), 'The pump comes from another job')
    await userEvent.click(screen.getByRole('button', { name: 'Order anyway' }))
    expect(jobNow().work.state).toBe('parts-ordered')
    const entry = lastEntry()
    expect(entry).toContain('The pump comes from another job')
    expect(entry).toMatch(/in spite of \d+ points against it/)
    expect(entry).toMatch(/Still open: repair first: .*fuel system: Pressure not maintained/)
  })
  it('what is not looked at stays open until it is', async () => {
    const job = soundJob()
    openSheet('order', { ...job, fuel: { ...job.fuel, safety: { stopsWithEngine: true, inertiaSwitch: true, fused: null } } }) // prettier-ignore
    expect(headline().textContent).toContain('Pump stops with the engine')
    await userEvent.selectOptions(part('Safety').getByLabelText('If a wire chafes'), 'no')
    expect(part('Assessment').getByText(/its feed is not fused/)).toBeTruthy()
  })
  it('a guest reads and changes nothing', () => {
    sitAsGuest('test')
    openSheet('order', soundJob())
    expect(screen.getByRole('button', { name: 'Mark these parts as ordered' }).hasAttribute('disabled')).toBe(true)
    expect(part('Safety').getByLabelText('With the engine').matches(':disabled')).toBe(true)
  })
})
