import { CABIN, corridorsFrom, HOLE, place, UNDER, type PlanTemplate, type TemplateCorridor } from './planTemplate.ts'

const BAY = [
  place('front-left', 0.35, 0.6, 'Slam panel, left'),
  place('front-right', 0.35, -0.6, 'Slam panel, right'),
  place('wing-left', 0.95, 0.72, 'Left wing'),
  place('wing-right', 0.95, -0.72, 'Right wing'),
  place('engine-front', 0.6, 0, 'Front of the engine'),
  place('engine-left', 0.95, 0.28, 'Engine, left side'),
  place('engine-right', 0.95, -0.28, 'Engine, right side'),
  place('engine-rear', 1.25, 0, 'Back of the engine'),
  place('bulkhead-left', 1.45, 0.55, 'Bulkhead, left'),
  place('bulkhead-middle', 1.45, 0, 'Bulkhead, middle'),
  place('bulkhead-right', 1.45, -0.55, 'Bulkhead, right'),
]
const CABIN_PLACES = [
  place('cabin-left', 1.6, 0.55, 'Behind the bulkhead, left'),
  place('cabin-right', 1.6, -0.55, 'Behind the bulkhead, right'),
  place('dash-left', 1.85, 0.4, 'Dash, left'),
  place('dash-right', 1.85, -0.4, 'Dash, right'),
  place('tunnel-front', 2.1, 0, 'Tunnel'),
  place('seat-right', 2.7, -0.5, 'Under the right seat'),
  place('sill-left-rear', 3.1, 0.65, 'Sill, left rear'),
  place('sill-right-rear', 3.1, -0.65, 'Sill, right rear'),
]

/** What every car with its engine in front has: bay, bulkhead and cabin. */
const front = (
  corridor: ReturnType<typeof corridorsFrom>,
  bore: { readonly left: number; readonly right: number },
): TemplateCorridor[] => [
  corridor('slam-panel', 'Slam panel', 'front-left', 'front-right', { wet: true, near: 'motor', apart: true }),
  corridor('wing-left-front', 'Left inner wing, front', 'front-left', 'wing-left', { wet: true }),
  corridor('wing-left-back', 'Left inner wing, rear', 'wing-left', 'bulkhead-left', { apart: true }),
  corridor('wing-right-front', 'Right inner wing, front', 'front-right', 'wing-right', { wet: true, near: 'generator' }),
  corridor('wing-right-back', 'Right inner wing, rear', 'wing-right', 'bulkhead-right', { near: 'coil', apart: true }),
  corridor('front-to-engine', 'Slam panel to engine', 'front-right', 'engine-front', { moving: true, near: 'motor' }),
  corridor('engine-front-left', 'Front cover, left', 'engine-front', 'engine-left', { roomM: 0.022 }),
  corridor('engine-front-right', 'Front cover, right', 'engine-front', 'engine-right', { near: 'generator', heat: 'hot', roomM: 0.022 }),
  corridor('rail-left', 'Along the engine, left', 'engine-left', 'engine-rear', { near: 'plug-leads', roomM: 0.025, apart: true }),
  corridor('rail-right', 'Along the engine, right', 'engine-right', 'engine-rear', { heat: 'exhaust', roomM: 0.022 }),
  corridor('across-valley', 'Across the engine', 'engine-left', 'engine-right', { heat: 'hot', near: 'plug-leads', roomM: 0.02 }),
  corridor('wing-left-to-engine', 'Left wing to engine', 'wing-left', 'engine-left', { near: 'plug-leads' }),
  corridor('wing-right-to-engine', 'Right wing to engine', 'wing-right', 'engine-right', { near: 'coil', heat: 'hot' }),
  corridor('engine-to-bulkhead', 'Engine to bulkhead', 'engine-rear', 'bulkhead-middle', { apart: true }),
  corridor('bulkhead-left-run', 'Bulkhead, left half', 'bulkhead-left', 'bulkhead-middle', { apart: true }),
  corridor('bulkhead-right-run', 'Bulkhead, right half', 'bulkhead-middle', 'bulkhead-right', { near: 'coil', apart: true }),
  corridor('hole-left', 'Left hole in the bulkhead', 'bulkhead-left', 'cabin-left', { ...HOLE, boreM: bore.left, takenM: 0.008, apart: true }),
  corridor('hole-right', 'Right hole in the bulkhead', 'bulkhead-right', 'cabin-right', { ...HOLE, boreM: bore.right }),
  corridor('dash-left-run', 'Behind the dash, left', 'cabin-left', 'dash-left', { ...CABIN, moving: true }),
  corridor('dash-right-run', 'Behind the dash, right', 'cabin-right', 'dash-right', CABIN),
  corridor('dash-across', 'Across the dash', 'dash-left', 'dash-right', CABIN),
  corridor('toe-board', 'Above the toe boards', 'cabin-left', 'cabin-right', CABIN),
  corridor('dash-to-tunnel', 'Dash to tunnel', 'dash-right', 'tunnel-front', CABIN),
  corridor('tunnel-to-seat', 'Tunnel to the right seat', 'tunnel-front', 'seat-right', CABIN),
  corridor('sill-left-run', 'Left sill', 'cabin-left', 'sill-left-rear', CABIN),
  corridor('sill-right-run', 'Right sill', 'cabin-right', 'sill-right-rear', CABIN),
  corridor('seat-to-sill', 'Right seat to sill', 'seat-right', 'sill-right-rear', CABIN),
] // prettier-ignore

const DEVICES = {
  battery: 'wing-right',
  'engine-earth': 'engine-rear',
  'body-earth': 'bulkhead-left',
  'key-switch': 'dash-right',
  'fuse-box': 'dash-right',
  'relay-box': 'wing-left',
  'fuel-pump': 'tank-top',
  'pump-earth': 'tank-top',
  'cooling-fan': 'front-right',
  'fan-earth': 'front-right',
  'ignition-coil': 'wing-right',
  distributor: 'engine-left',
  'crank-sensor': 'engine-front',
  'cam-sensor': 'engine-front',
  'coolant-sensor': 'engine-front',
  'air-sensor': 'engine-left',
  'manifold-sensor': 'engine-rear',
  'throttle-sensor': 'engine-left',
  'idle-valve': 'engine-left',
  injector: 'engine-left',
  'oxygen-sensor-a': 'bulkhead-right',
  'oxygen-sensor-b': 'bulkhead-left',
  'inertia-switch': 'cabin-left',
  tachometer: 'dash-right',
  'warning-lamp': 'dash-right',
  display: 'dash-left',
  'tuning-plug': 'dash-left',
  'road-speed': 'tunnel-front',
  'gearbox-plug': 'bulkhead-middle',
  'brake-switch': 'dash-left',
  'cooling-switch': 'dash-right',
  'knock-sensor': 'engine-left',
  'oil-sender': 'engine-right',
  'ambient-sensor': 'bulkhead-left',
  speedometer: 'dash-left',
} as const

const CANDIDATES = [
  { id: 'ecu-left-wing', name: 'Left wing', at: 'wing-left', hottestK: 348.15, wet: true, workS: 2400 },
  { id: 'ecu-toe-board', name: 'Above the left toe board', at: 'cabin-left', hottestK: 323.15, wet: false, workS: 3000 },
  { id: 'ecu-dash', name: 'Behind the dash, right', at: 'dash-right', hottestK: 328.15, wet: false, workS: 4800 },
  { id: 'ecu-right-seat', name: 'Under the right seat', at: 'seat-right', hottestK: 318.15, wet: false, workS: 2700 },
] as const // prettier-ignore

const unitaryPlaces = [
  ...BAY,
  ...CABIN_PLACES,
  place('boot-left', 3.7, 0.5, 'Boot, left'),
  place('boot-right', 3.7, -0.5, 'Boot, right'),
  place('tank-top', 3.9, 0, 'Above the tank'),
]
const unitary = corridorsFrom(unitaryPlaces)

/** A saloon whose body carries itself: sills and boot inside, nothing to clip to below. */
export const UNITARY: PlanTemplate = {
  id: 'unitary',
  lengthM: 4.3,
  widthM: 1.65,
  places: unitaryPlaces,
  corridors: [
    ...front(unitary, { left: 0.022, right: 0.025 }),
    unitary('left-sill-to-boot', 'Left sill to boot', 'sill-left-rear', 'boot-left', CABIN),
    unitary('right-sill-to-boot', 'Right sill to boot', 'sill-right-rear', 'boot-right', CABIN),
    unitary('boot-across', 'Across the boot', 'boot-left', 'boot-right', CABIN),
    unitary('boot-floor-hole', 'Hole in the boot floor', 'boot-right', 'tank-top', {
      ...HOLE,
      heat: 'cabin',
      lengthM: 0.6,
      wet: true,
      boreM: 0.02,
    }),
  ],
  deviceAt: DEVICES,
  candidates: CANDIDATES,
}

const chassisPlaces = [
  ...BAY,
  ...CABIN_PLACES,
  place('frame-right-front', 1.5, -0.42, 'Frame rail, right front'),
  place('frame-right-rear', 3.5, -0.42, 'Frame rail, right rear'),
  place('frame-left-front', 1.5, 0.42, 'Frame rail, left front'),
  place('frame-left-rear', 3.5, 0.42, 'Frame rail, left rear'),
  place('tank-top', 3.9, 0, 'Above the tank'),
]
const chassis = corridorsFrom(chassisPlaces)

/** Body on a frame of its own: long runs lie in the rails, and body and frame move against each other. */
export const SEPARATE_CHASSIS: PlanTemplate = {
  id: 'separate-chassis',
  lengthM: 4.5,
  widthM: 1.75,
  places: chassisPlaces,
  corridors: [
    ...front(chassis, { left: 0.025, right: 0.028 }),
    chassis('down-to-frame-right', 'Bulkhead to frame, right', 'bulkhead-right', 'frame-right-front', { ...UNDER, moving: true, lengthM: 0.5 }),
    chassis('down-to-frame-left', 'Bulkhead to frame, left', 'bulkhead-left', 'frame-left-front', { ...UNDER, lengthM: 0.5, heat: 'bay' }),
    chassis('frame-right-run', 'Right frame rail', 'frame-right-front', 'frame-right-rear', { ...UNDER, heat: 'hot' }),
    chassis('frame-left-run', 'Left frame rail', 'frame-left-front', 'frame-left-rear', UNDER),
    chassis('cross-member', 'Rear cross member', 'frame-left-rear', 'frame-right-rear', UNDER),
    chassis('frame-to-tank', 'Frame to tank', 'frame-left-rear', 'tank-top', UNDER),
    chassis('cabin-floor-hole', 'Hole in the cab floor', 'sill-left-rear', 'frame-left-rear', { ...HOLE, heat: 'cabin', wet: true, lengthM: 0.6, boreM: 0.016 }),
  ], // prettier-ignore
  deviceAt: DEVICES,
  candidates: CANDIDATES,
}
