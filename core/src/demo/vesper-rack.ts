import { PIECES, STARTING_SETTINGS } from '../domain/kit';
import { PLAIN_RACK, type Piece, type Rack, type RackKit } from '../domain/model';
import { demoBench } from './vesper-bench';
import { DEMO_SHELF } from './vesper-shelf';

/** The invented walker's rack: what is owned, borrowed and wished for, and six kits of it. */

const taken = (name: string, change: Partial<Piece> = {}): Piece => {
  const found = PIECES.find((p) => p.name === name);
  if (!found) throw new Error(`no piece "${name}" in the catalogue`);
  return { ...found, id: found.id.replace('generic-', ''), have: 'own', ...change };
};

const pieces: Piece[] = [
  taken('small gas stove', { life: { trips: 150, used: 22 } }),
  taken('open-jet alcohol stove'),
  taken('tablet tray, one lit'),
  taken('remote gas stove, canister inverted', { have: 'loan', note: 'lent until October' }),
  taken('regulated gas stove', { have: 'wish' }),
  taken('0.75 L titanium, tall'),
  taken('lid of the 0.75 L titanium, tall'),
  taken('0.9 L titanium, wide', { ownMassG: 101 }),
  taken('lid of the 0.9 L titanium, wide'),
  taken('0.55 L titanium mug'),
  taken('foil lid'),
  taken('1 L finned aluminium', { have: 'wish' }),
  taken('lid of the 1 L finned aluminium', { have: 'wish' }),
  taken('thin folding windscreen'),
  taken('foil windscreen, rolled'),
  taken('fitted cone for pot and alcohol stove'),
  taken('folding cross stand'),
  taken('three titanium pegs as a stand', { note: 'the tent stands on them too' }),
  taken('small lighter', { ownMassG: 12, life: { trips: 15, used: 15 } }),
  taken('book of matches'),
  taken('storm matches in a tube'),
  taken('fire steel, short'),
  taken('long titanium spoon'),
  taken('mesh bag for the pot'),
  taken('half a scouring pad'),
  taken('cotton cloth'),
  taken('measure cap, 5 mL'),
  taken('soft bottle, 250 mL, marked for alcohol'),
  taken('soft bottle, 500 mL, marked for alcohol'),
  taken('100 g canister'),
  taken('230 g canister'),
  taken('tube for tablets'),
  taken('folding foot for a canister'),
  taken('pot sleeve of reflecting foam'),
  taken('bandana', { note: 'worn anyway' }),
  taken('jar for soaking'),
  taken('folding cup'),
];

const kit = (
  id: string,
  name: string,
  names: readonly string[],
  settings: Partial<RackKit['settings']> = {},
  outside: readonly string[] = [],
): RackKit => {
  const idOf = (n: string): string => {
    const found = pieces.find((p) => p.name === n);
    if (!found) throw new Error(`no piece "${n}" on the demo rack`);
    return found.id;
  };
  return {
    id,
    name,
    pieceIds: names.map(idOf),
    outside: outside.map(idOf),
    settings: { ...STARTING_SETTINGS, ...settings },
    keepBecause: '',
  };
};

/** The kit of the demo trip; DEMO_TRIP.kit is what comes of it. */
export const DEMO_KIT_ID = 'canister-folding';

const RACK: Rack = {
  ...PLAIN_RACK,
  pieces,
  kits: [
    kit(DEMO_KIT_ID, 'small canister stove', [
      'small gas stove',
      '0.75 L titanium, tall',
      'lid of the 0.75 L titanium, tall',
      'thin folding windscreen',
      'small lighter',
      'book of matches',
      'long titanium spoon',
      'mesh bag for the pot',
      'half a scouring pad',
      '100 g canister',
    ]),
    kit(
      'alcohol-cone',
      'alcohol in a cone',
      [
        'open-jet alcohol stove',
        '0.9 L titanium, wide',
        'lid of the 0.9 L titanium, wide',
        'fitted cone for pot and alcohol stove',
        'measure cap, 5 mL',
        'small lighter',
        'storm matches in a tube',
        'long titanium spoon',
        'mesh bag for the pot',
        'cotton cloth',
        'soft bottle, 500 mL, marked for alcohol',
      ],
      { fuelId: 'alcohol-denatured' },
      ['soft bottle, 500 mL, marked for alcohol'],
    ),
    kit('remote-snow', 'remote stove for the snow', [
      'remote gas stove, canister inverted',
      '0.9 L titanium, wide',
      'lid of the 0.9 L titanium, wide',
      'foil windscreen, rolled',
      'fire steel, short',
      'small lighter',
      'long titanium spoon',
      'mesh bag for the pot',
      'pot sleeve of reflecting foam',
      '230 g canister',
    ]),
    kit(
      'tablets-light',
      'tablets under a mug',
      [
        'tablet tray, one lit',
        '0.55 L titanium mug',
        'foil lid',
        'foil windscreen, rolled',
        'storm matches in a tube',
        'long titanium spoon',
        'tube for tablets',
      ],
      { fuelId: 'tablet-14' },
    ),
    kit('regulated-finned', 'regulated, finned pot', [
      'regulated gas stove',
      '1 L finned aluminium',
      'lid of the 1 L finned aluminium',
      'thin folding windscreen',
      'small lighter',
      'fire steel, short',
      'long titanium spoon',
      'mesh bag for the pot',
      '100 g canister',
    ]),
    kit('cold-soak', 'cold soak', ['jar for soaking', 'long titanium spoon']),
  ],
  score: {
    ...PLAIN_RACK.score,
    compared: [DEMO_KIT_ID, 'alcohol-cone', 'remote-snow', 'tablets-light'],
    judged: {
      [DEMO_KIT_ID]: { fuss: 5, safety: 4 },
      'alcohol-cone': { fuss: 3, safety: 2.5 },
      'remote-snow': { fuss: 3, safety: 4 },
      'tablets-light': { fuss: 2, safety: 3 },
    },
  },
  shelf: DEMO_SHELF,
  diary: [
    {
      id: 'entry-1',
      date: '2026-06-07',
      kitName: 'alcohol in a cone',
      words: 'Four days, calm. The cone is quiet and slow; I read while it works.',
    },
    {
      id: 'entry-2',
      date: '2026-09-12',
      kitName: 'small canister stove',
      words: 'Changed for the ridge: open flames are banned there in dry years.',
    },
  ],
};

export const DEMO_RACK: Rack = { ...RACK, bench: demoBench(RACK, DEMO_KIT_ID) };
