export type CamClass = 'mild' | 'sporting' | 'wild'

/** Class of the cam by vacuum at idle (gauge, positive), rule of thumb: mild from 50 kPa, sporting from 34 kPa. */
export const camClassOf = (idleVacuumPa: number): CamClass =>
  idleVacuumPa >= 50e3 ? 'mild' : idleVacuumPa >= 34e3 ? 'sporting' : 'wild'
