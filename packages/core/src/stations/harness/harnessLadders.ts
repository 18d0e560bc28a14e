import { GROMMET_BORES_M } from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { HarnessSection } from '../../sections/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import type { Ladder, Trial } from '../station.ts'
import { harnessCase } from './harnessCase.ts'
import { wholeCorridor } from './planOfJob.ts'

const trial = (label: Sentence, harness: Partial<HarnessSection>): Trial => ({ label, change: { harness } })
const designed = (job: JobDocument, label: Sentence, design: Partial<HarnessSection['design']>): Trial =>
  trial(label, { design: { ...job.harness.design, ...design } })

/** Changes worth trying where a verdict is not sound: what the accepted loom needs, without moving it. */
export const harnessLadders = (job: JobDocument): readonly Ladder[] => {
  const { harness } = job
  const corridors = (change: (c: HarnessSection['corridors'][number]) => HarnessSection['corridors'][number]) => ({
    corridors: harness.corridors.map(change),
  })
  return [
    {
      id: 'grommet',
      cures: ['hole'],
      *trials() {
        const { accepted } = harnessCase(job)
        const full = (accepted?.route.broken ?? [])
          .filter((b) => b.constraint === 'hole')
          .map((b) => wholeCorridor(b.id))
        for (const boreM of GROMMET_BORES_M) {
          const wider = harness.corridors.filter((c) => full.includes(c.id))
          if (wider.length === 0) return
          yield trial(
            say`Grommet with ${fig(boreM, 'bore', 0)} bore in ${wider.map((c) => `“${c.name}”`).join(', ')}`,
            corridors((c) => (full.includes(c.id) ? { ...c, boreM } : c)),
          )
        }
      },
    },
    {
      id: 'edge',
      cures: ['crossing'],
      trials: () =>
        harness.corridors.some((c) => c.panel === 'bare-edge')
          ? [
              trial(
                say`Fit a grommet to every bare edge`,
                corridors((c) => (c.panel === 'bare-edge' ? { ...c, panel: 'grommet' } : c)),
              ),
            ]
          : [],
    },
    {
      id: 'clips',
      cures: ['clips'],
      trials: () => [
        trial(
          say`Clips every ${fig(0.25, 'bore', 0)}`,
          corridors((c) => ((c.clipM ?? 0) > 0.3 ? { ...c, clipM: 0.25 } : c)),
        ),
      ],
    },
    {
      id: 'tie',
      cures: ['tied-first'],
      trials: () => [designed(job, say`Tie the loom at the back of the engine first`, { tiedAtBack: true })],
    },
    {
      id: 'tuning',
      cures: ['tuning-cable'],
      trials: () => [designed(job, say`Lead the tuning cable out`, { tuningCable: true })],
    },
    {
      id: 'boot',
      cures: ['weather'],
      trials: () => [
        trial(say`Boot the open plugs`, {
          devices: harness.devices.map((d) => (d.sealed === false ? { ...d, booted: true } : d)),
        }),
      ],
    },
    {
      id: 'cap',
      cures: ['unused-leads'],
      trials: () => [
        trial(say`Cap and tag the unused leads`, {
          kitLeads: harness.kitLeads.map((k) => (k.unused === true ? { ...k, capped: true } : k)),
        }),
      ],
    },
  ]
}
