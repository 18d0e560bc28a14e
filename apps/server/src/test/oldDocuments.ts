import type { JobDocument } from '@lochmoor/core'

type Tree = Record<string, unknown>
const bare = (items: readonly object[]): object[] =>
  items.map((item) => Object.fromEntries(Object.entries(item).filter(([k]) => k !== 'id')))
const without = (tree: object, ...keys: string[]): Tree =>
  Object.fromEntries(Object.entries(tree).filter(([k]) => !keys.includes(k)))

/** A job as version 13 stored it: a shorter survey, no stages, one fuel, no bung as found, no facts and no orders. */
export const asVersion13 = (now: JobDocument): JobDocument => {
  const { exhaust, fuel, system, walkAround: w } = now
  return {
    ...without(now, 'facts', 'orders'),
    walkAround: {
      ...without(w, 'baseline', 'reach', 'means'),
      body: without(w.body, 'steering'),
      engine: without(w.engine, 'sensors'),
      intake: without(w.intake, 'consumers'),
      ignition: without(w.ignition, 'boxPlace'),
      gearbox: without(w.gearbox, 'lockUp', 'computerPlace'),
      exhaust: without(w.exhaust, 'comesApart', 'poisons'),
      tank: without(w.tank, 'oldPump', 'gauge'),
      wiring: without(w.wiring, 'loomYear'),
      tests: without(w.tests, 'vacuumLeak', 'exhaustRepairs'),
    },
    system: {
      ...without(system, 'uses', 'signals', 'distributorSize', 'tuning', 'later', 'asDelivered'),
      controller: system.controller && without(system.controller, ...CONTROLLERS_SINCE_14),
    },
    fuel: {
      ...without(fuel, 'secondEthanolShare', 'changedByHand'),
      tank: without(fuel.tank, 'senderEarth', 'hatch', 'pumpHeard', 'strappedUp'),
    },
    exhaust: {
      ...without(exhaust, ...EXHAUST_SINCE_14),
      sensor: exhaust.sensor && without(exhaust.sensor, 'calibratedLead'),
    },
  } as unknown as JobDocument
}
const CONTROLLERS_SINCE_14 = ['digitalInputs', 'knockInput', 'connectors', 'revision', 'pumpSwitch', 'marketSwitch']
const EXHAUST_SINCE_14 = ['airPump', 'found', 'weldLater', 'trip', 'flanged', 'coating', 'benchBefore', 'benchAfter', 'lead', 'surplusAt'] // prettier-ignore

/** A job as version 11 stored it: nothing of the engine top. */
export const asVersion11 = (now: JobDocument): JobDocument =>
  without(asVersion13(now), 'engineTop') as unknown as JobDocument

/** A job as version 10 stored it: a harness without what its bench needs. */
export const asVersion10 = (now: JobDocument): JobDocument => {
  const job = asVersion11(now)
  // One that was made older already has none.
  const harness = job.harness as JobDocument['harness'] | undefined
  if (!harness) return job
  const then = without(harness, 'crossings', 'pins', 'oldWires', 'noise', 'cut', 'board', 'proof')
  return { ...job, harness: then } as unknown as JobDocument
}

/** A job as version 9 stored it: no harness, and an ECU without its pins. */
export const asVersion9 = (now: JobDocument): JobDocument => {
  const job = asVersion10(now)
  const { controller } = job.system
  return {
    ...without(job, 'harness'),
    system: { ...job.system, controller: controller && without(controller, 'pinout') },
  } as unknown as JobDocument
}

/** A job as version 8 stored it: the supply without feeds, fuse box and returns of the sensors. */
export const asVersion8 = (now: JobDocument): Tree => {
  const job = asVersion9(now)
  const { design, old, wires } = job.power
  return {
    ...job,
    power: {
      ...without(job.power, 'sensors'),
      old: without(old, 'chargeLamp', 'keyedWires', 'box'),
      design: without(design, 'pumpCut', 'coilFeed', 'fanTrigger', 'damping', 'lampDiode'),
      wires: Object.fromEntries(Object.entries(wires).map(([r, w]) => [r, without(w, 'insulation', 'loadedWires')])),
    },
  }
}

/** A job as version 7 stored it: no supply, and nobody asked for the coldest start or what an ECU needs. */
export const asVersion7 = (now: JobDocument): Tree => {
  const job = asVersion9(now)
  const { controller } = job.system
  return {
    ...without(job, 'power'),
    walkAround: { ...job.walkAround, battery: without(job.walkAround.battery, 'coldestStartK') },
    system: { ...job.system, controller: controller && without(controller, 'leastV', 'rideThroughS') },
  }
}

/** A job as version 6 stored it: bends and connectors that nobody had counted stood as the program gave them. */
export const asVersion6 = (now: JobDocument): JobDocument => {
  const job = asVersion7(now) as unknown as JobDocument
  const line = (name: 'feed' | 'return' | 'suction' | 'vent') => {
    const { bends90, bends45, connectors, legs } = job.fuel[name]
    return {
      [name]: {
        ...job.fuel[name],
        bends90: bends90 ?? 2,
        bends45: bends45 ?? 0,
        connectors: connectors ?? 2,
        legs: legs.map((leg) => ({ ...leg, bends90: leg.bends90 ?? 0, bends45: leg.bends45 ?? 0 })),
      },
    }
  }
  return {
    ...job,
    fuel: { ...job.fuel, ...line('feed'), ...line('return'), ...line('suction'), ...line('vent') },
  }
}

/** A job as version 5 stored it: parts said less of what they reach and stand; gauge, starter and display were not asked for. */
export const asVersion5 = (now: JobDocument): Tree => {
  const job = asVersion6(now)
  const { pump, strainer, filter: fine, regulator } = job.fuel
  const { chosen } = job.system
  return {
    ...job,
    walkAround: { ...job.walkAround, tests: without(job.walkAround.tests, 'crankingA', 'crankingRpm') },
    system: { ...job.system, chosen: chosen && without(chosen, 'build') },
    exhaust: without(job.exhaust, 'readsToLambda'),
    fuel: {
      ...without(job.fuel, 'gaugeMostPa'),
      pump: pump && without(pump, 'works', 'reliefPa'),
      strainer: strainer && without(strainer, 'mount'),
      filter: fine && without(fine, 'mount'),
      regulator: regulator && without(regulator, 'sits', 'mostPressurePa'),
    },
  }
}

/** As version 4 did: items of lists have no ids. */
export const asVersion4 = (now: JobDocument): Tree => {
  const job = asVersion6(now)
  const five = asVersion5(job)
  const line = (name: 'feed' | 'return' | 'suction' | 'vent') => ({
    [name]: { ...job.fuel[name], legs: bare(job.fuel[name].legs) },
  })
  return {
    ...five,
    fuel: { ...(five['fuel'] as object), ...line('feed'), ...line('return'), ...line('suction'), ...line('vent') },
    exhaust: {
      ...(five['exhaust'] as object),
      banks: job.exhaust.banks.map((b) => ({ ...b, pieces: bare(b.pieces) })),
      common: bare(job.exhaust.common),
      obstacles: bare(job.exhaust.obstacles),
    },
  }
}

/** As version 3 did: the exhaust was not there. */
export const asVersion3 = (job: JobDocument): Tree => without(asVersion4(job), 'exhaust')

const FUEL_SINCE_3 = ['pumpCount', 'suction', 'vent', 'oldLine', 'reidPa', 'altitudeM', 'hotFuelK', 'inletHeadM', 'primeS', 'railM3', 'tank', 'safety'] // prettier-ignore
/** What copies of parts say since version 3. */
const hose = (part: object | null) =>
  part && without(part, 'dash', 'outsideM', 'leastBendRadiusM', 'stockM', 'immersible', 'conductive')
const filter = (part: object | null) =>
  part && without(part, 'dueFactor', 'capacityKg', 'mount', 'directional', 'mostPressurePa')
/** As version 2 did: lines had no legs, parts said less, and tank, vapour and safety were not there. */
export const asVersion2 = (job: JobDocument): Tree => {
  const { fuel } = job
  const line = (name: 'feed' | 'return') => ({
    [name]: { ...without(fuel[name], 'legs'), hose: hose(fuel[name].hose) },
  })
  return {
    ...asVersion3(job),
    fuel: {
      ...without(fuel, 'gaugeMostPa', ...FUEL_SINCE_3),
      ...line('feed'),
      ...line('return'),
      pump: fuel.pump && without(fuel.pump, 'works', 'reliefPa', 'noiseClass', 'hangerM', 'hatHeightM'),
      strainer: filter(fuel.strainer),
      filter: filter(fuel.filter),
      regulator: fuel.regulator && without(fuel.regulator, 'sits', 'mostPressurePa'),
      injector: fuel.injector && without(fuel.injector, 'deadTimes', 'leastEffectiveS', 'mostPressurePa'),
    },
  }
}

/** As version 1 did: engine and fuel alone. */
export const asVersion1 = (job: JobDocument): Tree => ({ vehicle: job.vehicle, fuel: asVersion2(job)['fuel'] })
