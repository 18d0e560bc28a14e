import {
  HARNESS_STATION,
  HARNESS_WORKINGS,
  harnessWorking,
  type HarnessAssessment,
  type HarnessWorkingId,
} from '@lochmoor/core'
import { useState } from 'react'
import { useParams } from 'react-router'
import { makeBench } from '../bench/StationBench.tsx'
import { useLooms } from './background/useLooms.ts'
import { BoardSheet } from './board/BoardSheet.tsx'
import { CutSheet } from './cut/CutSheet.tsx'
import { NoiseSheet } from './noise/NoiseSheet.tsx'
import { ProofSheet } from './proof/ProofSheet.tsx'
import { CarSheet } from './car/CarSheet.tsx'
import { CircuitsSheet } from './circuits/CircuitsSheet.tsx'
import { PlaceSheet } from './place/PlaceSheet.tsx'
import { RoutesSheet } from './routes/RoutesSheet.tsx'
import type { HarnessView } from './sheetProps.ts'

const isWorking = (id: string): id is HarnessWorkingId => (HARNESS_WORKINGS as readonly string[]).includes(id)
/** Tabs that show looms. */
const SHOWING = ['routes', 'ecu-place']

/** The harness station. */
export const HarnessBench = makeBench<HarnessAssessment, HarnessView>({
  station: HARNESS_STATION,
  screens: {
    '': CarSheet,
    circuits: CircuitsSheet,
    routes: RoutesSheet,
    'ecu-place': PlaceSheet,
    noise: NoiseSheet,
    cut: CutSheet,
    board: BoardSheet,
    proof: ProofSheet,
  },
  useExtra: ({ job }) => {
    const { sheet = '' } = useParams()
    const found = useLooms(job, SHOWING.includes(sheet) && job.harness.plan !== null)
    const [wire, setWire] = useState<string | null>(null)
    const [spot, setSpot] = useState<string | null>(null)
    const [place, setPlace] = useState<string | null>(null)
    return { found, wire, setWire, spot, setSpot, place, setPlace }
  },
  headline: ({ state, c }) =>
    state === 'ok' ? { says: 'Loom fits the car', next: `Next: cut it by the list, ECU ${c.accepted!.placeName}` } : {},
  working: (id) => (assessment) => {
    if (!isWorking(id)) return null
    return { working: harnessWorking(assessment.c, id), moment: 'the accepted loom' }
  },
  noSteps: 'There is no figure before a loom is accepted.',
}) // prettier-ignore
