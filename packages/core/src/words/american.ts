/** A word of British English, what American English says for it, and where it is left alone. */
export interface WordPair {
  /** Lower case; a space stands for any white space. */
  readonly british: string
  readonly american: string
  /** Not behind this, e.g. "plug " before "boot". */
  readonly notAfter?: string
  /** Not before this. */
  readonly notBefore?: string
}

const pair = (british: string, american: string, rest: Omit<WordPair, 'british' | 'american'> = {}): WordPair => ({
  british,
  american,
  ...rest,
})
/** A noun with its plural, both regular. */
const noun = (british: string, american: string): WordPair[] => [
  pair(british, american),
  pair(`${british}s`, `${american}s`),
]

/** Words of the trade that differ. Those that both use (harness, bung, header, kill switch) are not in it. */
const TRADE: readonly WordPair[] = [
  pair('bonnet', 'hood'),
  pair('boot', 'trunk', { notAfter: 'plug ' }),
  pair('bulkhead', 'firewall'),
  pair('sill', 'rocker panel'),
  pair('wing', 'fender'),
  ...noun('earth', 'ground'),
  pair('earthed', 'grounded'),
  pair('petrol', 'gasoline'),
  pair('tyres', 'tires'),
  pair('spanners', 'wrenches'),
  pair('spanner', 'wrench'),
  pair('gearbox', 'transmission'),
  ...noun('silencer', 'muffler'),
  pair('inlet manifold', 'intake manifold'),
  pair('hose clip', 'hose clamp'),
  pair('axle stands', 'jack stands'),
  pair('ht leads', 'plug wires'),
  pair('ht lead', 'plug wire'),
  pair('saloon', 'sedan'),
  pair('estate', 'station wagon'),
  pair('sump', 'oil pan'),
  pair('rolling road', 'chassis dyno'),
  pair('olive', 'ferrule'),
  pair('olives', 'ferrules'),
  pair('reversing lamp', 'backup lamp'),
  pair('dynamo', 'generator'),
  pair('tick', 'check'),
]

/** Words that are only spelt otherwise. */
const SPELLING: readonly WordPair[] = [
  pair('aluminium', 'aluminum'),
  pair('aluminised', 'aluminized'),
  pair('oxidised', 'oxidized'),
  pair('repolarise', 'repolarize'),
  ...noun('litre', 'liter'),
  pair('metre', 'meter'),
  ...noun('millimetre', 'millimeter'),
  pair('kilometres', 'kilometers'),
  pair('centre', 'center'),
  pair('centres', 'centers'),
  ...noun('colour', 'color'),
  pair('vapour', 'vapor'),
  ...noun('carburettor', 'carburetor'),
  pair('carburetted', 'carbureted'),
  pair('favour', 'favor'),
  pair('neighbour', 'neighbor'),
  pair('neighbouring', 'neighboring'),
  pair('grey', 'gray'),
  pair('analogue', 'analog'),
  pair('catalogue', 'catalog'),
  pair('draught', 'draft'),
  pair('downdraught', 'downdraft'),
  pair('towards', 'toward'),
  pair('enquiry', 'inquiry'),
]

export const AMERICAN: readonly WordPair[] = [...new Map([...TRADE, ...SPELLING].map((p) => [p.british, p])).values()]
