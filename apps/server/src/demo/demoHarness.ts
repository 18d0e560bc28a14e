import {
  circuitEnds,
  emptyCrossing,
  emptyDevice,
  emptyJob,
  emptyKitLead,
  emptyOldWire,
  emptyPlugPin,
  harnessCase,
  likelyOldWires,
  LoomFinder,
  proofOfLoom,
  withPlan,
  type HarnessCorridor,
  type HarnessDevice,
  type HarnessSection,
  type JobDocument,
} from '@lochmoor/core'

const { harness: nothing } = emptyJob('')

type Measured = Readonly<Record<string, number | Partial<HarnessCorridor>>>

/** Corridors as somebody measured them: a length, or more. */
const measured = (harness: HarnessSection, found: Measured): HarnessSection => ({
  ...harness,
  corridors: harness.corridors.map((c) => {
    const own = found[c.id]
    return typeof own === 'number' ? { ...c, lengthM: own } : { ...c, ...own }
  }),
})
const device = (id: string, found: Partial<HarnessDevice>): HarnessDevice => ({ ...emptyDevice(id), ...found })

/** The bay is measured; the cabin and everything behind it is still the plan's estimate. No loom is accepted yet. */
export const CURLEW_HARNESS: HarnessSection = {
  ...measured(withPlan(nothing, 'unitary'), {
    'slam-panel': 1.28,
    'wing-left-front': 0.68,
    'wing-left-back': { lengthM: 0.62, clipM: 0.2, apart: true },
    'wing-right-front': { lengthM: 0.7, near: 'generator' },
    'wing-right-back': { lengthM: 0.6, near: 'coil' },
    'engine-front-left': 0.52,
    'engine-front-right': 0.54,
    'rail-left': { lengthM: 0.46, near: 'plug-leads', roomM: 0.024 },
    'wing-left-to-engine': { lengthM: 0.48, near: 'plug-leads', clipM: 0.35 },
    'engine-to-bulkhead': { lengthM: 0.24, apart: true },
    'bulkhead-left-run': { lengthM: 0.66, apart: true },
    'bulkhead-right-run': { lengthM: 0.63, near: 'coil' },
    'hole-left': { lengthM: 0.09, panel: 'grommet', boreM: 0.022, takenM: 0.008 },
    'hole-right': { lengthM: 0.11, panel: 'grommet', boreM: 0.025, takenM: 0 },
  }),
  devices: [
    device('relay-box', { at: 'wing-left-back', alongM: 0.25, leadM: 0.12 }),
    device('oxygen-sensor-a', { leadM: 0.85, sealed: true }),
    device('coolant-sensor', { leadM: 0.14, sealed: false, booted: true }),
  ],
  unit: {
    ...nothing.unit,
    limitK: 358.15,
    sealed: true,
    lengthM: 0.16,
    widthM: 0.12,
    depthM: 0.04,
    plugRoomM: 0.09,
    holesLengthM: 0.14,
    holesWidthM: 0.096,
  },
  design: { ...nothing.design, tiedAtBack: true, tuningCable: true, roadSpeed: 'none' },
}

/** A kit harness, made for a car with its ECU on the wing: in the cabin some of its leads do not reach. */
export const WARDEN_HARNESS: HarnessSection = {
  ...measured(withPlan(nothing, 'unitary'), {
    'hole-left': { lengthM: 0.1, panel: 'bare-edge', boreM: 0.02 },
    'wing-left-back': 0.58,
    'bulkhead-left-run': 0.61,
  }),
  kitLeads: (
    [
      ['injector-1', 1.6, 'may'],
      ['injector-2', 1.6, 'may'],
      ['coolant-sensor', 1.9, 'may'],
      ['air-sensor', 1.5, 'may'],
      ['manifold-sensor', 1.4, 'may'],
      ['throttle-sensor', 1.7, 'may'],
      ['idle-valve', 1.8, 'may'],
      ['oxygen-sensor-a', 1.6, 'must-not'],
      ['ignition-coil', 2.2, 'may'],
    ] as const
  ).map(([id, reachM, extend]) => ({ ...emptyKitLead(`lead-${id}`, id), reachM, extend })),
  design: { ...nothing.design, build: 'kit' },
}

const carrierPlan: HarnessSection = {
  ...measured(withPlan(nothing, 'van'), {
    'behind-grille': 1.3,
    'grille-hole-left': { lengthM: 0.34, panel: 'grommet', boreM: 0.022 },
    'grille-hole-right': { lengthM: 0.36, panel: 'grommet', boreM: 0.018 },
    'under-dash-across': 1.42,
    'dash-to-seat-left': 0.72,
    'dash-to-seat-right': 0.74,
    'dash-to-cover': 0.5,
    'cover-hole-front': { lengthM: 0.16, panel: 'grommet', boreM: 0.028, takenM: 0 },
    'seat-hole-left': { lengthM: 0.36, panel: 'grommet', boreM: 0.02, takenM: 0 },
    'seat-hole-right': { lengthM: 0.36, panel: 'grommet', boreM: 0.02, takenM: 0 },
    'engine-front-left': 0.44,
    'engine-front-right': 0.45,
    'rail-left': 0.5,
    'engine-to-cover-rear': 0.32,
    'cover-rear-hole': { lengthM: 0.62, panel: 'grommet', boreM: 0.025 },
    'seat-to-load': 1.06,
    'load-floor-left': 1.86,
    'load-floor-hole': { lengthM: 0.7, panel: 'grommet', boreM: 0.018 },
    'engine-to-frame': 0.34,
    'frame-left-run': 2.44,
    'frame-to-tank': 0.62,
  }),
  unit: { ...nothing.unit, limitK: 358.15, sealed: false },
  design: { ...nothing.design, tiedAtBack: true, tuningCable: true },
  crossings: [
    {
      ...emptyCrossing('run-coolant-fan', 'coolant-signal'),
      from: 'motor',
      lengthM: 0.2,
      spacingM: 0.03,
      angleDeg: 90,
    },
  ],
  oldWires: [
    {
      ...emptyOldWire('old-coil-feed', 'Coil feed from the key switch'),
      fate: 'kept',
      tag: 'keyed feed',
      proved: true,
    },
    { ...emptyOldWire('old-choke', 'Feed of the electric choke'), fate: 'capped', tag: 'choke, capped', proved: true },
    { ...emptyOldWire('old-cut-off', 'Idle cut-off valve of the carburettor'), fate: 'capped', tag: 'cut-off, capped' },
  ],
  noise: { ...nothing.noise, shieldEarth: 'ecu-end' },
  cut: { spoolM: 25, covering: 'braid' },
  board: { widthM: 2.44 },
}

/** Every corridor measured, nothing assumed of it: the car that was handed over. */
const turnstonePlan: HarnessSection = {
  ...measured(CURLEW_HARNESS, {
    'wing-left-to-engine': { lengthM: 0.48, near: 'plug-leads', clipM: 0.22 },
    'hole-left': { lengthM: 0.09, panel: 'grommet', boreM: 0.06, takenM: 0.008 },
    'hole-right': { lengthM: 0.11, panel: 'grommet', boreM: 0.06, takenM: 0 },
    'front-to-engine': 0.71,
    'rail-right': 0.45,
    'across-valley': 0.62,
    'wing-right-to-engine': 0.49,
    'dash-left-run': 0.37,
    'dash-right-run': 0.34,
    'dash-across': 0.92,
    'toe-board': 1.22,
    'dash-to-tunnel': 0.54,
    'tunnel-to-seat': 0.88,
    'sill-left-run': 1.81,
    'sill-right-run': 1.79,
    'seat-to-sill': 0.46,
    'left-sill-to-boot': 0.72,
    'right-sill-to-boot': 0.71,
    'boot-across': 1.18,
    'boot-floor-hole': { lengthM: 0.57, panel: 'grommet', boreM: 0.02, takenM: 0 },
  }),
  candidates: CURLEW_HARNESS.candidates.map((x) =>
    x.id === 'ecu-toe-board' ? { ...x, wet: false, roomLengthM: 0.32, roomWidthM: 0.2, roomDepthM: 0.09 } : x,
  ),
  noise: { ...nothing.noise, shieldEarth: 'ecu-end' },
  cut: { spoolM: 25, covering: 'tape' },
  board: { widthM: 2.44 },
}

/** Old wires as the car had them, each with its test passed. */
const provedOldWires = (job: JobDocument): HarnessSection['oldWires'] =>
  likelyOldWires(harnessCase(job)).map(({ name, usually }, n) => ({
    ...emptyOldWire(`old-wire-${n + 1}`, name),
    fate: usually,
    tag: usually === 'removed' ? '' : name.toLowerCase(),
    proved: true,
  }))

/** Cavities of every plug as they were looked up. */
const lookedUp = (job: JobDocument): HarnessSection['pins'] =>
  circuitEnds(harnessCase(job)).flatMap((e) =>
    [e.from, e.to].flatMap((end) =>
      end.cavity === null || end.device === 'ecu'
        ? []
        : [
            {
              ...emptyPlugPin(`pin-${e.circuit.id}-${end.device}`.slice(0, 60), e.circuit.id, end.device),
              pin: end.cavity,
            },
          ],
    ),
  )

/** The loom with the ECU above the toe board, accepted and made. Its proof can be had at any share of its readings. */
export const turnstoneHarness = (job: Omit<JobDocument, 'harness'>): ((proofShare: number) => HarnessSection) => {
  const accepted = withAccepted({ ...job, harness: turnstonePlan }, 'ecu-toe-board')
  const pinned: JobDocument = {
    ...accepted,
    harness: { ...accepted.harness, pins: lookedUp(accepted), oldWires: provedOldWires(accepted) },
  }
  const proof = proofOfLoom(harnessCase(pinned))
  const steps = proof?.steps.map((x) => x.id) ?? []
  return (proofShare) => ({
    ...pinned.harness,
    proof: { done: steps.slice(0, Math.round(proofShare * steps.length)), off: [], asked: [] },
  })
}

/** Steps that the demo's loom is improved by: about what a screen does in a second. */
const STEPS = 300

/** A job of the demo with the best loom accepted for a place of the ECU, as somebody would have done on the screen. */
const withAccepted = (job: JobDocument, place: string): JobDocument => {
  const finder = new LoomFinder(job, place)
  finder.improve(STEPS)
  return { ...job, harness: { ...job.harness, loom: finder.proposals()[0]?.loom ?? null } }
}

/** Cavities as somebody looked them up, and a proof that has got as far as a wire in the wrong plug. */
const onTheBench = (job: JobDocument): HarnessSection => {
  const c = harnessCase(job)
  const looked = ['coolant-sensor', 'air-sensor', 'manifold-sensor', 'throttle-sensor']
  const pins = circuitEnds(c).flatMap((e) =>
    [e.from, e.to].flatMap((end) =>
      looked.includes(end.device)
        ? [
            {
              ...emptyPlugPin(`pin-${e.circuit.id}-${end.device}`.slice(0, 60), e.circuit.id, end.device),
              pin: end.cavity!,
            },
          ]
        : [],
    ),
  )
  const harness = { ...job.harness, pins }
  const proof = proofOfLoom(harnessCase({ ...job, harness }))
  if (!proof) return harness
  const swapped = ['coolant-signal', 'air-signal'].map((id) => proof.loom.nets.find((n) => n.wires.includes(id))!)
  const last = Math.max(...swapped.map((n) => proof.steps.findIndex((s) => s.id === n.pins[0])))
  const off = proof.plan.readings
    .filter((r) => r.rings && swapped.some((n) => n.pins[0] === r.clip[0]))
    .map((r) => r.id)
  return { ...harness, proof: { done: proof.steps.slice(0, last + 1).map((s) => s.id), off, asked: [] } }
}

/** Everything is measured, the loom with the ECU under the left seat is accepted, made, and being proved. */
export const carrierHarness = (job: Omit<JobDocument, 'harness'>): HarnessSection =>
  onTheBench(withAccepted({ ...job, harness: carrierPlan }, 'ecu-left-seat'))
