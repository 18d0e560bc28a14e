import type { PartLine } from '../../parts/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import { clampFitOf } from '../../exhaust/fitting/clampFit.ts'
import { jointsReadByAny } from './leaksOfCase.ts'
import { chosenSpots, type ExhaustCase } from './exhaustCase.ts'
import { piecesDrilled } from './judgeFitting.ts'

const JOINT_PARTS = {
  gasket: 'Manifold gasket',
  flange: 'Flange gasket with bolts',
  slip: 'Band clamp for a slip joint',
  clamped: 'Clamp',
  ball: 'Ring for a ball joint',
} as const

/** Outside diameters of pipes, to a tenth of a millimetre, each once. */
const outsidesOf = (outsidesM: readonly number[]): Sentence => {
  const [first = 0, ...others] = [...new Set(outsidesM.map((m) => Math.round(m * 1e4) / 1e4))]
  const all = others.reduce((said, m) => say`${said} and ${fig(m, 'bore')}`, say`${fig(first, 'bore')}`)
  return say`for ${all} outside`
}

/** What to order and to have in reach for the sensors of a job. */
export const partsOfExhaust = (c: ExhaustCase): PartLine[] => {
  const { bung, sensor, material } = c.exhaust
  const spots = chosenSpots(c)
  const count = spots.length
  if (count === 0) return []
  const pipes = piecesDrilled(c)
  const assumed = pipes.some(({ piece }) => piece.assumed.includes('diameter'))
  const [pipe] = pipes
  const joints = jointsReadByAny(c)
  return [
    ...(sensor
      ? [
          {
            id: 'sensor',
            what: 'oxygen sensor',
            name: sensor.name,
            quantity: fig(count, 'count'),
            specification: say`${sensor.kind}${sensor.heated ? ', heated' : ''}, ${sensor.thread}, cable ${fig(sensor.cableM, 'distance')}, ${fig(sensor.tightenNm, 'torque')}`,
            why: count === 2 ? 'one in each bank' : 'one after the merge',
            assumed: false,
          },
        ]
      : []),
    ...(bung && pipe
      ? [
          {
            id: 'bung',
            what: bung.kind === 'clamp-on' ? 'clamp-on bung' : 'weld-in bung',
            name: bung.name,
            quantity: fig(count, 'count'),
            specification: say`${bung.thread}, hole ${fig(bung.holeM, 'bore')}, for ${fig(bung.leastPipeM, 'bore')} to ${fig(bung.mostPipeM, 'bore')}`,
            why: `pipe measured${clampFitOf(bung, pipe.piece.outsideM) ? ', band and saddle checked' : ''}`,
            assumed,
          },
          {
            id: 'plug',
            what: 'plug',
            name: 'Blanking plug for the bung',
            quantity: fig(count, 'count'),
            specification: say`${bung.thread}, with its washer`,
            why: 'in the bung while welding, and for the leak check',
            assumed: false,
          },
          ...(c.drillM !== null && c.drillM >= bung.holeM - 1e-6
            ? []
            : [
                {
                  id: 'drill',
                  what: 'tool',
                  name: 'Step drill or hole saw, and a pilot',
                  quantity: fig(1, 'count'),
                  specification: say`to ${fig(bung.holeM, 'bore')}, pilot ${fig(0.003, 'bore')}`,
                  why: c.drillM === null ? 'hole for the bung' : 'hole larger than any drill there',
                  assumed: false,
                },
              ]),
        ]
      : []),
    ...(c.comesApart === 'welded' && c.exhaust.flanged === true && pipe
      ? [
          {
            id: 'flanges',
            what: 'joint',
            name: 'Pair of exhaust flanges with gasket and bolts',
            // A pair at each end of every stretch that is cut out.
            quantity: fig(2 * new Set(pipes.map((p) => p.run)).size, 'count'),
            specification: outsidesOf(pipes.map((p) => p.piece.outsideM)),
            why: 'pipe with the sensor made removable',
            assumed,
          },
        ]
      : []),
    ...(c.exhaust.joinBy === 'weld' && material === 'stainless'
      ? [
          {
            id: 'filler',
            what: 'filler',
            name: 'Stainless filler and backing gas',
            quantity: fig(1, 'count'),
            specification: say`for stainless pipe`,
            why: 'material of the pipe',
            assumed: false,
          },
        ]
      : []),
    ...(['gasket', 'flange', 'slip', 'clamped', 'ball'] as const).flatMap((kind): PartLine[] => {
      const of = joints.filter((j) => j.kind === kind && j.state !== 'tight')
      const pieces = of.reduce((sum, j) => sum + j.count, 0)
      return pieces === 0
        ? []
        : [
            {
              id: `joint-${kind}`,
              what: 'joint',
              name: JOINT_PARTS[kind],
              quantity: fig(pieces, 'count'),
              specification: say`at ${of.map((j) => j.name.toLowerCase()).join(', ')}`,
              why: 'joints ahead of the sensor, not yet tested tight',
              assumed: false,
            },
          ]
    }),
    ...(c.cablePathM !== null
      ? [
          {
            id: 'sleeve',
            what: 'heat sleeve',
            name: 'Sleeve for the sensor cable',
            quantity: fig(count * c.cablePathM, 'distance'),
            specification: say`and a clip on the body every ${fig(0.25, 'bore', 0)}`,
            why: 'route of the cable',
            assumed: false,
          },
        ]
      : []),
  ]
}
