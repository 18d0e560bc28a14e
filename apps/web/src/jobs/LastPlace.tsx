import { STATION_HEADS } from '@lochmoor/core'
import { Navigate, useParams } from 'react-router'
import { lastPlaceOf } from '../store/places.ts'

/** A job opens where it was left; the first time on its first station. */
export const LastPlace = () => {
  const { jobId = '' } = useParams()
  return <Navigate to={lastPlaceOf(jobId) ?? STATION_HEADS[0]!.path} replace />
}
