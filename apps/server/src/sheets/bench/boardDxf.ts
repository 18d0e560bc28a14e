import type { BoardDrawing } from '@lochmoor/core'
import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf'

const LAYERS = { branch: 'BRANCHES', lead: 'LEADS', face: 'CONNECTORS', node: 'NODES', plug: 'CONNECTORS', splice: 'SPLICES', cut: 'LOOPS' } as const // prettier-ignore
const TEXT = 'TEXT'
const GAP_MM = 50

/** Boards one beneath the other as a drawing for a plotter: millimetres, each kind on a layer of its own. */
export const boardDxf = (drawings: readonly BoardDrawing[]): string => {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  for (const name of new Set([...Object.values(LAYERS), TEXT])) dxf.addLayer(name, Colors.White, 'Continuous')
  let top = 0
  for (const d of drawings) {
    // Upwards from the lower edge, as such drawings are.
    const up = (y: number): number => top - y
    for (const m of d.marks)
      switch (m.kind) {
        case 'line': {
          const vertices = m.points.map(([x, y]) => ({ point: point2d(x, up(y)) }))
          dxf.addLWPolyline(vertices, { layerName: LAYERS[m.what], flags: LWPolylineFlags.None })
          break
        }
        case 'circle':
          dxf.addCircle(point3d(m.x, up(m.y), 0), m.r, { layerName: LAYERS[m.what] })
          break
        case 'text':
          dxf.addText(point3d(m.x, up(m.y), 0), m.size, m.text, { layerName: TEXT })
      }
    top -= d.heightMm + GAP_MM
  }
  return dxf.stringify()
}
