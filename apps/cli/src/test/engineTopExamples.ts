const lever = (right: number, armM: number, restRad: number) => ({ at: [right, 0, 0], shaft: [0, 1, 0], armM, restRad })

/** One case of each calculator of the engine top. */
export const ENGINE_TOP_EXAMPLES: Record<string, unknown> = {
  // 30 mm of clay over a stack of 180 mm; the new one is 195 mm: 15 mm are left over an engine that does not rock.
  'bonnet-clearance': {
    clay: [
      { id: 'centre', rightM: 0, aheadM: 0, oldTopM: 0.18, clayM: 0.03 },
      { id: 'rim', rightM: 0.16, aheadM: 0, oldTopM: 0.16, clayM: 0.035 },
    ],
    corners: [{ id: 'nut', rightM: 0, aheadM: 0, topM: 0.195 }],
    rock: { rockRad: 0, axisUpM: -0.35 },
  },
  // 4.2 litres at 5000 a minute, 85 %: 148.75 litres a second; 52.6 mm of a 300 mm element at 3 m/s.
  'air-cleaner-flow': { displacementM3: 4.2e-3, speedHz: 83.3333333, diameterM: 0.3, heightM: 0.06 },
  // M8 in aluminium under 30 mm: 45 mm long, 15 mm in, 25.5 N m dry.
  bolt: {
    thread: { form: 'iso', majorM: 0.008, pitchM: 0.00125 },
    boltClass: '8.8',
    clampedM: 0.03,
    tapped: 'aluminium',
    threadDepthM: 0.018,
    holeDepthM: 0.022,
  },
  'tightening-order': {
    pattern: { kind: 'circle', count: 4, diameterM: 0.1 },
    torqueNm: 24,
  },
  // Equal levers pass on what they get: 40° of pedal are half of an 80° plate.
  'throttle-linkage': {
    padArmM: 0.2,
    pedalRad: 0.6981317,
    plateRad: 1.3962634,
    links: [{ kind: 'rod', driver: lever(0, 0.05, 0), driven: lever(0.2, 0.05, 0) }],
  },
  // A servo, a pressure sensor and an advance find their own; a runner is left and capped.
  'vacuum-ports': {
    ports: [
      { id: 'large', boreM: 0.01, kind: 'full' },
      { id: 'small', boreM: 0.005, kind: 'full' },
      { id: 'edge', boreM: 0.004, kind: 'ported' },
      { id: 'runner', boreM: 0.006, kind: 'full', draws: 'runner' },
    ],
    consumers: [
      { id: 'servo', boreM: 0.009 },
      { id: 'pressure sensor', boreM: 0.004, plenumOnly: true, mayShare: false },
      { id: 'advance', boreM: 0.004, kind: 'ported' },
    ],
  },
  // 3/8 NPT: 14.4 mm, as charts have it.
  'thread-tapping': { thread: 'NPT3/8', acrossM: 0.03, depthM: 0.014 },
  // Thirty-six places less one: the tenth tooth is 90° behind the first.
  'crank-wheel': {
    places: 36,
    missing: 1,
    diameterM: 0.18,
    gapsM: [8e-4, 9e-4, 7e-4],
    toothAtTop: 10,
    mostRpm: 6000,
    crankRpm: 180,
  },
  thermistor: {
    points: [
      { temperatureK: 253.15, ohm: 15462 },
      { temperatureK: 303.15, ohm: 1707 },
      { temperatureK: 373.15, ohm: 187 },
    ],
    biasOhm: 2490,
  },
  // Set at 10°, at 34° it stands 12° of the distributor before its terminal: 3° short.
  'rotor-phasing': {
    leastAdvanceDeg: 10,
    mostAdvanceDeg: 34,
    tipDeg: 12,
    terminalDeg: 6,
    seen: { pastDeg: 0, atAdvanceDeg: 10 },
    pickUp: 'in-housing',
  },
  'firing-groups': { order: [1, 5, 3, 6, 2, 4], rails: [[1, 2, 3, 4, 5, 6]] },
}
