import type { WindscreenKind } from '../../physics/burn';
import { BURNERS, POTS, WINDSCREEN_MASS_G } from '../catalogue';
import { PLAIN_PIECE, type Ignition, type Piece, type Role, type Shape } from '../model';

/** Generic pieces, unbranded. Masses, sizes and prices: common practice, what walkers find on their scales and in shops. */

type Rest = Partial<Omit<Piece, 'id' | 'name' | 'role' | 'massG' | 'price'>>;
const piece = (role: Role, name: string, massG: number, price: number | null, shape: Shape, rest: Rest = {}): Piece => ({
  ...PLAIN_PIECE,
  id: `generic-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`,
  name,
  role,
  massG,
  price,
  shape,
  have: 'wish',
  ...rest,
});

const round = (diameterMm: number, heightMm: number): Shape => ({ kind: 'cylinder', diameterMm, heightMm });
const flat = (lengthMm: number, widthMm: number, heightMm: number): Shape => ({ kind: 'box', lengthMm, widthMm, heightMm });
const sheet = (lengthMm: number, heightMm: number, thicknessMm: number): Shape => ({ kind: 'sheet', lengthMm, heightMm, thicknessMm });
const soft = (volumeMl: number): Shape => ({ kind: 'soft', volumeMl });
/** A vessel with walls and floor of that thickness. */
const vessel = (diameterMm: number, heightMm: number, wallMm = 0.6): Shape => ({
  kind: 'vessel',
  diameterMm,
  heightMm,
  innerDiameterMm: diameterMm - 2 * wallMm,
  innerHeightMm: heightMm - wallMm,
});

/** Folded size, span of the pot arms and price of each generic burner. */
const BURNER_SIZES: Record<string, [shape: Shape, spanMm: number, price: number, material: Piece['material']]> = {
  'gas-micro': [flat(82, 45, 40), 110, 45, 'titanium'],
  'gas-large': [round(65, 95), 130, 40, 'steel'],
  'gas-bowl': [round(70, 90), 120, 60, 'steel'],
  'gas-regulated': [flat(90, 60, 45), 125, 70, 'aluminium'],
  'gas-remote': [round(95, 85), 150, 85, 'steel'],
  'gas-locked': [round(110, 55), 105, 90, 'aluminium'],
  'alcohol-open': [round(58, 42), 60, 12, 'aluminium'],
  'alcohol-simmer': [round(74, 46), 70, 25, 'brass'],
  'tablet-single': [flat(98, 77, 14), 70, 9, 'steel'],
  'tablet-double': [flat(110, 85, 16), 80, 12, 'steel'],
  'liquid-pump': [round(115, 90), 160, 120, 'steel'],
  'gel-tin': [round(90, 40), 90, 14, 'steel'],
  'wood-box': [flat(125, 100, 14), 100, 38, 'stainless'],
};

const BURNER_PIECES = BURNERS.flatMap((b) => {
  const size = BURNER_SIZES[b.id];
  if (!size) return []; // no burner is no piece
  const [shape, spanMm, price, material] = size;
  const gasQuirk = 'Valve shut before it is screwed on; listen and smell before lighting.';
  const quirk = b.family === 'openAlcohol' ? { step: 'lighting' as const, words: 'The flame cannot be seen by day.' } : null;
  return [
    piece('burner', b.name, b.massG, price, shape, {
      burnerId: b.id,
      spanMm,
      material,
      quirk: 'feed' in b ? { step: 'lighting', words: gasQuirk } : quirk,
      life: { trips: 150, used: 0 },
      ...(b.family === 'locked' ? { ignition: 'piezo' as const, alsoRoles: ['ignition' as const] } : {}),
    }),
  ];
});

const POT_PRICE: Record<string, number> = { 'ti-550': 38, 'ti-750': 45, 'ti-900': 55, 'al-1000': 28, 'st-1000': 30, 'fin-1000': 60 };
const POT_PIECES = POTS.flatMap((p) => [
  piece('pot', p.name, p.massG, POT_PRICE[p.id] ?? null, vessel(p.diameterMm, p.heightMm, p.material === 'titanium' ? 0.5 : 0.9), {
    material: p.material,
    base: p.base,
    life: { trips: 200, used: 0 },
  }),
  piece('lid', `lid of the ${p.name}`, p.lidMassG, 8, round(p.diameterMm + 2, 8), { material: p.material }),
]);

/** An eight-panel folding windscreen, g (common practice: 150 to 250). */
const EIGHT_PANELS_G = 190;
const SCREENS: [WindscreenKind, string, number, Shape, number, Piece['material']][] = [
  ['plate', 'wind plate under the burner head', WINDSCREEN_MASS_G.plate, round(100, 12), 15, 'aluminium'],
  ['folded', 'thin folding windscreen', WINDSCREEN_MASS_G.folded, flat(210, 80, 6), 14, 'aluminium'],
  ['folded', 'folding windscreen, eight panels', EIGHT_PANELS_G, flat(240, 85, 16), 14, 'aluminium'],
  ['foil', 'foil windscreen, rolled', WINDSCREEN_MASS_G.foil, sheet(480, 100, 0.1), 4, 'aluminium'],
  ['cone', 'fitted cone for pot and alcohol stove', WINDSCREEN_MASS_G.cone, sheet(420, 105, 0.15), 24, 'aluminium'],
];

const ignition = (kind: Ignition, name: string, massG: number, price: number, shape: Shape, rest: Rest = {}): Piece =>
  piece('ignition', name, massG, price, shape, { ignition: kind, ...rest });

export const PIECES: readonly Piece[] = [
  ...BURNER_PIECES,
  piece('adapter', 'adapter for screw-on cans from bayonet', 42, 18, round(50, 30), { material: 'brass' }),
  piece('adapter', 'one-way refill valve', 38, 20, round(30, 45), {
    material: 'brass',
    quirk: { step: 'packing', words: 'Many makers and some local rules forbid refilling.' },
  }),
  piece('pump', 'spare pump for liquid fuel', 55, 30, round(35, 130), { material: 'plastic' }),
  piece('support', 'wire stand for alcohol or tablets', 14, 8, round(80, 50), { material: 'titanium', spanMm: 85 }),
  piece('support', 'folding cross stand', 22, 12, flat(95, 45, 4), { material: 'titanium', spanMm: 90 }),
  piece('support', 'three titanium pegs as a stand', 18, 9, flat(165, 15, 12), { material: 'titanium', spanMm: 80 }),
  piece('support', 'mesh tube stand', 24, 6, round(75, 55), { material: 'steel', spanMm: 75 }),
  piece('canFoot', 'folding foot for a canister', 26, 9, flat(100, 30, 20), { material: 'plastic', spanMm: 150 }),
  piece('canFoot', 'cap for the rim of a canister', 6, 3, round(92, 8), { material: 'plastic' }),
  ...SCREENS.map(([windscreen, name, massG, shape, price, material]) =>
    piece('windscreen', name, massG, price, shape, { windscreen, material }),
  ),
  ...POT_PIECES,
  piece('pot', '0.4 L titanium cup-pot', 52, 30, vessel(85, 76, 0.5), { material: 'titanium', base: 'bare' }),
  piece('pot', '0.65 L aluminium kettle', 105, 24, vessel(130, 68, 0.9), { material: 'aluminium', base: 'bare' }),
  piece('pot', '1.3 L titanium, wide', 142, 65, vessel(140, 98, 0.5), { material: 'titanium', base: 'bare' }),
  piece('pot', 'drink can pot, 0.7 L', 28, 1, vessel(84, 160, 0.15), {
    material: 'aluminium',
    base: 'bare',
    life: { trips: 3, used: 0 },
    quirk: { step: 'cooking', words: 'It dents and its paint is not made for a flame.' },
  }),
  piece('pot', '18 cm frying pan, coated', 165, 22, vessel(180, 38, 1.2), { material: 'aluminium', base: 'bare', coated: true }),
  piece('lid', 'foil lid', 4, 0, soft(6), { material: 'aluminium' }),
  piece('grip', 'pot grip, aluminium', 30, 7, flat(125, 25, 12), { material: 'aluminium' }),
  piece('grip', 'silicone finger pads', 11, 5, soft(15), { material: 'silicone' }),
  piece('grip', 'bandana', 28, 6, soft(60), { material: 'cloth', alsoRoles: ['scrap'] }),
  piece('pad', 'aluminium base plate for a stove', 12, 2, flat(90, 90, 1), { material: 'aluminium' }),
  piece('pad', 'foam pad for pot or canister', 8, 1, flat(110, 110, 5), { material: 'foam' }),
  piece('pad', 'carbon felt, heat-proof', 6, 8, soft(20), { material: 'cloth' }),
  piece('cozy', 'pot sleeve of reflecting foam', 24, 6, soft(220), { material: 'foam' }),
  piece('cozy', 'bag cozy', 28, 10, soft(200), { material: 'foam' }),
  piece('cozy', 'wool hat', 55, 15, soft(300), { material: 'cloth', note: 'worn anyway' }),
  piece('container', '100 g canister', 95, 0, round(90, 70), {
    material: 'steel',
    note: 'empty; the load-out weighs it',
    quirk: { step: 'packing', words: 'Its steel foot rusts a wet pot: turn it over or cap it.' },
  }),
  piece('container', '230 g canister', 150, 0, round(110, 90), {
    material: 'steel',
    note: 'empty; the load-out weighs it',
    quirk: { step: 'packing', words: 'Its steel foot rusts a wet pot: turn it over or cap it.' },
  }),
  piece('container', '450 g canister', 210, 0, round(110, 150), { material: 'steel', note: 'empty; the load-out weighs it' }),
  piece('container', 'butane canister, 220 g, bayonet', 90, 0, round(70, 185), {
    material: 'steel',
    note: 'empty; wants an adapter or its own burner',
    quirk: { step: 'lighting', words: 'Plain butane finds no pressure below about −1 °C at the sea.' },
  }),
  piece('container', 'soft bottle, 250 mL, marked for alcohol', 20, 3, round(58, 125), { material: 'plastic', holdsMl: 250 }),
  piece('container', 'soft bottle, 500 mL, marked for alcohol', 34, 4, round(70, 180), { material: 'plastic', holdsMl: 500 }),
  piece('container', 'dropper bottle, 60 mL, kept warm at night', 9, 2, round(38, 88), { material: 'plastic', holdsMl: 60 }),
  piece('container', 'pressure bottle, 300 mL', 80, 18, round(65, 150), { material: 'aluminium', holdsMl: 300 }),
  piece('container', 'pressure bottle, 600 mL', 120, 22, round(72, 205), { material: 'aluminium', holdsMl: 600 }),
  piece('container', 'tube for tablets', 10, 2, round(34, 110), { material: 'plastic' }),
  piece('measure', 'syringe, 20 mL', 8, 1, round(24, 100), { material: 'plastic', holdsMl: 20 }),
  piece('measure', 'measuring cup, 30 mL', 3, 1, round(38, 36), { material: 'plastic', holdsMl: 30 }),
  piece('measure', 'measure cap, 5 mL', 2, 0.5, round(28, 14), { material: 'plastic', holdsMl: 5 }),
  piece('snuffer', 'snuffer cup', 7, 2, round(66, 48), { material: 'aluminium' }),
  piece('snuffer', 'priming pan', 5, 2, round(68, 8), { material: 'aluminium' }),
  ignition('lighter', 'small lighter', 11, 1, flat(60, 22, 11), { material: 'plastic', life: { trips: 15, used: 0 } }),
  ignition('lighter', 'full-size lighter', 21, 1.5, flat(80, 25, 14), { material: 'plastic', life: { trips: 30, used: 0 } }),
  ignition('match', 'book of matches', 5, 0.3, flat(50, 40, 5), { material: 'wood' }),
  ignition('match', 'box of matches in a bag', 12, 0.5, flat(55, 36, 15), { material: 'wood' }),
  ignition('stormMatch', 'storm matches in a tube', 22, 6, round(28, 75), { material: 'wood' }),
  ignition('spark', 'fire steel, short', 16, 10, round(16, 70), { material: 'steel', life: { trips: 300, used: 0 } }),
  ignition('spark', 'one-hand spark rod', 25, 14, round(18, 95), { material: 'steel', life: { trips: 300, used: 0 } }),
  ignition('piezo', 'pocket piezo', 20, 12, round(18, 110), { material: 'plastic', life: { trips: 60, used: 0 } }),
  ignition('arc', 'arc lighter, rechargeable', 48, 20, flat(75, 38, 14), { material: 'plastic', life: { trips: 60, used: 0 } }),
  piece('spoon', 'long titanium spoon', 17, 10, flat(216, 36, 14), { material: 'titanium' }),
  piece('spoon', 'folding titanium spork', 19, 12, flat(105, 40, 18), { material: 'titanium' }),
  piece('spoon', 'plastic spoon', 8, 2, flat(155, 35, 14), { material: 'plastic' }),
  piece('spoon', 'wooden spoon, cut short', 10, 2, flat(140, 34, 12), { material: 'wood' }),
  piece('scraper', 'silicone scraper', 9, 4, flat(80, 45, 6), { material: 'silicone' }),
  piece('scraper', 'old bank card', 4, 0, flat(86, 54, 1), { material: 'plastic' }),
  piece('cup', 'folding cup', 32, 8, flat(120, 100, 12), { material: 'plastic', holdsMl: 250 }),
  piece('cup', 'nesting plastic mug', 40, 4, vessel(92, 70, 1.5), { material: 'plastic', holdsMl: 350 }),
  piece('cup', 'titanium cup, 0.3 L', 48, 24, vessel(80, 72, 0.5), { material: 'titanium', holdsMl: 300 }),
  piece('cup', 'jar for soaking', 44, 3, vessel(96, 115, 1.5), { material: 'plastic', holdsMl: 600 }),
  piece('scrap', 'half a scouring pad', 3, 0.5, soft(15), { material: 'plastic' }),
  piece('scrap', 'cotton cloth', 9, 1, soft(35), { material: 'cloth', alsoRoles: ['grip'] }),
  piece('opener', 'tiny tin opener', 6, 2, flat(40, 17, 4), { material: 'steel' }),
  piece('opener', 'pocket knife with opener', 62, 25, flat(91, 26, 18), { material: 'steel' }),
  piece('bag', 'mesh bag for the pot', 9, 6, soft(30), { material: 'cloth' }),
  piece('bag', 'zip bag', 5, 0.3, soft(15), { material: 'plastic' }),
  piece('repair', 'spare O-rings and jet needle', 5, 6, soft(5), { material: 'other' }),
  piece('repair', 'repair wire and foil tape', 8, 2, soft(10), { material: 'other' }),
];
