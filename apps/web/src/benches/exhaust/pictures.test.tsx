import 'fake-indexeddb/auto'
import { fireEvent, render, screen, within } from '@testing-library/react'
import { emptyBank, emptyPiece, exhaustCase, withValueAt, type BungPart, type ExhaustPiece } from '@lochmoor/core'
import { setUnit } from '../../store/preferences.ts'
import { exhaustCatalogue, exhaustJob, piece, twoBankJob } from '../../test/exhaustBench.tsx'
import { sitHere } from '../../test/session.ts'
import { BankDrawing } from './banks/BankDrawing.tsx'
import { ClampDrawing } from './fitting/ClampDrawing.tsx'
import { DeadCylinderPanel } from './reading/DeadCylinderPanel.tsx'
import { FittingSteps } from './fitting/FittingSteps.tsx'
import { TemplatePreview } from './fitting/TemplatePreview.tsx'
import { HeatChart } from './heat/HeatChart.tsx'
import { MomentTable } from './heat/MomentTable.tsx'
import { ExhaustDrawing } from './pipe/ExhaustDrawing.tsx'
import { PipeTable } from './pipe/PipeTable.tsx'
import { RichChart } from './reading/RichChart.tsx'
import { SteeringTable } from './reading/SteeringTable.tsx'

beforeEach(() => sitHere())
afterEach(() => {
  setUnit('temperature', '°C')
  setUnit('lambda', 'lambda')
  setUnit('bore', 'mm')
})

const withPieces = (pieces: readonly ExhaustPiece[]) =>
  exhaustCase(exhaustJob({ banks: [{ ...emptyBank, cylinders: [1, 2, 3, 4], pieces }] }))

describe('side view and plan', () => {
  const chosen: (readonly [string, number])[] = []
  const draw = (pieces: readonly ExhaustPiece[], groundClearanceM: number | null = null) => {
    chosen.length = 0
    const { runs, exhaust } = withPieces(pieces)
    return render(
      <ExhaustDrawing
        runs={runs}
        spots={exhaust.spots}
        groundClearanceM={groundClearanceM}
        chosen={{ run: 'a', index: 0 }}
        onPiece={(run, index) => chosen.push([run, index])}
      />,
    )
  }
  it('a piece is chosen with Enter; what is assumed is said and dashed', () => {
    const { container } = draw([
      piece('log', 0.4),
      { ...emptyPiece('piece-long', 'pipe', 'Long one'), outsideM: 0.05 },
      piece('open-end', 0.01),
    ])
    fireEvent.keyDown(screen.getByRole('button', { name: /Long one, 500.*mm assumed/ }), { key: 'Enter' })
    expect(chosen).toEqual([['a', 1]])
    expect(container.querySelectorAll('path[stroke-dasharray="5 4"]').length).toBe(2)
  })
  it('both views have one scale: a metre of level pipe is as long in both', () => {
    const { container } = draw([piece('log', 0.3), piece('pipe', 1), piece('open-end', 0.01)])
    const lengths = [...container.querySelectorAll('path[stroke-width]')].flatMap((p) => {
      const m = /^M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)$/.exec(p.getAttribute('d') ?? '')
      return m ? [Math.hypot(Number(m[3]) - Number(m[1]), Number(m[4]) - Number(m[2]))] : []
    })
    const longest = Math.max(...lengths)
    // Outline and filling of the pipe, in two views.
    expect(lengths.filter((l) => Math.abs(l - longest) < 0.11)).toHaveLength(4)
  })
  it('the line that is to stay free is drawn where one is set', () => {
    draw([piece('log', 0.3), piece('pipe', 1), piece('open-end', 0.01)], 0.14)
    expect(screen.getByText(/keep clear: 140/)).toBeTruthy()
  })
})

describe('which cylinders have met where', () => {
  it('says one in each, two in each, and which after the last merge', () => {
    const { runs } = withPieces([
      piece('primaries', 0.4, { count: 4 }),
      piece('merge', 0.1, { count: 2, name: 'Pairs' }),
      piece('pipe', 0.4, { count: 2, name: 'Secondaries' }),
      piece('merge', 0.1, { name: 'Collector' }),
      piece('pipe', 2),
    ])
    render(<PipeTable runs={runs} />)
    const row = (name: RegExp) => screen.getByRole('row', { name })
    expect(row(/4 × The primaries/).textContent).toContain('one in each')
    expect(row(/2 × Secondaries/).textContent).toContain('2 in each')
    expect(row(/Collector/).textContent).toContain('1, 2, 3, 4')
  })
  it('says where the cylinders are not named', () => {
    const { runs } = exhaustCase(
      exhaustJob({ banks: [{ ...emptyBank, pieces: [piece('log', 0.4), piece('pipe', 1)] }] }),
    )
    render(<PipeTable runs={runs} />)
    expect(screen.getAllByText('cylinders not named')).toHaveLength(2)
  })
})

describe('heat in the reader’s units', () => {
  const c = exhaustCase(exhaustJob())
  const [spot] = exhaustJob().exhaust.spots
  it('lists every moment, and outside air at idle only', () => {
    render(<MomentTable c={c} spot={spot!} name="Sensor" />)
    expect(within(screen.getByRole('row', { name: /^Idle/ })).getByText(/mm$/)).toBeTruthy()
    expect(screen.getAllByText('not under load')).toHaveLength(3)
  })
  it('in degrees Fahrenheit and inches', () => {
    setUnit('temperature', '°F')
    setUnit('bore', 'in')
    render(<MomentTable c={c} spot={spot!} name="Sensor" />)
    expect(screen.getByRole('row', { name: /^Full load/ }).textContent).toMatch(/1[2-6]\d\d\s?°F/)
  })
  it('draws the limits of the sensor', () => {
    render(
      <HeatChart
        c={c}
        run={c.runs[0]!}
        what="gasK"
        spotsM={[0.18]}
        limits={[{ si: 1123, says: 'sensor, continuous' }]}
      />,
    )
    expect(screen.getByText('sensor, continuous')).toBeTruthy()
    expect(screen.getByRole('img', { name: /Gas along the pipe/ })).toBeTruthy()
  })
})

describe('readings', () => {
  it('too rich to burn, in lambda and as an air-fuel ratio', () => {
    const { unmount } = render(<RichChart readsToLambda={null} />)
    expect(screen.getByText('true mixture, λ')).toBeTruthy()
    unmount()
    setUnit('lambda', 'afr')
    render(<RichChart readsToLambda={null} />)
    expect(screen.getByText('true mixture, AFR petrol')).toBeTruthy()
  })
  it('the map has a row for each load, heaviest on top', () => {
    render(<SteeringTable c={exhaustCase(exhaustJob())} />)
    const heads = screen.getAllByRole('rowheader').map((h) => h.textContent?.replace('\u2009', ' '))
    expect(heads[0]).toBe('95 kPa')
    expect(heads.at(-1)).toBe('25 kPa')
  })
  it('without a spot there is no map', () => {
    const { container } = render(<SteeringTable c={exhaustCase(exhaustJob({ spots: [] }))} />)
    expect(container.textContent).toBe('')
  })
})

describe('banks', () => {
  it.each([
    [{ a: 'a', b: 'b' }, /trims bank A by sensor A and bank B by sensor B$/],
    [{ a: 'b', b: 'a' }, /trims bank B by sensor A and bank A by sensor B: crossed/],
    [{ a: null, b: null }, /bank unknown by sensor A/],
  ] as const)('%j', (steers, name) => {
    render(<BankDrawing job={twoBankJob({ steers })} />)
    expect(screen.getByRole('img', { name })).toBeTruthy()
  })
})

describe('fitting', () => {
  const clamp = (more: Partial<BungPart> = {}): BungPart => ({ ...exhaustCatalogue.bungs[2]!, ...more })
  it.each([
    ['fits', {}, 0.05, /it fits/],
    ['too short', {}, 0.0545, /the band is too short/],
    ['too long', {}, 0.0472, /the band is too long/],
    ['a curved saddle', { saddleRadiusM: 0.019 }, 0.05, /sits on its edges/],
    ['a flat saddle', { saddleRadiusM: 0.05 }, 0.05, /touches in the middle/],
  ] as const)('a clamp that %s', (_n, more, pipeM, name) => {
    render(<ClampDrawing bung={clamp(more)} pipeM={pipeM} />)
    expect(screen.getByRole('img', { name })).toBeTruthy()
  })
  it('a boss to weld has no clamp to draw', () => {
    const { container } = render(<ClampDrawing bung={exhaustCatalogue.bungs[0]!} pipeM={0.05} />)
    expect(container.innerHTML).toBe('')
  })
  it('the steps follow what holds the sensor, and its own tightening', () => {
    const { unmount } = render(
      <FittingSteps job={exhaustJob({ bung: clamp(), sensor: exhaustCatalogue.sensors[0]! })} />,
    )
    expect(screen.getByText(/Tighten both sides in turn/)).toBeTruthy()
    expect(screen.getByText(/45/)).toBeTruthy()
    unmount()
    render(<FittingSteps job={exhaustJob({ bung: null, sensor: null })} />)
    expect(screen.getByText(/Tack the bung in four places/)).toBeTruthy()
    expect(screen.getByText(/40 to 60 N m/)).toBeTruthy()
  })
  it('the steps name this car’s earthed terminal, and the lean end of its display', () => {
    const job = exhaustJob({ bung: null, readsToLambda: 1.36 })
    const { unmount } = render(<FittingSteps job={withValueAt(job, 'walkAround.battery.earth', 'positive')} />)
    expect(screen.getByText(/earthed terminal \(positive\) comes off first/)).toBeTruthy()
    expect(screen.getByText(/reads its lean end/).textContent).toMatch(/1\.36/)
    unmount()
    render(<FittingSteps job={withValueAt(job, 'walkAround.battery.earth', 'negative')} />)
    expect(screen.getByText(/earthed terminal \(negative\) comes off first/)).toBeTruthy()
  })
  it('a reading leaner than the display goes is pinned, and says so', () => {
    const { unmount } = render(<DeadCylinderPanel job={exhaustJob({ readsToLambda: 1.3 })} cylinders={4} />)
    expect(screen.getAllByText(/pinned/)).toHaveLength(1)
    unmount()
    render(<DeadCylinderPanel job={exhaustJob({ readsToLambda: null })} cylinders={4} />)
    expect(screen.queryByText(/pinned/)).toBeNull()
  })
  it('a position that is ruled out says so; from a diameter nobody measured there is no template', () => {
    const below = (outsideM: number | null) =>
      exhaustJob({
        spots: [{ run: 'a', alongM: 0.9, clockDeg: 120 }],
        banks: [
          {
            ...exhaustJob().exhaust.banks[0]!,
            pieces: [piece('log', 0.4), piece('pipe', 2.4, { outsideM }), piece('open-end', 0.01)],
          },
        ],
      })
    const { unmount } = render(<TemplatePreview c={exhaustCase(below(0.05))} index={0} />)
    expect(screen.getByText(/This position is ruled out/)).toBeTruthy()
    expect(screen.getByText(/Draw a line around the pipe/)).toBeTruthy()
    unmount()
    render(<TemplatePreview c={exhaustCase(below(null))} index={0} />)
    expect(screen.getByText(/No template yet: measure the pipe’s diameter there first/)).toBeTruthy()
    expect(screen.queryByRole('link', { name: /Template/ })).toBeNull()
  })
})
