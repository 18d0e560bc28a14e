import { fig, plain, say } from '../../verdict/index.ts'
import type { HarnessCase, HarnessVerdict } from './harnessCase.ts'
import { onEstimates } from './onEstimates.ts'
import { wholeCorridor } from './planOfJob.ts'

/** Between two clips at most, m: every 200 to 300 mm. Trade practice. */
export const MOST_CLIP_M = 0.3
/** A plug that weighs more wants a clip of its own on its lead, kg. Rule of thumb. */
const HANGING_KG = 0.08
const list = (names: readonly string[]): string => names.join(', ')

/** How the loom is held: clips, and tied at the back of the engine first. */
export const judgeHeld = (c: HarnessCase): HarnessVerdict[] => {
  const { accepted: a } = c
  if (!a) return []
  const used = new Set(a.route.bundles.map((b) => wholeCorridor(b.corridor)))
  const loose = c.plan.corridors.filter(
    (x) => used.has(x.id) && x.panel === 'none' && x.clipM > MOST_CLIP_M * (1 + 1e-9),
  )
  const widest = loose.reduce((most, x) => Math.max(most, x.clipM), 0)
  const { tiedAtBack } = c.harness.design
  const heavy = c.harness.devices.filter((d) => (d.plugKg ?? 0) > HANGING_KG)
  const nameOf = (id: string): string => c.plan.devices.find((d) => d.id === id)?.name ?? id
  return [
    {
      ...plain,
      id: 'clips',
      title: loose.length > 0 ? 'Clips too far apart' : 'Clips close enough',
      state: loose.length > 0 ? 'caution' : 'ok',
      figureName: 'between clips',
      figure: loose.length > 0 ? fig(widest, 'bore', 0) : null,
      limitName: 'at most',
      limit: loose.length > 0 ? fig(MOST_CLIP_M, 'bore', 0) : null,
      margin: loose.length > 0 ? fig(MOST_CLIP_M - widest, 'bore', 0) : null,
      next: say`Add clips there`,
      reason: loose.length > 0 ? say`${list(loose.map((x) => x.name))}: a loom that hangs chafes.` : say`Every 200 to 300 mm along the loom.${onEstimates(c, 'clipM')}`,
      source: 'trade practice',
    },
    {
      ...plain,
      id: 'tied-first',
      title: tiedAtBack === true ? 'Loom tied at the back of the engine first' : tiedAtBack === false ? 'Loom not tied at the back of the engine' : 'Where the loom is tied first is not known',
      state: tiedAtBack === true ? 'ok' : tiedAtBack === false ? 'caution' : 'unknown',
      next: say`Tie it where it leaves the engine before anything is plugged in`,
      reason: say`Tied there first, every branch falls where it was measured, and the engine’s rock is taken up in one loop.`,
      source: 'trade practice',
    },
    ...(heavy.length === 0
      ? []
      : [
          {
            ...plain,
            id: 'plug-weight',
            title: 'Heavy plug hangs on its lead',
            state: 'caution',
            figureName: 'weight',
            figure: fig(Math.max(...heavy.map((d) => d.plugKg!)), 'mass', 2),
            limitName: 'at most',
            limit: fig(HANGING_KG, 'mass', 2),
            next: say`Clip it within a hand of the plug`,
            reason: say`${list(heavy.map((d) => nameOf(d.id)))}: it shakes the pins loose.`,
            source: 'rule of thumb',
          } satisfies HarnessVerdict,
        ]),
  ] // prettier-ignore
}

/** Plugs: weather, what else they fit, pins that were moved. */
export const judgePlugs = (c: HarnessCase): HarnessVerdict[] => {
  const { accepted: a, harness } = c
  const nameOf = (id: string): string => c.plan.devices.find((d) => d.id === id)?.name ?? id
  const verdicts: HarnessVerdict[] = []
  if (a) {
    const wetPlaces = new Set(
      c.plan.corridors
        .filter((x) => x.wet && a.route.bundles.some((b) => wholeCorridor(b.corridor) === x.id))
        .flatMap((x) => [x.from, x.to]),
    )
    const open = harness.devices.filter((d) => d.sealed === false && d.booted !== true && wetPlaces.has(c.plan.devices.find((x) => x.id === d.id)?.node ?? '')) // prettier-ignore
    verdicts.push({
      ...plain,
      id: 'weather',
      title: open.length > 0 ? 'Open plug in the wet' : 'Plugs sealed or booted',
      state: open.length > 0 ? 'caution' : 'ok',
      next: say`Boot it or wrap it, opening down, with a drip loop`,
      reason: open.length > 0 ? say`${list(open.map((d) => nameOf(d.id)))}: water in a plug reads as a fault of the sensor.` : say`No plug that is known to be open lies in the wet.`,
      source: 'trade practice',
    }) // prettier-ignore
  }
  const twins = harness.devices.filter((d) => d.alsoFits !== '')
  if (twins.length > 0)
    verdicts.push({
      ...plain,
      id: 'keying',
      title: 'Plugs that fit more than one socket',
      state: 'caution',
      figureName: 'plugs',
      figure: fig(twins.length, 'count'),
      next: say`Tag both ends, and join them one at a time in the order of the list`,
      reason: say`${twins.map((d) => `${nameOf(d.id)} also fits ${nameOf(d.alsoFits)}`).join('; ')}.`,
      source: 'tried by hand',
    })
  const moved = harness.devices.filter((d) => d.movedPins !== '')
  if (moved.length > 0)
    verdicts.push({
      ...plain,
      id: 'moved-pins',
      title: 'Pins moved in an old plug, recorded',
      state: 'ok',
      reason: say`${moved.map((d) => `${nameOf(d.id)}: ${d.movedPins}`).join('; ')}. Permanent: whoever buys a new plug must know.`,
      source: 'as recorded',
    })
  return verdicts
}

/** What the cabin gets: tuning cable, display, road speed. */
export const judgeCabin = (c: HarnessCase): HarnessVerdict[] => {
  const { design, devices } = c.harness
  if (!c.systemChosen || c.plan.template === null) return []
  const nameOf = (id: string): string => c.plan.devices.find((d) => d.id === id)?.name ?? id
  const large = devices.filter((d) => d.longestM !== null && d.placeRoomM !== null && d.longestM > d.placeRoomM)
  const [first] = large
  return [
    {
      ...plain,
      id: 'tuning-cable',
      title: design.tuningCable === true ? 'Tuning cable led out' : 'Tuning cable not led out',
      state: design.tuningCable === true ? 'ok' : design.tuningCable === false ? 'caution' : 'unknown',
      next: say`Lead it out to the driver’s side once, and tie it there`,
      reason: say`Else trim comes off for every change of the tune.`,
      source: 'trade practice',
    },
    ...(first
      ? [
          {
            ...plain,
            id: 'display-room',
            title: `${nameOf(first.id)} too large for its place`,
            state: 'stop',
            figureName: 'longest side',
            figure: fig(first.longestM!, 'bore', 0),
            limitName: 'room',
            limit: fig(first.placeRoomM!, 'bore', 0),
            margin: fig(first.placeRoomM! - first.longestM!, 'bore', 0),
            next: say`Choose another place for it`,
            reason: say`Measured before it is bought, not after.`,
            source: 'tape',
          } satisfies HarnessVerdict,
        ]
      : []),
    ...(c.roadSpeedWanted && (design.roadSpeed === null || design.roadSpeed === 'none')
      ? [
          {
            ...plain,
            id: 'road-speed',
            title: design.roadSpeed === null ? 'Source of road speed not decided' : 'Road speed wanted of the ECU, but nothing measures it',
            state: design.roadSpeed === null ? 'unknown' : 'caution',
            next: say`Choose a sensor at the gearbox or an adapter in the speedometer cable, or do without at the system`,
            reason: say`The system asks the ECU for road speed. Idle control, fuel cut-off and cruise control go by it.`,
            source: 'system',
          } satisfies HarnessVerdict,
        ]
      : []),
    ...(design.roadSpeed === 'adapter'
      ? [
          {
            ...plain,
            id: 'road-speed',
            title: design.pulsesPerRev === null ? 'Road-speed adapter: pulses not known' : 'Road-speed adapter known to the ECU',
            state: design.pulsesPerRev === null ? 'unknown' : 'ok',
            figureName: 'pulses per turn',
            figure: design.pulsesPerRev === null ? null : fig(design.pulsesPerRev, 'count'),
            next: say`Count them while its shaft is turned once`,
            reason: say`The ECU scales road speed by it.`,
            source: 'counted',
          } satisfies HarnessVerdict,
        ]
      : []),
  ] // prettier-ignore
}

/** The ECU's box in its place: case, plug and bend. */
export const judgeFixing = (c: HarnessCase): HarnessVerdict | null => {
  const place = c.harness.candidates.find((x) => x.id === c.harness.loom?.place)
  if (!place || !c.accepted) return null
  const { lengthM, widthM, depthM, plugRoomM } = c.harness.unit
  const base = { ...plain, id: 'fixing', source: 'rule and tape' }
  const need = [lengthM === null || plugRoomM === null ? null : lengthM + plugRoomM, widthM, depthM]
  const room = [place.roomLengthM, place.roomWidthM, place.roomDepthM]
  if (need.includes(null) || room.includes(null))
    return {
      ...base,
      title: 'Room for the ECU not measured',
      state: 'unknown',
      next: say`Measure case, plug and the place on tab “ECU place”`,
      reason: say`Bracket and holes are drilled by it.`,
    }
  // Plug at one end of the length; the other two sides may be turned about.
  const fits = (a: number, b: number): number => Math.min(room[1]! - a, room[2]! - b)
  const across = Math.max(fits(need[1]!, need[2]!), fits(need[2]!, need[1]!))
  const along = room[0]! - need[0]!
  const gap = Math.min(along, across)
  return {
    ...base,
    title: gap < 0 ? 'ECU does not fit its place' : 'ECU fits its place',
    state: gap < 0 ? 'stop' : 'ok',
    figureName: 'tightest gap',
    figure: fig(gap, 'bore', 0),
    limitName: 'at least',
    limit: fig(0, 'bore', 0),
    margin: fig(gap, 'bore', 0),
    next: say`Choose another place, or turn it`,
    reason: gap < 0 ? say`${along < across ? 'Plug and its bend stand out.' : 'The case stands out.'}` : say`Case, plug and bend together; holes by the template.`,
  } // prettier-ignore
}

/** Leads of a kit that this car does not use, and what is folded. */
export const judgeKitLeads = (c: HarnessCase): HarnessVerdict[] => {
  if (c.harness.design.build !== 'kit') return []
  const unused = c.harness.kitLeads.filter((k) => k.unused === true)
  const open = unused.filter((k) => k.capped !== true)
  const nameOf = (id: string): string => c.plan.devices.find((d) => d.id === id)?.name ?? id
  const { accepted: a } = c
  const hot = a
    ? a.route.routes.filter((r) => {
        if ((r.surplusM ?? 0) < 0.15) return false
        const last = r.corridors?.at(-1)
        const near = c.plan.corridors.find((x) => x.id === wholeCorridor(last ?? ''))?.near
        return near === 'coil' || near === 'plug-leads'
      })
    : []
  return [
    ...(unused.length === 0
      ? []
      : [
          {
            ...plain,
            id: 'unused-leads',
            title: open.length > 0 ? 'Unused lead not capped' : 'Unused leads capped and tagged',
            state: open.length > 0 ? 'caution' : 'ok',
            figureName: 'leads',
            figure: fig(open.length > 0 ? open.length : unused.length, 'count'),
            next: say`Cap its end, tag it with what it waits for, and stow it away from heat and coil`,
            reason: say`${unused.map((k) => `${nameOf(k.device)}${k.waitsFor === '' ? '' : `, waits for ${k.waitsFor}`}`).join('; ')}.`,
            source: 'trade practice',
          } satisfies HarnessVerdict,
        ]),
    ...(a === null
      ? []
      : [
          {
            ...plain,
            id: 'surplus',
            title: hot.length > 0 ? 'Surplus of a lead beside the ignition' : 'Surplus of the kit stowed clear of the ignition',
            state: hot.length > 0 ? 'caution' : 'ok',
            figureName: 'leads',
            figure: hot.length > 0 ? fig(hot.length, 'count') : null,
            next: say`Fold it at the ECU’s end, flat, never coiled`,
            reason: hot.length > 0 ? say`${list(hot.map((r) => a.circuits.get(r.id)?.name ?? r.id))}: a coil of lead is an aerial.` : say`Folded flat at the ECU’s end.`,
            source: 'trade practice',
          } satisfies HarnessVerdict,
        ]),
  ] // prettier-ignore
}
