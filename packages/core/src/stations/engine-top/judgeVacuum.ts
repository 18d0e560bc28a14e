import type { VacuumAnswer } from '../../engine-top/index.ts'
import { fig, plain, say, type Sentence } from '../../verdict/index.ts'
import type { EngineTopCase, EngineTopVerdict } from './engineTopCase.ts'
import type { HoseOfPlan } from './vacuumOfJob.ts'

/** Whose supply fails somebody's brakes or burns a clutch. */
const VITAL = ['servo', 'modulator'] as const
const isVital = (h: HoseOfPlan): boolean => (VITAL as readonly string[]).includes(h.consumer.entry.use)
const nameOf = (h: HoseOfPlan): string => h.consumer.entry.name
const midName = (h: HoseOfPlan): string => nameOf(h).charAt(0).toLowerCase() + nameOf(h).slice(1)
const namesOf = (hoses: readonly HoseOfPlan[]): string => hoses.map(midName).join(', ')

/** The pressure line teed into the regulator's hose, and into nothing else. */
const isPressureTee = (h: HoseOfPlan): boolean => {
  const uses = [h.consumer, ...h.others].map((c) => c.entry.use).sort()
  return uses.length === 2 && uses[0] === 'pressure-sensor' && uses[1] === 'regulator'
}

/** Everybody who is not fixed by hand: served by a port of their own, teed, drilled for, left off, or by nothing. */
const judgePlan = (c: EngineTopCase): EngineTopVerdict => {
  const { consumers, hoses, unmeasured } = c.vacuum
  const base = { ...plain, id: 'vacuum', source: 'exact assignment of all consumers to all ports' }
  if (c.vacuum.entry.ports.length === 0 || consumers.length === 0)
    return {
      ...base,
      title: 'Vacuum ports not entered',
      state: 'unknown',
      next: say`Enter the ports of throttle body and manifold, and everything that needs vacuum`,
      reason: say`A brake servo without a port, or a port left open, shows up on the road.`,
    }
  const planned = hoses.filter((h) => !h.fixed)
  const without = planned.filter((h) => h.by === 'nothing')
  const dropped = planned.filter((h) => h.by === 'dropped')
  const drilled = planned.filter((h) => h.by === 'drilled')
  const teed = planned.filter((h) => h.by === 'tee' && !isPressureTee(h))
  const served = hoses.filter((h) => h.by !== 'nothing' && h.by !== 'dropped').length
  const counted = {
    figureName: 'consumers served',
    figure: fig(served, 'count'),
    limitName: 'of',
    limit: fig(consumers.length, 'count'),
  }
  // Freed, the hoses that were fixed by hand may leave room for everybody.
  const poorer = (a: VacuumAnswer) => [a.unserved, a.dropped, a.drilled, a.teed]
  const better = poorer(c.vacuum.best).findIndex((x, i) => x !== poorer(c.vacuum.plan)[i])
  const byHand = better >= 0 && poorer(c.vacuum.best)[better]! < poorer(c.vacuum.plan)[better]!
  const proof = byHand ? say`As the hoses are fixed by hand; freed, they share out better.` : say`No other way of sharing out the ports serves more.`
  // A port that nobody has measured may be the one that is missing.
  if (unmeasured.length > 0 && without.length + dropped.length + drilled.length + teed.length > 0)
    return {
      ...base,
      ...counted,
      title: `Vacuum port not measured: ${unmeasured[0]!.name}`,
      state: 'unknown',
      next: say`Measure ${unmeasured[0]!.missing}`,
      reason: say`Without it there is no port for everybody: ${namesOf([...without, ...dropped, ...drilled, ...teed])}.`,
    }
  const first = without[0] ?? dropped[0]
  if (first)
    return {
      ...base,
      ...counted,
      title: without.length > 0 ? `No vacuum port for: ${namesOf(without)}` : `Left without vacuum: ${namesOf(dropped)}`,
      state: without.length > 0 ? 'stop' : 'caution',
      reason: say`${nameOf(first)}: ${first.why!}. ${proof}`,
    }
  if (drilled.length > 0)
    return {
      ...base,
      ...counted,
      title: `Port to be drilled for: ${namesOf(drilled)}`,
      state: 'caution',
      next: say`Drill and tap the manifold off the engine, chips out`,
      reason: say`${nameOf(drilled[0]!)}: ${drilled[0]!.why!}. ${proof}`,
    }
  if (teed.length > 0)
    return {
      ...base,
      ...counted,
      title: `Vacuum port shared: ${namesOf(teed)}`,
      state: 'caution',
      next: say`Find or drill a port more, or live with the tee`,
      reason: say`There are fewer ports that do than consumers: one that draws hard upsets the other.`,
    }
  return {
    ...base,
    ...counted,
    title: 'Every consumer has a vacuum port',
    state: 'ok',
    reason: say`Large and full vacuum for the servo, plenum for what reads pressure, ported for what asks for it; the rest is capped.`,
  }
} // prettier-ignore

const FIXED_WHY: Readonly<Record<string, Sentence>> = {
  'too small': say`The hose is throttled: it works late, or not when it counts.`,
  ported: say`Ported vacuum is none at idle.`,
  'full vacuum': say`Full vacuum acts at idle, where this is to have none.`,
  'draws from one runner': say`One runner pulses, and this cylinder alone leans out.`,
  'too far away': say`A long hose is slow.`,
  'kept by the system': say`The system keeps this port for itself.`,
}

/** A hose that somebody has fixed: does the port do, and who shares it? */
const judgeFixed = (c: EngineTopCase): EngineTopVerdict[] =>
  c.vacuum.hoses.flatMap((h, i): EngineTopVerdict[] => {
    if (!h.fixed) return []
    const port = c.vacuum.nameOf(h.port?.id ?? h.waitsFor!)
    const { id } = h.consumer
    const base = { ...plain, subject: { kind: 'vacuum-hose', sensor: i }, id: `vacuum-hose-${id}`, source: 'bore and kind of port against what the consumer needs' } // prettier-ignore
    if (h.waitsFor !== null)
      return [
        {
          ...base,
          title: `${nameOf(h)} on a port not measured: ${port}`,
          state: 'unknown',
          next: say`Measure ${c.vacuum.unmeasured.find((u) => u.id === h.waitsFor)!.missing}`,
          reason: say`Bore and kind of vacuum decide whether it does.`,
        },
      ]
    if (h.why !== null)
      return [
        {
          ...base,
          title: `${nameOf(h)} on the wrong port: ${port}, ${h.why}`,
          state: isVital(h) || h.why === 'kept by the system' ? 'stop' : 'caution',
          ...(h.why === 'too small' && {
            figureName: 'bore',
            figure: fig(h.port!.boreM, 'bore', 1),
            limitName: 'at least',
            limit: fig(h.consumer.boreM, 'bore', 1),
            margin: fig(h.port!.boreM - h.consumer.boreM, 'bore', 1),
          }),
          next: say`Put it on another port, as the plan has it`,
          reason: FIXED_WHY[h.why] ?? say`${h.why}`,
        },
      ]
    const own = !h.consumer.mayShare && h.others.length > 0
    // Said of the one that must not share; where several must not, of the first. The pressure sensor's line is judged by itself.
    const first = !c.vacuum.hoses.some((o, k) => k < i && o.port === h.port && !o.consumer.mayShare)
    if (own && first && h.consumer.entry.use !== 'pressure-sensor')
      return [
        {
          ...base,
          title: `${nameOf(h)} shares a port: ${port}`,
          state: isVital(h) ? 'stop' : 'caution',
          next: say`Give it a port of its own, as the plan has it`,
          reason: say`${h.others.map((o) => o.entry.name).join(', ')} on the same port: what one draws the other lacks.`,
          source: 'trade practice',
        },
      ]
    return [
      {
        ...base,
        title: `${nameOf(h)} on a port that does: ${port}`,
        state: 'ok',
        reason: say`Bore and kind of vacuum suit it.`,
      },
    ]
  })

/** Line of the pressure sensor: own port or teed, its length. */
const judgePressureLine = (c: EngineTopCase): EngineTopVerdict[] => {
  const h = c.vacuum.hoses.find((x) => x.consumer.entry.use === 'pressure-sensor')
  if (!h?.port) return []
  const teedByDecision = c.vacuum.entry.pressureLine === 'teed'
  const base = { ...plain, id: 'pressure-line', source: 'trade practice; practice differs' }
  if (h.others.length > 0 && !(teedByDecision && isPressureTee(h)))
    return [
      {
        ...base,
        title: teedByDecision ? 'Pressure line shares more than the regulator’s hose' : 'Pressure line is teed',
        state: 'caution',
        next: say`Give the pressure sensor a port of its own`,
        reason: teedByDecision
          ? say`With ${h.others.map((o) => o.entry.name).join(', ')} on it: only the regulator’s hose carries no flow.`
          : say`With ${h.others.map((o) => o.entry.name).join(', ')} on it: every pull of the other is read as load. Some leaflets tee it into the regulator’s hose; an own port is preferred.`,
      },
    ]
  const mostM = h.consumer.mostLengthM
  if (mostM === null) return []
  if (h.lengthM === null)
    return [
      {
        ...base,
        title: 'Pressure line not measured',
        state: 'unknown',
        limitName: 'at most',
        limit: fig(mostM, 'bore', 0),
        next: say`Lay a wire as the hose would run, and measure it`,
        reason: say`A long line answers late: the engine stumbles when the pedal moves.`,
      },
    ]
  return [
    {
      ...base,
      title: teedByDecision && h.others.length > 0 ? 'Pressure line teed into the regulator’s hose' : 'Pressure line on a port of its own',
      state: 'ok',
      figureName: 'length',
      figure: fig(h.lengthM, 'bore', 0),
      limitName: 'at most',
      limit: fig(mostM, 'bore', 0),
      margin: fig(mostM - h.lengthM, 'bore', 0),
      reason: teedByDecision && h.others.length > 0 ? say`As some leaflets show it: the regulator’s hose carries no flow. An own port is preferred.` : say`Nothing else draws on it, and it is short enough to follow the pedal.`,
    },
  ]
} // prettier-ignore

/** The line through the bulkhead: in a grommet, held, not throttled. */
const judgeBulkhead = (c: EngineTopCase): EngineTopVerdict | null => {
  const { grommet, held, throughBulkhead } = c.vacuum.entry
  if (!c.vacuum.hoses.some((h) => h.consumer.entry.use === 'pressure-sensor')) return null
  const bare = throughBulkhead === true && grommet === false
  const open = throughBulkhead === null || held === null || (throughBulkhead && grommet === null)
  return {
    ...plain,
    id: 'pressure-hose',
    title: bare
      ? 'Pressure line through the bulkhead without a grommet'
      : held === 'tie-tight'
        ? 'Pressure line pinched by a cable tie'
        : held === 'nothing'
          ? 'Pressure line not secured'
          : open
            ? 'Run of the pressure line not checked'
            : 'Pressure line secured and open',
    state: bare || held === 'tie-tight' ? 'stop' : held === 'nothing' ? 'caution' : open ? 'unknown' : 'ok',
    next: bare
      ? say`Fit a grommet before the engine runs`
      : held === 'tie-tight'
        ? say`Clips, or ties pulled only until the hose no longer moves`
        : say`Grommet in the bulkhead; clips, or loose ties, so that it neither rubs nor is pinched`,
    reason: bare
      ? say`Sheet metal cuts it: a leak that the ECU reads as load, and the mixture goes rich.`
      : held === 'tie-tight'
        ? say`A pinched line reads late and wrong: squeeze it and the idle changes.`
        : say`It must stay where it is, and stay open.`,
    source: 'trade practice',
  }
} // prettier-ignore

/** Swing of a calm signal, and how far the ECU may be off the gauge, Pa. Rules of thumb. */
const [CALM_PA, AGREES_PA, OFF_PA] = [4e3, 2e3, 5e3]

/** What the ECU reads at a steady idle: calm, and what a gauge reads. */
const judgeSignal = (c: EngineTopCase): EngineTopVerdict | null => {
  const { gaugePa, idleHighPa, idleLowPa, stoppedPa } = c.vacuum.entry
  if ([gaugePa, idleHighPa, idleLowPa, stoppedPa].every((p) => p === null)) return null
  const base = { ...plain, id: 'pressure-signal', source: 'ECU’s reading against a gauge; bands: rule of thumb' }
  if (gaugePa === null || idleHighPa === null || idleLowPa === null || stoppedPa === null)
    return {
      ...base,
      title: 'Pressure signal not fully measured',
      state: 'unknown',
      next: say`Read it stopped, lowest and highest at idle, and a gauge beside it`,
      reason: say`All four belong to the same minute.`,
    }
  const swingPa = Math.abs(idleHighPa - idleLowPa)
  const vacuumPa = stoppedPa - (idleHighPa + idleLowPa) / 2
  const offPa = vacuumPa - gaugePa
  if (Math.abs(offPa) > AGREES_PA)
    return {
      ...base,
      title: offPa < 0 ? 'ECU reads less vacuum than the gauge' : 'ECU reads more vacuum than the gauge',
      state: Math.abs(offPa) > OFF_PA ? 'stop' : 'caution',
      figureName: 'vacuum by the ECU',
      figure: fig(vacuumPa, 'vacuum', 0),
      limitName: 'by the gauge',
      limit: fig(gaugePa, 'vacuum', 0),
      margin: fig(offPa, 'vacuum', 0),
      marginIs: 'apart',
      next: offPa < 0 ? say`Look for a leak or a pinch in the line, or a ported port` : say`Check the gauge, and what the ECU was told of its sensor`,
      reason: say`The ECU meters fuel by this figure.`,
      workings: ['pressure-signal'],
    }
  const calm = swingPa <= CALM_PA
  return {
    ...base,
    title: calm ? 'Pressure signal steady, as the gauge reads' : 'Pressure signal unsteady at idle',
    state: calm ? 'ok' : 'caution',
    figureName: 'swing',
    figure: fig(swingPa, 'vacuum', 0),
    limitName: 'at most',
    limit: fig(CALM_PA, 'vacuum', 0),
    margin: fig(CALM_PA - swingPa, 'vacuum', 0),
    next: say`Move the line from the runner to the plenum, or fit a small damper chamber`,
    reason: calm ? say`Agrees with the gauge.` : say`The mixture follows every stroke; a wild cam does this too.`,
  }
} // prettier-ignore

/** Vacuum: who gets which port, and the line that the ECU reads. */
export const judgeVacuum = (c: EngineTopCase): (EngineTopVerdict | null)[] =>
  c.begun ? [judgePlan(c), ...judgeFixed(c), ...judgePressureLine(c), judgeBulkhead(c), judgeSignal(c)] : []
