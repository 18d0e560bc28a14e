import { STATION_LIST, type StationValue } from '../../stations/index.ts'

export const stationById = (id: string): StationValue => STATION_LIST.find((s) => s.id === id)!
