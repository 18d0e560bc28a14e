// @ts-check
import * as library from 'epanet-js'
import { solveFuelCircuit } from '../packages/core/dist/index.js'
import { often, report, reportRange } from './measure.mjs'
import { randomCircuits } from './randomCircuits.mjs'

/** The package's types cannot be read from where they lie. */
const { FlowUnits, HeadLossType, InitHydOption, LinkProperty, LinkType, NodeProperty, NodeType, Option, Project, Workspace } = /** @type {any} */ (library) // prettier-ignore
/** Its number in the published interface; the package does not name it. */
const GPV_CURVE = 24

/** @typedef {import('../packages/core/src/index.ts').FuelCircuit} FuelCircuit */
/** @typedef {import('../packages/core/src/index.ts').Line} Line */
/** @typedef {import('../packages/core/src/index.ts').Loss} Loss */

const GRAVITY_M_S2 = 9.80665
/** Viscosity that the solver's is a multiple of, m²/s. */
const ITS_WATER_M2_S = 1.0219e-6
const STATES = /** @type {const} */ (['in-control', 'not-held', 'lifted', 'starved'])

/** Return-type circuits, as many of each state. @param {number} each */
const circuitsOfEachState = (each) => {
  /** @type {Record<string, FuelCircuit[]>} */
  const found = Object.fromEntries(STATES.map((s) => [s, []]))
  for (let seed = 1; STATES.some((s) => (found[s]?.length ?? 0) < each); seed++)
    for (const [i, c] of randomCircuits(200, seed).entries()) {
      if (c.regulator.type !== 'return' || c.return === null || c.demandM3S === 0) continue
      // Every second one comes back through a line that is too thin.
      const back = i % 2 === 0 ? c.return : { ...c.return, boreM: c.return.boreM / 3 }
      // The published solver has no regulator whose pressure rises with its flow.
      const circuit = { ...c, return: back, regulator: { ...c.regulator, slopePaPerM3S: 0 } }
      const answer = solveFuelCircuit(circuit)
      if (!answer.ok) continue
      const own = found[answer.value.state]
      if (own && own.length < each) own.push(circuit)
    }
  return found
}

/** @param {Loss | null} loss @param {number} q */
const dropPa = (loss, q) => {
  if (!loss) return 0
  const [share, linear] = [q / loss.flowM3S, loss.linearShare ?? 0]
  return loss.dropPa * (linear * share + (1 - linear) * share * share)
}

/** The circuit as a network: tank, pump, filter, feed, rail, regulator that holds what stands before it, return. */
const build = (/** @type {any} */ model, /** @type {FuelCircuit} */ c) => {
  const head = (/** @type {number} */ pa) => pa / (c.fluid.densityKgM3 * GRAVITY_M_S2)
  model.init('report', 'out', FlowUnits.LPS, HeadLossType.DW)
  model.setOption(Option.SpViscos, c.fluid.kinematicViscosityM2S / ITS_WATER_M2_S)
  model.setOption(Option.Accuracy, 1e-6)
  model.setOption(Option.Trials, 200)
  model.addNode('tank', NodeType.Reservoir)
  for (const id of ['outlet', 'filtered']) model.addNode(id, NodeType.Junction)
  const [rail, , ] = ['rail', 'kept', 'back'].map((id) => {
    const node = model.addNode(id, NodeType.Junction)
    model.setNodeValue(node, NodeProperty.Elevation, c.feed.riseM)
    return node
  }) // prettier-ignore
  if (rail === undefined) throw new Error('the rail was not made')
  model.setNodeValue(rail, NodeProperty.BaseDemand, 1e3 * c.demandM3S)
  const curve = (/** @type {string} */ id, /** @type {[litresS: number, headM: number][]} */ points) => {
    model.addCurve(id)
    const index = model.getCurveIndex(id)
    model.setCurve(index, points.map((p) => p[0]), points.map((p) => p[1])) // prettier-ignore
    return index
  }
  const loss = (/** @type {string} */ id, /** @type {string} */ from, /** @type {string} */ to, /** @type {(q: number) => number} */ pa) => {
    const link = model.addLink(id, LinkType.GPV, from, to)
    const flows = [0, 0.2, 0.5, 1, 1.5, 2, 3].map((k) => k * 5e-5)
    model.setLinkValue(link, GPV_CURVE, curve(`${id}-curve`, flows.map((q) => [1e3 * q, head(pa(q))]))) // prettier-ignore
  } // prettier-ignore
  const pipe = (
    /** @type {string} */ id,
    /** @type {string} */ from,
    /** @type {string} */ to,
    /** @type {Line} */ l,
  ) =>
    model.setPipeData(
      model.addLink(id, LinkType.Pipe, from, to),
      l.lengthM,
      1e3 * l.boreM,
      1e3 * l.roughnessM,
      l.minorK,
    )
  const pump = model.addLink('pump', LinkType.Pump, 'tank', 'outlet')
  const points = c.pump.curve.map((p) => /** @type {[number, number]} */ ([1e3 * p.flowM3S, head(p.pressurePa)]))
  model.setLinkValue(
    pump,
    LinkProperty.PumpHCurve,
    curve(
      'pump-curve',
      points.sort((a, b) => a[0] - b[0]),
    ),
  )
  loss('filter', 'outlet', 'filtered', (q) => dropPa(c.filter, q) + dropPa(c.strainer, q))
  pipe('feed', 'filtered', 'rail', c.feed)
  const regulator = model.addLink('regulator', LinkType.PSV, 'rail', 'kept')
  model.setLinkValue(regulator, LinkProperty.Diameter, 50)
  model.setLinkValue(regulator, LinkProperty.InitSetting, head(c.regulator.setPressurePa + (c.regulator.referencePa ?? 0))) // prettier-ignore
  loss('wide-open', 'kept', 'back', (q) => dropPa(c.regulator.fullOpen, q))
  if (c.return) pipe('return', 'back', 'tank', c.return)
  return rail
}

/** Our circuit beside a published solver of water networks, in the same run: time, and whether both find the same rail. */
export const networkSolver = async () => {
  const each = often(100)
  const found = circuitsOfEachState(each)
  const workspace = new Workspace()
  await workspace.loadModule()
  const model = new Project(workspace)
  const warn = console.warn
  // It warns of every rail that is not held: what we ask it for.
  console.warn = () => undefined
  try {
    for (const state of STATES) {
      const circuits = found[state] ?? []
      /** @type {{ own: number[], build: number[], solve: number[] }} */
      const us = { own: [], build: [], solve: [] }
      let agreeing = 0
      for (const circuit of circuits) {
        const from = performance.now()
        const rail = build(model, circuit)
        const built = performance.now()
        model.openH()
        model.initH(InitHydOption.NoSave)
        model.runH()
        const solved = performance.now()
        const railPa = model.getNodeValue(rail, NodeProperty.Pressure) * circuit.fluid.densityKgM3 * GRAVITY_M_S2
        model.closeH()
        model.close()
        us.build.push(1e3 * (built - from))
        us.solve.push(1e3 * (solved - built))
        const answer = solveFuelCircuit(circuit)
        const again = performance.now()
        for (let i = 0; i < 20; i++) solveFuelCircuit(circuit)
        us.own.push((1e3 * (performance.now() - again)) / 20)
        const ours = answer.ok ? answer.value.railPa : null
        // Two per cent of the set pressure: it has another formula for friction, and curves of straight pieces.
        const near = 0.02 * circuit.regulator.setPressurePa
        if (ours === null ? railPa <= near : Math.abs(railPa - ours) <= near) agreeing++
      }
      reportRange(`a fuel circuit that is ${state}`, us.own, 'us')
      reportRange('  by a published network solver, built', us.build, 'us')
      reportRange('  and solved', us.solve, 'us')
      report('  both find the rail at the same pressure', `${agreeing} of ${circuits.length}`)
    }
  } finally {
    console.warn = warn
  }
}
