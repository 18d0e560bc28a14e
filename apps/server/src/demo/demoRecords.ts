import type { LogRecord, RecordBody } from '@lochmoor/core'
import { DEMO_PEOPLE } from './demoPeople.ts'
import { workTime } from './workTime.ts'

const CURLEW = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const CARRIER = 'c51e9b07-6f48-4d2a-9e6b-0a9b8c7d3e33'
const TURNSTONE = '9a4e7b1c-2d38-4f65-8c07-3e1f5a6b7c77'
const WHIMBREL = 'b7c8d9e0-3f49-4a76-9d18-4f2a6b7c8d88'
const JOBS = [CURLEW, CARRIER, TURNSTONE, WHIMBREL]
const PHOTO = 'a1f3c2d4-5e6b-4708-9a1b-c2d3e4f50617'

/** A drawing that stands in for a photograph in the demo, and says so. */
const TANK_DRAWING = `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="800" viewBox="0 0 1200 800">
  <rect width="1200" height="800" fill="#d8d2c4"/>
  <path d="M60 170 H1140" stroke="#47525a" stroke-width="14"/>
  <rect x="180" y="300" width="840" height="300" rx="40" fill="#8d979c" stroke="#2c353a" stroke-width="10"/>
  <rect x="520" y="262" width="160" height="38" fill="#5d676d" stroke="#2c353a" stroke-width="8"/>
  <path d="M600 178 V258 M590 198 L600 178 L610 198 M590 238 L600 258 L610 238" stroke="#7a3e72" stroke-width="7" fill="none"/>
  <path d="M180 560 Q300 540 420 562 T700 556 T1020 562 V600 H180 Z" fill="#8a5a3a" opacity="0.65"/>
  <text x="640" y="232" font-family="sans-serif" font-size="44" fill="#2c353a">28 mm to the boot floor</text>
  <text x="60" y="730" font-family="sans-serif" font-size="40" fill="#2c353a">Drawn for the demo; a photograph would stand here.</text>
</svg>`

export const DEMO_PHOTOS = [{ jobId: CURLEW, photoId: PHOTO, svg: TANK_DRAWING }] as const

const measurement = (
  quantity: string,
  si: number,
  family: Extract<RecordBody, { kind: 'measurement' }>['family'],
  text: string,
  field: string | null,
  more: Partial<Extract<RecordBody, { kind: 'measurement' }>> = {},
): RecordBody => ({
  kind: 'measurement',
  quantity,
  si,
  family,
  text,
  field,
  place: '',
  condition: '',
  instrument: '',
  ...more,
})

const id = (n: number) => `b2e4d3c5-6f7c-4819-8b2c-${n.toString(16).padStart(12, '0')}`

interface Line {
  readonly n: number
  readonly jobId: string
  /** Days before the demo's first start. */
  readonly days: number
  readonly who: 0 | 1 | 2
  readonly body: RecordBody
  readonly corrects?: number
}

const LINES: readonly Line[] = [
  {
    n: 1,
    jobId: CURLEW,
    days: 21,
    who: 1,
    body: { kind: 'note', text: 'Owner: starts badly hot, idles by ear. Wants it to look as it does.' },
  },
  {
    n: 2,
    jobId: CURLEW,
    days: 20,
    who: 1,
    body: measurement('Battery at rest, after a night', 12.26, 'voltage', '12.26 V', 'walkAround.tests.restingV', {
      instrument: 'bench meter',
      condition: 'lid lamp was on',
    }),
  },
  {
    n: 3,
    jobId: CURLEW,
    days: 19,
    who: 1,
    corrects: 2,
    body: measurement('Battery at rest, after a night', 12.56, 'voltage', '12.56 V', 'walkAround.tests.restingV', {
      instrument: 'bench meter',
      condition: 'charged, a night apart',
    }),
  },
  {
    n: 4,
    jobId: CURLEW,
    days: 19,
    who: 1,
    body: measurement('Vacuum at warm idle', 63e3, 'pressure', '18.6 in Hg', 'walkAround.tests.idleVacuumPa', {
      place: 'full-manifold port',
      condition: 'warm, 800 rpm',
    }),
  },
  {
    n: 5,
    jobId: CURLEW,
    days: 18,
    who: 1,
    body: measurement('Gap above the tank, to the floor', 0.028, 'bore', '28 mm', 'walkAround.tank.gapAboveM', {
      place: 'over the sender hole',
    }),
  },
  {
    n: 6,
    jobId: CURLEW,
    days: 18,
    who: 1,
    body: { kind: 'photo', text: 'Gap over the tank', photoId: PHOTO, field: 'walkAround.tank.gapAboveM' },
  },
  {
    n: 7,
    jobId: CURLEW,
    days: 12,
    who: 0,
    body: {
      kind: 'decision',
      text: 'Low-pressure throttle body, return line, old ignition kept',
      reason: 'Keeps its look; timing can follow in a second winter.',
    },
  },
  {
    n: 8,
    jobId: CARRIER,
    days: 6,
    who: 2,
    body: { kind: 'note', text: 'Blows at the manifold joint, cold and warm. Dynamo lamp glows at idle.' },
  },
  {
    n: 9,
    jobId: CARRIER,
    days: 5,
    who: 2,
    body: measurement(
      'Earth-side drop: block to battery',
      0.34,
      'voltage',
      '340 mV',
      'walkAround.tests.crankingGroundDropV',
      {
        condition: 'cold, coil off',
      },
    ),
  },
  {
    n: 10,
    jobId: TURNSTONE,
    days: 117,
    who: 0,
    body: {
      kind: 'note',
      text: 'Owner drives it to work: must start at once, look stock, and all of it must come off again.',
    },
  },
  {
    n: 11,
    jobId: TURNSTONE,
    days: 96,
    who: 1,
    body: {
      kind: 'decision',
      text: 'New 6 mm return instead of the old line',
      reason: 'On paper the old 4.9 mm line lifts the rail at idle, as it did on the coupé.',
    },
  },
  {
    n: 12,
    jobId: TURNSTONE,
    days: 95,
    who: 1,
    body: {
      kind: 'decision',
      text: 'Sensor on the common pipe, 120 mm after the merge, at half past ten',
      reason: 'Clear of the gearbox linkage over its whole travel.',
    },
  },
  {
    n: 13,
    jobId: TURNSTONE,
    days: 34,
    who: 2,
    body: { kind: 'note', text: 'Loom proved on the bench: every wire in its cavity, nothing to body or supply.' },
  },
  {
    n: 14,
    jobId: TURNSTONE,
    days: 12,
    who: 1,
    body: measurement('Battery at rest, after a night', 12.62, 'voltage', '12.62 V', null, {
      instrument: 'bench meter',
    }),
  },
  {
    n: 15,
    jobId: TURNSTONE,
    days: 7,
    who: 0,
    body: {
      kind: 'note',
      text: 'Handed over with the job book. Cold start, hot start and a drive with the owner: no complaint.',
    },
  },
  {
    n: 16,
    jobId: WHIMBREL,
    days: 4,
    who: 2,
    body: { kind: 'note', text: 'Lines in and tight. Loom back from the board, proof begun at the ECU’s plug.' },
  },
]

/** The log books of the demo, told from now backwards. */
export const demoRecords = (now: Date): { jobId: string; records: LogRecord[] }[] =>
  JOBS.map((jobId) => ({
    jobId,
    records: LINES.filter((l) => l.jobId === jobId).map(({ n, days, who, body, corrects }): LogRecord => {
      const at = workTime(now, days, n).toISOString()
      return {
        id: id(n),
        at,
        storedAt: at,
        importedBy: null,
        who: DEMO_PEOPLE[who].name,
        body,
        corrects: corrects === undefined ? null : id(corrects),
        withdraws: false,
      }
    }),
  }))
