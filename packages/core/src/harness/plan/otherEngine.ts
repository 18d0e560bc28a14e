import { CABIN, corridorsFrom, HOLE, place, UNDER, type PlanTemplate } from './planTemplate.ts'

const vanPlaces = [
  place('grille-left', 0.2, 0.6, 'Behind the grille, left'),
  place('grille-right', 0.2, -0.6, 'Behind the grille, right'),
  place('dash-left', 0.5, 0.5, 'Dash, left'),
  place('dash-right', 0.5, -0.5, 'Dash, right'),
  place('seat-left', 1.1, 0.6, 'Under the left seat'),
  place('seat-right', 1.1, -0.6, 'Under the right seat'),
  place('cover-front', 0.8, 0.2, 'Engine cover, front'),
  place('engine-front', 0.85, 0, 'Front of the engine'),
  place('engine-left', 1.15, 0.25, 'Engine, left side'),
  place('engine-right', 1.15, -0.25, 'Engine, right side'),
  place('engine-rear', 1.5, 0, 'Back of the engine'),
  place('cover-rear', 1.65, 0.2, 'Engine cover, rear'),
  place('frame-left-front', 1.3, 0.5, 'Frame rail, left front'),
  place('frame-left-rear', 3.4, 0.5, 'Frame rail, left rear'),
  place('load-left', 2, 0.7, 'Load floor, left'),
  place('load-rear-left', 3.6, 0.7, 'Load floor, left rear'),
  place('tank-top', 3.2, 0, 'Above the tank'),
]
const van = corridorsFrom(vanPlaces)

/** A van with its engine between the seats, under a cover: no bulkhead in front, the cover's own edges instead. */
export const VAN: PlanTemplate = {
  id: 'van',
  lengthM: 4.4,
  widthM: 1.75,
  places: vanPlaces,
  corridors: [
    van('behind-grille', 'Behind the grille', 'grille-left', 'grille-right', { wet: true, near: 'motor', apart: true }),
    van('grille-hole-left', 'Left hole to the dash', 'grille-left', 'dash-left', { ...HOLE, heat: 'cabin', lengthM: 0.35, wet: true, boreM: 0.022 }),
    van('grille-hole-right', 'Right hole to the dash', 'grille-right', 'dash-right', { ...HOLE, heat: 'cabin', lengthM: 0.35, wet: true, boreM: 0.018 }),
    van('dash-across', 'Across the dash', 'dash-left', 'dash-right', { ...CABIN, moving: true }),
    van('under-dash-across', 'Below the windscreen', 'dash-left', 'dash-right', { ...CABIN, lengthM: 1.4 }),
    van('dash-to-seat-left', 'Door step, left', 'dash-left', 'seat-left', CABIN),
    van('dash-to-seat-right', 'Door step, right', 'dash-right', 'seat-right', CABIN),
    van('dash-to-cover', 'Dash to engine cover', 'dash-left', 'cover-front', CABIN),
    van('cover-hole-front', 'Front edge of the cover', 'cover-front', 'engine-front', { ...HOLE, lengthM: 0.15, boreM: 0.028, apart: true }),
    van('seat-hole-left', 'Hole beside the left seat', 'seat-left', 'engine-left', { ...HOLE, lengthM: 0.35, boreM: 0.02 }),
    van('seat-hole-right', 'Hole beside the right seat', 'seat-right', 'engine-right', { ...HOLE, heat: 'hot', lengthM: 0.35, boreM: 0.02, near: 'coil' }),
    van('engine-front-left', 'Front cover, left', 'engine-front', 'engine-left', { near: 'generator', roomM: 0.022 }),
    van('engine-front-right', 'Front cover, right', 'engine-front', 'engine-right', { heat: 'hot', roomM: 0.022 }),
    van('rail-left', 'Along the engine, left', 'engine-left', 'engine-rear', { near: 'plug-leads', roomM: 0.025, apart: true }),
    van('rail-right', 'Along the engine, right', 'engine-right', 'engine-rear', { heat: 'exhaust', roomM: 0.022 }),
    van('across-valley', 'Across the engine', 'engine-left', 'engine-right', { heat: 'hot', near: 'plug-leads', roomM: 0.02 }),
    van('engine-to-cover-rear', 'Engine to rear of the cover', 'engine-rear', 'cover-rear', { heat: 'hot' }),
    van('cover-rear-hole', 'Rear edge of the cover', 'cover-rear', 'load-left', { ...HOLE, lengthM: 0.6, boreM: 0.025 }),
    van('seat-to-load', 'Left seat to load floor', 'seat-left', 'load-left', CABIN),
    van('load-floor-left', 'Load floor, left side', 'load-left', 'load-rear-left', CABIN),
    van('load-floor-hole', 'Hole in the load floor', 'load-rear-left', 'tank-top', { ...HOLE, heat: 'cabin', wet: true, lengthM: 0.7, boreM: 0.018 }),
    van('engine-to-frame', 'Engine to frame, left', 'engine-left', 'frame-left-front', { wet: true }),
    van('frame-left-run', 'Left frame rail', 'frame-left-front', 'frame-left-rear', UNDER),
    van('frame-to-tank', 'Frame to tank', 'frame-left-rear', 'tank-top', UNDER),
  ], // prettier-ignore
  deviceAt: {
    battery: 'seat-left', 'engine-earth': 'engine-rear', 'body-earth': 'seat-left', 'key-switch': 'dash-right', 'fuse-box': 'dash-left', 'relay-box': 'seat-left',
    'fuel-pump': 'tank-top', 'pump-earth': 'tank-top', 'cooling-fan': 'grille-right', 'fan-earth': 'grille-right',
    'ignition-coil': 'engine-right', distributor: 'engine-left', 'crank-sensor': 'engine-front', 'cam-sensor': 'engine-front',
    'coolant-sensor': 'engine-front', 'air-sensor': 'engine-left', 'manifold-sensor': 'engine-rear', 'throttle-sensor': 'engine-left',
    'idle-valve': 'engine-left', injector: 'engine-left', 'oxygen-sensor-a': 'cover-rear', 'oxygen-sensor-b': 'frame-left-front',
    'inertia-switch': 'seat-left', tachometer: 'dash-right', 'warning-lamp': 'dash-right', display: 'dash-left',
    'tuning-plug': 'seat-left', 'road-speed': 'cover-rear', 'gearbox-plug': 'cover-rear',
    'brake-switch': 'dash-left', 'cooling-switch': 'dash-right', 'knock-sensor': 'engine-left', 'oil-sender': 'engine-right', 'ambient-sensor': 'cover-front', speedometer: 'dash-left',
  }, // prettier-ignore
  candidates: [
    { id: 'ecu-left-seat', name: 'Under the left seat', at: 'seat-left', hottestK: 323.15, wet: false, workS: 2400 },
    { id: 'ecu-dash', name: 'Behind the dash, left', at: 'dash-left', hottestK: 318.15, wet: false, workS: 3600 },
    { id: 'ecu-right-seat', name: 'Under the right seat', at: 'seat-right', hottestK: 323.15, wet: false, workS: 2400 },
    { id: 'ecu-load-floor', name: 'Load floor, left', at: 'load-left', hottestK: 318.15, wet: false, workS: 2700 },
  ], // prettier-ignore
}

const rearPlaces = [
  place('front-boot-left', 0.6, 0.5, 'Front boot, left'),
  place('front-boot-right', 0.6, -0.5, 'Front boot, right'),
  place('dash-left', 1.3, 0.4, 'Dash, left'),
  place('dash-right', 1.3, -0.4, 'Dash, right'),
  place('tunnel-front', 1.6, 0, 'Tunnel, front'),
  place('tunnel-rear', 2.6, 0, 'Tunnel, rear'),
  place('sill-left-front', 1.5, 0.65, 'Sill, left front'),
  place('sill-left-rear', 2.7, 0.65, 'Sill, left rear'),
  place('seat-rear', 2.8, 0.3, 'Behind the rear seat'),
  place('rear-bulkhead-left', 3, 0.45, 'Engine bulkhead, left'),
  place('rear-bulkhead-right', 3, -0.45, 'Engine bulkhead, right'),
  place('engine-front', 3.2, 0, 'Engine, bulkhead end'),
  place('engine-left', 3.45, 0.3, 'Engine, left side'),
  place('engine-right', 3.45, -0.3, 'Engine, right side'),
  place('engine-rear', 3.75, 0, 'Engine, bumper end'),
  place('tank-top', 0.75, 0, 'Above the tank'),
]
const rear = corridorsFrom(rearPlaces)

/** Engine in the tail, tank in the nose: everything that feeds the pump runs the length of the car. */
export const REAR_ENGINE: PlanTemplate = {
  id: 'rear-engine',
  lengthM: 4,
  widthM: 1.6,
  places: rearPlaces,
  corridors: [
    rear('front-boot-across', 'Across the front boot', 'front-boot-left', 'front-boot-right', CABIN),
    rear('front-boot-tank', 'Front boot to tank', 'front-boot-left', 'tank-top', { heat: 'cabin' }),
    rear('front-hole', 'Hole to the dash', 'front-boot-left', 'dash-left', { ...HOLE, heat: 'cabin', lengthM: 0.5, boreM: 0.02 }),
    rear('dash-across', 'Across the dash', 'dash-left', 'dash-right', { ...CABIN, moving: true }),
    rear('scuttle-across', 'Below the windscreen', 'dash-left', 'dash-right', { ...CABIN, lengthM: 1.2 }),
    rear('dash-to-tunnel', 'Dash to tunnel', 'dash-right', 'tunnel-front', CABIN),
    rear('tunnel-run', 'Tunnel', 'tunnel-front', 'tunnel-rear', { ...CABIN, moving: true, apart: false }),
    rear('dash-to-sill', 'Dash to sill', 'dash-left', 'sill-left-front', CABIN),
    rear('sill-left-run', 'Left sill', 'sill-left-front', 'sill-left-rear', CABIN),
    rear('sill-to-seat', 'Sill to rear seat', 'sill-left-rear', 'seat-rear', CABIN),
    rear('tunnel-to-seat', 'Tunnel to rear seat', 'tunnel-rear', 'seat-rear', CABIN),
    rear('rear-hole-left', 'Left hole in the engine bulkhead', 'seat-rear', 'rear-bulkhead-left', { ...HOLE, lengthM: 0.25, boreM: 0.025, takenM: 0.01, apart: true }),
    rear('rear-hole-right', 'Right hole in the engine bulkhead', 'tunnel-rear', 'rear-bulkhead-right', { ...HOLE, lengthM: 0.45, boreM: 0.02, wet: true }),
    rear('bulkhead-across', 'Engine bulkhead', 'rear-bulkhead-left', 'rear-bulkhead-right', { near: 'coil', apart: true }),
    rear('bulkhead-to-engine', 'Bulkhead to engine', 'rear-bulkhead-left', 'engine-front', { apart: true }),
    rear('right-to-engine', 'Bulkhead to engine, right', 'rear-bulkhead-right', 'engine-front', { near: 'generator' }),
    rear('wing-left-run', 'Left side of the bay', 'rear-bulkhead-left', 'engine-left', { apart: true }),
    rear('wing-right-run', 'Right side of the bay', 'rear-bulkhead-right', 'engine-right', { heat: 'hot' }),
    rear('rail-left', 'Along the engine, left', 'engine-left', 'engine-rear', { near: 'plug-leads', roomM: 0.025 }),
    rear('rail-right', 'Along the engine, right', 'engine-right', 'engine-rear', { heat: 'exhaust', roomM: 0.022 }),
    rear('engine-front-left', 'Over the gearbox, left', 'engine-front', 'engine-left', { roomM: 0.022 }),
    rear('engine-front-right', 'Over the gearbox, right', 'engine-front', 'engine-right', { near: 'generator', roomM: 0.022 }),
  ], // prettier-ignore
  deviceAt: {
    battery: 'front-boot-right', 'engine-earth': 'engine-front', 'body-earth': 'seat-rear', 'key-switch': 'dash-right', 'fuse-box': 'dash-left', 'relay-box': 'seat-rear',
    'fuel-pump': 'tank-top', 'pump-earth': 'front-boot-left', 'cooling-fan': 'engine-rear', 'fan-earth': 'engine-rear',
    'ignition-coil': 'rear-bulkhead-right', distributor: 'engine-left', 'crank-sensor': 'engine-rear', 'cam-sensor': 'engine-rear',
    'coolant-sensor': 'engine-front', 'air-sensor': 'engine-left', 'manifold-sensor': 'rear-bulkhead-left', 'throttle-sensor': 'engine-left',
    'idle-valve': 'engine-left', injector: 'engine-left', 'oxygen-sensor-a': 'engine-right', 'oxygen-sensor-b': 'engine-left',
    'inertia-switch': 'sill-left-front', tachometer: 'dash-right', 'warning-lamp': 'dash-right', display: 'dash-left',
    'tuning-plug': 'seat-rear', 'road-speed': 'front-boot-left', 'gearbox-plug': 'engine-front',
    'brake-switch': 'dash-left', 'cooling-switch': 'dash-right', 'knock-sensor': 'engine-left', 'oil-sender': 'engine-right', 'ambient-sensor': 'rear-bulkhead-left', speedometer: 'dash-left',
  }, // prettier-ignore
  candidates: [
    { id: 'ecu-rear-seat', name: 'Behind the rear seat', at: 'seat-rear', hottestK: 323.15, wet: false, workS: 2700 },
    { id: 'ecu-bay-left', name: 'Engine bulkhead, left', at: 'rear-bulkhead-left', hottestK: 353.15, wet: true, workS: 1800 },
    { id: 'ecu-dash', name: 'Behind the dash, left', at: 'dash-left', hottestK: 318.15, wet: false, workS: 3600 },
  ], // prettier-ignore
}
