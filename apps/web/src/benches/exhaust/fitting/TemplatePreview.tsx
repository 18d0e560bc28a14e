import { DATUM_WORDS, fig, TEMPLATE_WANTS, templateOfJob, type ExhaustCase, type TemplateMark } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { useWidth } from '../../bench/useWidth.ts'

const PAD_MM = 6

/** The template as it will be printed, with the papers to print it from. */
export const TemplatePreview = ({ c, index }: { c: ExhaustCase; index: 0 | 1 }) => {
  const [ref, width] = useWidth<HTMLElement>(620)
  const made = templateOfJob(c, index)
  if (!made.ok)
    return (
      <section aria-label="Drill template">
        <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Drill template</h2>
        <p className="border border-ink bg-sheet p-5 text-center">No template yet: {TEMPLATE_WANTS[made.error]}.</p>
      </section>
    )
  const { template: t, datum, pieceName, forbidden } = made.value
  const w = t.widthMm + 2 * PAD_MM
  const h = t.heightMm + 2 * PAD_MM
  const letter = index === 0 ? 'a' : 'b'
  return (
    <section aria-label="Drill template">
      <h2 className="mb-2 border-b-2 border-ink pb-0.5 font-extrabold">Drill template, {pieceName}</h2>
      {forbidden && (
        <p className="mb-2 font-semibold text-stop">
          This position is ruled out, and the paper says so too. See the assessment before you drill.
        </p>
      )}
      <PaperLinks
        papers={[
          { file: `drill-template.pdf?sensor=${letter}&paper=a4`, words: 'Template, A4', plain: true },
          { file: `drill-template.pdf?sensor=${letter}&paper=letter`, words: 'Template, Letter', plain: true },
          { file: `drill-template.svg?sensor=${letter}`, words: 'Template as SVG', plain: true },
        ]}
      />
      <figure ref={ref} className="border border-ink bg-white">
        <svg
          width={width}
          height={(width * h) / w}
          viewBox={`${-PAD_MM} ${-PAD_MM} ${w} ${h}`}
          role="img"
          className="block [&_text]:[fill:#1f2a30]"
          aria-label={`Strip ${t.stripLengthMm.toFixed(1)}\u2009mm long, hole centre ${t.holeYMm.toFixed(0)}\u2009mm from its upper edge`}
        >
          {t.marks.map((m, i) => (
            <Mark key={i} m={m} />
          ))}
        </svg>
      </figure>
      <ol className="list-decimal py-2 pl-6 leading-snug">
        <li>{'Print at 100 %, not “fit to page”. Check the ruler: 100\u2009mm, or the scale is wrong.'}</li>
        <li>
          Cut it out. Wrap it round the pipe, printed side out, arrow with the flow: its ends meet on the underside, and
          its length of <FigureText figure={fig(t.stripLengthMm / 1000, 'bore')} /> closes with no gap or overlap.
        </li>
        <li>
          {t.edgeFromDatumMm === 0
            ? `Upper edge at ${DATUM_WORDS[datum]}, centre line on the top line of the pipe.`
            : 'Draw a line around the pipe at the distance printed on the strip; upper edge on it, centre line on the top line.'}
        </li>
        <li>Centre punch through the cross. Drill a pilot, then step up to the circle. Deburr; every chip out.</li>
      </ol>
    </section>
  )
}

const Mark = ({ m }: { m: TemplateMark }) => {
  const ink = '#1f2a30'
  switch (m.kind) {
    case 'rect':
      return <rect x={m.x} y={m.y} width={m.w} height={m.h} fill="none" stroke={ink} strokeWidth={0.4} />
    case 'circle':
      return <circle cx={m.cx} cy={m.cy} r={m.r} fill="none" stroke={ink} strokeWidth={0.4} />
    case 'line':
      return (
        <line
          x1={m.x1}
          y1={m.y1}
          x2={m.x2}
          y2={m.y2}
          stroke={ink}
          strokeWidth={m.what === 'flow' ? 0.8 : 0.35}
          strokeDasharray={m.dashed ? '2 1.5' : undefined}
        />
      )
    case 'text':
      return (
        <text x={m.x} y={m.y} fontSize={m.size}>
          {m.text}
        </text>
      )
  }
}
