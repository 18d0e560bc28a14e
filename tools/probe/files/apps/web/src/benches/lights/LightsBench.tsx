import { LIGHTS_STATION, type StationAssessment } from '@lochmoor/core'
import { PathField } from '../../fields/PathField.tsx'
import { Columns } from '../bench/Columns.tsx'
import { SheetJudgement } from '../bench/judgement/SheetJudgement.tsx'
import { makeBench, type SheetOf } from '../bench/StationBench.tsx'

const LightsSheet = ({ job }: SheetOf<StationAssessment>) => (
  <Columns
    measured={<PathField job={job} path="lights.headlampsW" label="Both headlamps" />}
    picture={null}
    judgement={<SheetJudgement sheet="" />}
  />
)

const NOTHING = {}

export const LightsBench = makeBench<StationAssessment, object>({
  station: LIGHTS_STATION,
  screens: { '': LightsSheet },
  useExtra: () => NOTHING,
  headline: () => ({}),
})
