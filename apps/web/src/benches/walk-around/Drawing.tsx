import type { DrawingId } from '@lochmoor/core'
import type { ReactNode } from 'react'

const ink = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.6 }
const wanted = { fill: 'none', stroke: 'var(--accent)', strokeWidth: 1.8 }
const T = ({ x, y, children, end = false }: { x: number; y: number; children: string; end?: boolean }) => (
  <text x={x} y={y} fontSize={11} textAnchor={end ? 'end' : 'start'}>
    {children}
  </text>
)

/** Small drawings of where to put the rule, the tape or the meter: ink is the car, heather what is measured. */
const DRAWINGS: Readonly<Record<DrawingId, ReactNode>> = {
  'bore-and-stroke': (
    <>
      <path {...ink} d="M80 10 V90 M160 10 V90 M80 46 H160 M80 62 H160 M120 62 V90" />
      <path {...wanted} d="M80 24 H160 M172 46 V84 M80 20 V28 M160 20 V28 M168 46 H176 M168 84 H176" />
      <T x={106} y={20}>
        bore
      </T>
      <T x={180} y={68}>
        stroke
      </T>
    </>
  ),
  'firing-order': (
    <>
      <circle {...ink} cx={120} cy={50} r={34} />
      {['1', '3', '4', '2'].map((n, i) => (
        <text
          key={n}
          x={120 + 25 * Math.sin((i * Math.PI) / 2)}
          y={54 - 25 * Math.cos((i * Math.PI) / 2)}
          fontSize={12}
          textAnchor="middle"
        >
          {n}
        </text>
      ))}
      <path {...wanted} d="M168 30 A52 52 0 0 1 168 72 M164 64 L168 72 L176 68" />
      <T x={182} y={54}>
        rotor turns
      </T>
    </>
  ),
  divider: (
    <>
      <path {...ink} d="M60 18 H180 M60 18 V88 M180 18 V88 M120 18 V88" />
      <path {...wanted} d="M120 18 V46" strokeDasharray="4 3" />
      <T x={66} y={60}>
        plane
      </T>
      <T x={132} y={60}>
        plane
      </T>
      <T x={126} y={34}>
        cut 25 mm
      </T>
    </>
  ),
  'tank-gap': (
    <>
      <path {...ink} d="M30 16 H210 M50 42 H190 V88 H50 Z M110 36 H130 V42 H110 Z" />
      <path {...wanted} d="M120 16 V36 M80 42 V88 M116 16 H124 M76 42 H84 M76 88 H84" />
      <T x={126} y={30}>
        gap
      </T>
      <T x={86} y={70}>
        depth
      </T>
    </>
  ),
  'pipe-tape': (
    <>
      <circle {...ink} cx={90} cy={52} r={30} />
      <circle {...wanted} cx={90} cy={52} r={34} strokeDasharray="5 3" />
      <T x={136} y={48}>
        tape once round
      </T>
      <T x={136} y={64}>
        ÷ 3.14
      </T>
    </>
  ),
  'tail-length': (
    <>
      <path {...ink} d="M20 26 L52 48 M20 74 L52 52 M52 44 H214 V56 H52 Z" />
      <path {...wanted} d="M54 70 H214 M54 66 V74 M214 66 V74" />
      <T x={96} y={86}>
        merge to open end
      </T>
    </>
  ),
  'voltage-drop': (
    <>
      <path {...ink} d="M20 30 H70 V60 H20 Z M170 30 H220 V60 H170 Z M70 40 H170" />
      <path {...wanted} d="M70 40 V80 H108 M132 80 H170 V40" />
      <circle {...wanted} cx={120} cy={80} r={12} />
      <T x={116} y={84}>
        V
      </T>
      <T x={22} y={48}>
        battery
      </T>
      <T x={176} y={48}>
        starter
      </T>
    </>
  ),
  'bonnet-clay': (
    <>
      <path {...ink} d="M30 20 Q120 4 210 20 M80 46 H160 V58 H80 Z M100 58 V86 H140 V58 M60 86 H180" />
      <path {...wanted} d="M120 14 V46 M176 46 V86 M172 46 H180 M172 86 H180" />
      <T x={126} y={34}>
        gap: clay
      </T>
      <T x={184} y={70}>
        stack
      </T>
    </>
  ),
  'chain-slack': (
    <>
      <circle {...ink} cx={80} cy={66} r={18} />
      <circle {...ink} cx={160} cy={40} r={26} />
      <path {...ink} d="M74 49 L150 16 M86 83 L172 63" />
      <path {...wanted} d="M56 52 A28 28 0 0 1 80 38 M60 48 L56 52 L62 56" />
      <T x={20} y={36}>
        back, then on
      </T>
    </>
  ),
  'vacuum-needle': (
    <>
      <path {...ink} d="M70 80 A50 50 0 0 1 170 80" />
      <path {...wanted} d="M120 80 L148 46" />
      <path {...wanted} d="M120 80 L156 60" strokeDasharray="3 3" />
      <T x={174} y={58}>
        a flick = a valve
      </T>
    </>
  ),
}

export const Drawing = ({ id }: { id: DrawingId }) => (
  <svg viewBox="0 0 256 96" className="mt-2 w-full" aria-hidden>
    {DRAWINGS[id]}
  </svg>
)
