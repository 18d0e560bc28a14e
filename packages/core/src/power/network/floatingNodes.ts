import type { Network } from './compileNetwork.ts'
import type {
  ContactPart,
  DiodePart,
  FusePart,
  LoadPart,
  NetworkPart,
  RelayPart,
  SourcePart,
  WirePart,
} from './networkCase.ts'
import type { PartListName } from './networkCase.ts'

/** The two nodes that a part joins at this moment; null where it joins nothing. Sense leads never join. */
const joins = (list: PartListName, part: NetworkPart): readonly (readonly [string, string])[] => {
  switch (list) {
    case 'wires': {
      const { from, to } = part as WirePart
      return [[from, to]]
    }
    case 'contacts': {
      const { from, to, closed } = part as ContactPart
      return closed === false ? [] : [[from, to]]
    }
    case 'fuses': {
      const { from, to, blown } = part as FusePart
      return blown === true ? [] : [[from, to]]
    }
    case 'sources': {
      const source = part as SourcePart
      return source.kind === 'alternator' && source.mode === 'off' ? [] : [[source.pos, source.neg]]
    }
    case 'loads': {
      const load = part as LoadPart
      const through = load.on !== false && !(load.kind === 'resistance' && load.duty === 0)
      return through ? [[load.pos, load.neg]] : []
    }
    case 'relays': {
      const { coilPos, coilNeg } = part as RelayPart
      return [[coilPos, coilNeg]]
    }
    case 'diodes': {
      const { anode, cathode } = part as DiodePart
      return [[anode, cathode]]
    }
  }
}

/** Names, sorted, of the nodes that no chain of parts joins to the reference. */
export const floatingNodes = (net: Network, energised: ReadonlyMap<string, boolean>): string[] => {
  const parent = new Map<string, string>()
  const root = (n: string): string => {
    let at = n
    for (let up = parent.get(at); up !== undefined; up = parent.get(at)) at = up
    return at
  }
  const join = (a: string, b: string): void => {
    const [x, y] = [root(a), root(b)]
    if (x !== y) parent.set(x, y)
  }
  for (const { list, part } of net.placed) {
    for (const [a, b] of joins(list, part)) join(a, b)
    if (list === 'relays') {
      const { id, common, make, break: broken } = part as RelayPart
      const to = energised.get(id) ? make : broken
      if (to !== undefined) join(common, to)
    }
  }
  const ground = root(net.case.reference)
  return net.nodes.filter((n) => root(n) !== ground).sort()
}
