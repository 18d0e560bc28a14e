import { ASSEMBLY_STEPS, LINE_NAMES, type FittingMake, type JobDocument } from '@lochmoor/core'

const MAKE_WORDS: Readonly<Record<FittingMake, string>> = {
  reusable: 'Two-piece end on lined hose',
  crimped: 'Crimped end',
  'push-on': 'Push-on end',
  'quick-connector': 'Quick connector',
  'flare-nut': 'Flared tube with nut and sleeve',
  'barb-and-clamp': 'Barb and hose clip',
}

/** How each kind of end that this design has is put on. */
export const AssemblySteps = ({ job }: { job: JobDocument }) => {
  const ends = LINE_NAMES.flatMap((l) => job.fuel[l].legs.flatMap((leg) => [leg.start, leg.end]))
  const makes = [...new Set(ends.flatMap((e) => (e ? [e.make] : [])))]
  if (makes.length === 0) return null
  return (
    <section aria-label="Fitting the ends" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Fitting the ends</h2>
      {makes.map((make) => (
        <div key={make} className="py-1.5">
          <h3 className="font-semibold">{MAKE_WORDS[make]}</h3>
          <ol className="list-decimal pl-6 leading-snug">
            {ASSEMBLY_STEPS[make].map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </div>
      ))}
      <p className="text-sm text-soft">Trade practice; the fitting maker’s instructions come first.</p>
    </section>
  )
}
