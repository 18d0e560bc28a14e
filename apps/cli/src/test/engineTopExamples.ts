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
}
