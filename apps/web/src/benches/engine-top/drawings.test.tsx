import { cleanup, render, screen } from '@testing-library/react'
import {
  emptyConsumer,
  emptyJob,
  emptyLink,
  emptyPort,
  engineTopCase,
  type EngineTopSection,
  type JobDocument,
} from '@lochmoor/core'
import fc from 'fast-check'
import { RotorDrawing } from './ignition/RotorDrawing.tsx'
import { WheelDrawing } from './sensors/WheelDrawing.tsx'
import { LinkageDrawing } from './throttle/LinkageDrawing.tsx'
import { PortMap } from './vacuum/PortMap.tsx'

type Point = readonly [x: number, y: number]

const job = (top: Partial<EngineTopSection>, firingOrder = '1-5-3-6-2-4'): JobDocument => {
  const empty = emptyJob('Drawn')
  const chosen = { injection: 'throttle-body-low', build: 'from-parts', firing: 'batch', timing: 'locked-distributor', trigger: 'distributor', oxygenSensors: 1, fuelLoop: 'return', pumpPlace: 'in-tank' } as const // prettier-ignore
  return {
    ...empty,
    system: { ...empty.system, chosen },
    vehicle: { ...empty.vehicle, cylinders: 6, layout: 'inline' },
    walkAround: { ...empty.walkAround, engine: { ...empty.walkAround.engine, firingOrder } },
    engineTop: { ...empty.engineTop, ...top },
  }
}
const none = emptyJob('x').engineTop

/** Every point that a path of absolute moves, lines, arcs and curves comes to. */
const pointsOf = (d: string): Point[] =>
  [...d.matchAll(/([MLAC])([^MLACVZ]*)/g)].map(([, , args]) => {
    const numbers = args!
      .trim()
      .split(/[\s,]+/)
      .map(Number)
    return [numbers.at(-2)!, numbers.at(-1)!]
  })
const pathsOf = (of: Element): string[] => [...of.querySelectorAll('path')].map((p) => p.getAttribute('d')!)
const number = (of: Element, name: string): number => Number(of.getAttribute(name))
/** Degrees clockwise from straight up, of a place seen from another. */
const degOf = ([cx, cy]: Point, [x, y]: Point): number => (Math.atan2(x - cx, cy - y) * 180) / Math.PI
/** The shorter way from one angle to another. */
const turn = (from: number, to: number): number => ((((to - from) % 360) + 540) % 360) - 180
const far = ([cx, cy]: Point, [x, y]: Point): number => Math.hypot(x - cx, y - cy)

describe('the rotor under the cap', () => {
  interface Drawn {
    readonly middle: Point
    readonly rotor: ReadonlyMap<string, { readonly deg: number; readonly wideDeg: number; readonly element: Element }>
    readonly terminals: ReadonlyMap<number, { readonly deg: number; readonly wideDeg: number }>
  }
  const rendered = (ignition: Partial<EngineTopSection['ignition']>): Element => {
    cleanup()
    const known = { weights: 'locked', can: 'none', leastDeg: 6, mostDeg: 38, tipDeg: 10, terminalDeg: 14, pastDeg: 0, seenAtDeg: 22, turns: 'clockwise' } as const // prettier-ignore
    const c = engineTopCase(job({ ignition: { ...none.ignition, ...known, ...ignition } }))
    return render(<RotorDrawing ignition={c.ignition} />).container
  }
  const drawnAtAll = (ignition: Partial<EngineTopSection['ignition']>): boolean => rendered(ignition).innerHTML !== ''
  const draw = (ignition: Partial<EngineTopSection['ignition']>): Drawn => {
    const container = rendered(ignition)
    const circle = container.querySelector('circle')!
    const middle: Point = [number(circle, 'cx'), number(circle, 'cy')]
    const arc = (of: Element) => {
      const [from, to] = pointsOf(pathsOf(of)[0]!).map((p) => degOf(middle, p)) as [number, number]
      const wideDeg = turn(from, to)
      return { deg: from + wideDeg / 2, wideDeg }
    }
    return {
      middle,
      rotor: new Map([...container.querySelectorAll('[data-rotor]')].map((g) => [g.getAttribute('data-rotor')!, { ...arc(g), element: g }])), // prettier-ignore
      terminals: new Map([...container.querySelectorAll('[data-terminal]')].map((g) => [number(g, 'data-terminal'), arc(g)])), // prettier-ignore
    }
  }

  it('number one is straight up, the others follow in the firing order the way the rotor turns, each as wide as measured', () => {
    for (const [turns, sense] of [['clockwise', 1], ['anticlockwise', -1]] as const) { // prettier-ignore
      const { terminals } = draw({ turns })
      const at = [1, 5, 3, 6, 2, 4].map((n) => terminals.get(n)!)
      at.forEach(({ deg, wideDeg }, i) => {
        expect(Math.abs(turn(deg, sense * 60 * i))).toBeLessThan(0.2)
        expect(wideDeg).toBeCloseTo(14, 0)
      })
    }
  })
  it('crank degrees of advance are half as many of the distributor; more advance stands further back', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 8, max: 40 }),
        fc.integer({ min: -8, max: 8 }),
        fc.constantFrom('clockwise' as const, 'anticlockwise' as const),
        (leastDeg, more, pastDeg, turns) => {
          const mostDeg = leastDeg + more
          const { rotor } = draw({ leastDeg, mostDeg, pastDeg, seenAtDeg: leastDeg, turns })
          const sense = turns === 'clockwise' ? 1 : -1
          const [least, middle, most] = ['least', 'middle', 'most'].map((name) => rotor.get(name)!.deg)
          // Drawn to a tenth of a pixel.
          expect(Math.abs(turn(least!, sense * pastDeg))).toBeLessThan(0.3)
          expect(Math.abs(turn(least!, most!) + (sense * more) / 2)).toBeLessThan(0.4)
          expect(Math.abs(turn(least!, middle!) + (sense * more) / 4)).toBeLessThan(0.4)
        },
      ),
      { seed: 31, numRuns: 40 },
    )
  })
  it('what is drawn clear of number one’s terminal is red, and what lies under it is not', () => {
    for (const pastDeg of [-14, -11, -6, 0, 6, 11, 14, 20]) {
      const { rotor, terminals } = draw({ pastDeg })
      const one = terminals.get(1)!
      for (const { deg, element, wideDeg } of rotor.values()) {
        const overlapDeg = (one.wideDeg + wideDeg) / 2 - Math.abs(turn(one.deg, deg))
        if (Math.abs(overlapDeg) < 0.3) continue
        expect([pastDeg, element.getAttribute('data-overlap')]).toEqual([pastDeg, overlapDeg < 0 ? 'none' : 'some'])
        expect(element.querySelector('path')!.getAttribute('fill')).toBe(overlapDeg < 0 ? 'var(--stop)' : 'var(--accent)')
      }
    }
  })
  it('the name says the smallest overlap of the three', () => {
    draw({ pastDeg: 0 })
    // Eight degrees either way of the middle, twelve of room less eight: four.
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(/smallest overlap 4\.0\s?°/)
  })
  it('is not drawn from what nobody has measured', () => {
    for (const missing of ['tipDeg', 'terminalDeg', 'pastDeg'] as const) expect([missing, drawnAtAll({ [missing]: null })]).toEqual([missing, false])
    expect(drawnAtAll({})).toBe(true)
  })
}) // prettier-ignore

describe('the crank wheel', () => {
  it('the tooth under the sensor is on top; each that passed before it stands clockwise of it, a tooth further on', () => {
    fc.assert(
      fc.property(fc.constantFrom([36, 1], [60, 2], [24, 1], [12, 0], [4, 0]), fc.nat(59), ([teeth, missing], nth) => {
        cleanup()
        const toothAtTop = 1 + (nth % (teeth - missing))
        const wheel = { ...none.sensors.wheel, teeth: teeth, missing: missing, toothAtTop }
        const c = engineTopCase(job({ sensors: { ...none.sensors, wheel } }))
        const { container } = render(<WheelDrawing sensors={c.sensors} />)
        const circle = container.querySelector('circle')!
        const middle: Point = [number(circle, 'cx'), number(circle, 'cy')]
        const drawn = [...container.querySelectorAll('[data-tooth]')]
        expect(drawn).toHaveLength(teeth - missing)
        for (const tooth of drawn) {
          const [, left, right] = pointsOf(tooth.getAttribute('d')!).map((p) => degOf(middle, p))
          const deg = left! + turn(left!, right!) / 2
          const passedBefore = toothAtTop - number(tooth, 'data-tooth')
          expect(Math.abs(turn(deg, (passedBefore * 360) / teeth))).toBeLessThan(0.3)
        }
        // What the ECU is told: from the first tooth behind the gap to the one on top.
        const toldDeg = Math.round(((toothAtTop - 1) * 3600) / teeth) / 10
        expect(screen.getByText(`${toldDeg}°`)).toBeTruthy()
      }),
      { seed: 32, numRuns: 30 },
    )
  })
})

describe('the throttle linkage', () => {
  const lever = { rightM: -0.09, upM: 0.05, shaft: 'across', swungDeg: null, restDeg: 320, opens: 'clockwise' } as const
  const top = (drivenArmM: number): Partial<EngineTopSection> => ({
    throttle: {
      ...none.throttle,
      links: [
        {
          ...emptyLink('link-rod', 'Cross shaft rod', 'rod'),
          driver: { ...lever, aheadM: -0.29, armM: 0.0475 },
          driven: { ...lever, aheadM: 0, armM: drivenArmM },
        },
      ],
      padArmM: 0.21,
      pedalDeg: 60,
      plateDeg: 82,
    },
  })
  const draw = (pedal: number, drivenArmM = 0.036) => {
    cleanup()
    const c = engineTopCase(job(top(drivenArmM)))
    const { container } = render(<LinkageDrawing throttle={c.throttle} pedal={pedal} onPedal={() => {}} />)
    const lines = [...container.querySelectorAll('path')]
    const ends = (p: Element) => pointsOf(p.getAttribute('d')!) as [Point, Point]
    return {
      levers: lines.filter((p) => p.getAttribute('stroke-width') === '5').map(ends),
      rods: lines.filter((p) => p.getAttribute('stroke-width') === '2.6').map(ends),
      shafts: [...container.querySelectorAll('circle[r="7"]')].map((s): Point => [number(s, 'cx'), number(s, 'cy')]),
    }
  }
  it('wherever the pedal is, levers and rod keep their lengths, the rod ends on both balls, the shafts stay', () => {
    const rest = draw(0)
    const lengths = (of: readonly [Point, Point][]) => of.map(([a, b]) => far(a, b))
    const scale = lengths(rest.levers)[0]! / 0.0475
    expect(lengths(rest.levers)[1]! / scale).toBeCloseTo(0.036, 5)
    for (const pedal of [0.1, 0.35, 0.6, 0.85, 1]) {
      const { levers, rods, shafts } = draw(pedal)
      expect(shafts).toEqual(rest.shafts)
      for (const [i, length] of lengths(levers).entries()) expect(length).toBeCloseTo(lengths(rest.levers)[i]!, 4)
      expect(lengths(rods)[0]!).toBeCloseTo(lengths(rest.rods)[0]!, 4)
      expect(rods[0]).toEqual([levers[0]![1], levers[1]![1]])
    }
  })
  it('it moves with the pedal, the driven lever further where its arm is shorter', () => {
    const swung = (arm: number) => {
      const [rest, open] = [draw(0, arm), draw(0.5, arm)]
      return Math.abs(turn(degOf(rest.shafts[1]!, rest.levers[1]![1]), degOf(open.shafts[1]!, open.levers[1]![1])))
    }
    expect(swung(0.0475)).toBeGreaterThan(20)
    expect(swung(0.036)).toBeGreaterThan(swung(0.0475) + 3)
  })
})

describe('the plan of the vacuum hoses', () => {
  const port = (id: string, boreM: number | null, more = {}) => ({ ...emptyPort(id, id), boreM, kind: 'full' as const, draws: 'plenum' as const, ...more }) // prettier-ignore
  const draw = (vacuum: Partial<EngineTopSection['vacuum']>) => {
    cleanup()
    const c = engineTopCase(job({ vacuum: { ...none.vacuum, ...vacuum } }))
    const { container } = render(<PortMap vacuum={c.vacuum} />)
    const named = (kind: string) =>
      new Map([...container.querySelectorAll(`[data-${kind}]`)].map((g) => [g.querySelector('text')!.textContent, g]))
    return { hoses: c.vacuum.hoses, container, ports: named('port'), consumers: named('consumer') }
  }
  const ringOf = (g: Element) => g.querySelector('circle')!
  const consumers = [
    { ...emptyConsumer('servo', 'servo', 'servo'), boreM: 0.009 },
    { ...emptyConsumer('advance', 'advance', 'advance'), boreM: 0.004 },
    { ...emptyConsumer('sensor', 'sensor', 'pressure-sensor'), boreM: 0.004 },
  ]
  it('each hose runs from the middle of its own port’s ring to the middle of its consumer’s dot, dashed where the port is ported', () => {
    const { hoses, container, ports, consumers: drawn } = draw({
      ports: [port('small', 0.0045, { kind: 'ported' }), port('rear', 0.01), port('side', 0.005), port('spare', 0.006)],
      consumers,
    })
    const lines = [...container.querySelectorAll('[data-hose]')]
    expect(lines).toHaveLength(3)
    for (const { consumer, port: own } of hoses) {
      const [from, to] = [ringOf(ports.get(own!.id)!), ringOf(drawn.get(consumer.entry.name)!)]
      const ends = [from, to].map((c): Point => [number(c, 'cx'), number(c, 'cy')])
      const line = lines.find((l) => {
        const points = pointsOf(l.getAttribute('d')!)
        return far(points[0]!, ends[0]!) < 0.01 && far(points.at(-1)!, ends[1]!) < 0.01
      })
      expect([own!.id, line?.getAttribute('stroke-dasharray') ?? null]).toEqual([own!.id, own!.kind === 'ported' ? '6 4' : null])
      expect(line).toBeTruthy()
    }
    expect(ports.get('spare')!.getAttribute('data-port')).toBe('capped')
  })
  it('rings and dots are to one scale', () => {
    const { ports, consumers: drawn } = draw({ ports: [port('rear', 0.012), port('side', 0.006)], consumers: consumers.slice(0, 2) })
    const of = (g: Element) => number(ringOf(g), 'r')
    expect(of(ports.get('rear')!) / of(ports.get('side')!)).toBeCloseTo(2, 5)
    expect(of(drawn.get('servo')!) / of(ports.get('rear')!)).toBeCloseTo(0.75, 5)
  })
  it('without a port for it a consumer has a cross and no hose, and the name counts it', () => {
    const { container, consumers: drawn } = draw({ ports: [port('rear', 0.01)], consumers: consumers.slice(0, 1).concat(consumers.slice(2)) })
    const lost = [...drawn.values()].filter((g) => g.querySelector('circle') === null)
    expect(lost).toHaveLength(1)
    expect(container.querySelectorAll('[data-hose]')).toHaveLength(1)
    expect(screen.getByRole('img', { name: 'Plan of the vacuum hoses: 1 port, 2 consumers, 1 without a port' })).toBeTruthy()
  })
  it('a port nobody has measured is dashed and gets nothing', () => {
    const { ports, container } = draw({ ports: [port('unmeasured', null)], consumers: consumers.slice(1, 2) })
    expect(ports.get('unmeasured')!.getAttribute('data-port')).toBe('not measured')
    expect(ringOf(ports.get('unmeasured')!).getAttribute('stroke-dasharray')).toBe('3 3')
    expect(container.querySelectorAll('[data-hose]')).toHaveLength(0)
  })
}) // prettier-ignore
