import { fig, plain, say } from '../../verdict/index.ts'
import { counted } from '../../words/index.ts'
import { bodyOffOf, bundlesOfLoom, holesOfLoom } from './bundlesOfLoom.ts'
import { spoolOf } from './cutOfLoom.ts'
import type { HarnessCase, HarnessVerdict } from './harnessCase.ts'
import { proofOfLoom } from './proofOfLoom.ts'
import { spliceSpots, spotName, STAGGER_M } from './spliceSpots.ts'
import { circuitEnds, within } from './wireEnds.ts'

/** Splices: staggered, none in a hole, none in heat, wet or motion. */
const judgeSplices = (c: HarnessCase): HarnessVerdict | null => {
  const spots = spliceSpots(c)
  if (spots.length === 0) return null
  const bad = spots.filter((s) => s.against.length > 0)
  const [first] = bad
  return {
    ...plain,
    id: 'splices',
    title: first ? `Splice of “${within(first.name)}” ${first.against[0]!}` : 'Splices staggered and clear of holes',
    state: first ? 'caution' : 'ok',
    figureName: 'apart',
    figure: first ? null : fig(STAGGER_M, 'bore', 0),
    next: say`Move the splice to another place on tab “Car”: a take-off that is cool, dry and still`,
    reason: first ? say`${bad.map((s) => `${s.name}: ${s.against.join(', ')} (${spotName(c, s)})`).join('; ')}.` : say`${counted(spots.length, 'splice')}, none in a panel’s hole.`,
    source: 'at least 40 to 50 mm between splices: trade practice',
  }
} // prettier-ignore

/** Cavities that nobody has looked up. */
const judgeCavities = (c: HarnessCase): HarnessVerdict | null => {
  if (!c.accepted) return null
  const open = [...new Set(circuitEnds(c).flatMap((e) => [e.from, e.to]).filter((e) => !e.cavityKnown).map((e) => e.name))] // prettier-ignore
  return {
    ...plain,
    id: 'cavities',
    title: open.length > 0 ? 'Cavities of plugs counted, not looked up' : 'Cavity of every wire known',
    state: open.length > 0 ? 'unknown' : 'ok',
    figureName: 'plugs',
    figure: open.length > 0 ? fig(open.length, 'count') : null,
    next: say`Enter the cavities as they are moulded into the plugs, on tab “Cut and label”`,
    reason: open.length > 0 ? say`${open.slice(0, 4).join(', ')}${open.length > 4 ? ` and ${open.length - 4} more` : ''}: labels, board and proof take them in the order of the list.` : say`Of the ECU by its pinout, of the others as entered.`,
    source: 'plug and data sheet',
  }
} // prettier-ignore

/** Wires longer than what is bought at once, and plugs that are fitted after a hole. */
const judgeCut = (c: HarnessCase): HarnessVerdict[] => {
  if (!c.accepted) return []
  const { route, input } = c.accepted
  const { spoolM } = spoolOf(c)
  const kit = new Set(input.circuits.filter((x) => x.kit).map((x) => x.id))
  const long = route.routes.map((r) => (kit.has(r.id) ? r.shortfallM : r.wireM) ?? 0).filter((m) => m > spoolM)
  const holes = holesOfLoom(c)
  const last = holes.filter((h) => h.pinnedLast.length > 0)
  const thick = bundlesOfLoom(c).filter((b) => b.sleeveM === null)
  return [
    ...(long.length === 0
      ? []
      : [
          {
            ...plain,
            id: 'spool',
            title: 'Wire longer than what is bought at once',
            state: 'stop',
            figureName: 'wires',
            figure: fig(long.length, 'count'),
            limitName: 'bought in lengths of',
            limit: fig(spoolM, 'distance', 0),
            next: say`Buy that wire in longer lengths: it must not be joined`,
            reason: say`The longest is ${fig(Math.max(...long), 'distance', 2)}.`,
            source: 'cut list',
          } satisfies HarnessVerdict,
        ]),
    ...(holes.length === 0
      ? []
      : [
          {
            ...plain,
            id: 'pinned-last',
            title: last.length > 0 ? 'Plugs that are pinned after the hole' : 'Every plug goes through with its wires on',
            state: last.length > 0 ? 'caution' : 'ok',
            figureName: 'plugs',
            figure: last.length > 0 ? fig(last.reduce((sum, h) => sum + h.pinnedLast.length, 0), 'count') : null,
            next: say`Leave their wires unpinned on the bench, each with its label, and pin them in the car`,
            reason: last.length > 0 ? say`${last.map((h) => `${h.name}: ${h.pinnedLast.join(', ')}`).join('; ')}. The loom is put through so that the fewest are.` : say`Put through as tab “Cut and label” says.`,
            source: 'bore against diagonal of the plug',
          } satisfies HarnessVerdict,
        ]),
    ...(thick.length === 0
      ? []
      : [
          {
            ...plain,
            id: 'sleeve',
            title: 'Bundle thicker than any sleeve',
            state: 'caution',
            figureName: 'covered',
            figure: fig(Math.max(...thick.map((b) => b.coveredM)), 'bore', 0),
            next: say`Part it into two bundles, or tape it`,
            reason: say`${thick.map((b) => b.name).join(', ')}.`,
            source: 'sizes that are sold',
          } satisfies HarnessVerdict,
        ]),
  ]
} // prettier-ignore

/** What has to be undone to part body and engine. */
const judgeBodyOff = (c: HarnessCase): HarnessVerdict | null => {
  if (!c.accepted) return null
  const off = bodyOffOf(c)
  const stays = off.withBody.length <= off.withEngine.length
  return {
    ...plain,
    id: 'body-off',
    title: stays ? 'Engine out: the loom stays with the body' : 'Engine out: the loom goes with the engine',
    state: 'ok',
    figureName: 'plugs and terminals to undo',
    figure: fig(Math.min(off.withBody.length, off.withEngine.length), 'count'),
    reason: say`${String(off.withBody.length)} on the engine, ${String(off.withEngine.length)} on the body; ${counted(off.wires, 'net')} would go through one plug between them.${off.assumed ? ' What moves with the engine is taken from the plan.' : ''}`,
    source: 'counted',
  }
} // prettier-ignore

/** Old wires: what becomes of each, tagged and proved. */
const judgeOldWires = (c: HarnessCase): HarnessVerdict | null => {
  if (!c.systemChosen || c.plan.template === null) return null
  const { oldWires } = c.harness
  const base = { ...plain, id: 'old-wires', source: 'trade practice' }
  if (oldWires.length === 0)
    return { ...base, title: 'Old wires not listed', state: 'unknown', next: say`List what the old ignition, choke and fuel system leave, on tab “Cut and label”`, reason: say`A wire that is left live and bare is a short that waits.` }
  const open = oldWires.filter((w) => w.fate === null)
  const bare = oldWires.filter((w) => w.fate === 'capped' && w.tag.trim() === '')
  const unproved = oldWires.filter((w) => w.fate !== null && w.proved !== true)
  const failed = oldWires.filter((w) => w.fate !== null && w.proved === false)
  const [state, title, whose] =
    failed.length > 0 ? (['stop', 'Old wire failed its test', failed] as const)
    : open.length > 0 ? (['unknown', 'Old wire undecided', open] as const)
    : bare.length > 0 ? (['caution', 'Old wire capped without a tag', bare] as const)
    : unproved.length > 0 ? (['unknown', 'Old wires not proved', unproved] as const)
    : (['ok', 'Old wires dealt with and proved', oldWires] as const)
  return {
    ...base,
    title,
    state,
    figureName: 'wires',
    figure: fig(whose.length, 'count'),
    next: say`Do its test, tab “Cut and label”, and enter it`,
    reason: say`${whose.slice(0, 4).map((w) => w.name).join(', ')}${whose.length > 4 ? ` and ${whose.length - 4} more` : ''}.`,
  }
} // prettier-ignore

/** The loom’s proof, once somebody has begun with it. */
const judgeProof = (c: HarnessCase): HarnessVerdict | null => {
  const { asked, done: begun } = c.harness.proof
  if (begun.length + asked.length === 0) return null
  const proof = proofOfLoom(c)
  if (!proof) return null
  const { done, off, stale, steps } = proof
  const base = { ...plain, id: 'proof', source: 'meter on the bench', figureName: 'clip positions read', figure: fig(done, 'count'), limitName: 'of', limit: fig(steps.length, 'count') }
  if (off > 0)
    return { ...base, title: 'Loom is wired wrongly', state: 'stop', figureName: 'readings that are wrong', figure: fig(off, 'count'), limitName: '', limit: null, next: say`See tab “Proof and order”: it names the wire`, reason: say`Nothing is plugged in before every reading is right.` }
  if (stale > 0 && done === 0)
    return { ...base, title: 'Loom has changed since it was read', state: 'unknown', next: say`Read it again`, reason: say`${counted(stale, 'entry')} of the loom as it was.` }
  return done < steps.length
    ? { ...base, title: 'Loom not read to the end', state: 'unknown', next: say`Go on reading, tab “Proof and order”`, reason: say`So far every reading is right.` }
    : { ...base, title: 'Loom proved by meter', state: 'ok', reason: say`Every net rings from end to end, and no other does.` }
} // prettier-ignore

/** What the bench needs from an accepted loom, and what it has proved. */
export const judgeBench = (c: HarnessCase): HarnessVerdict[] =>
  [judgeSplices(c), judgeCavities(c), ...judgeCut(c), judgeBodyOff(c), judgeOldWires(c), judgeProof(c)].filter(
    (v) => v !== null,
  )
