import { DEMO_KIT_ID, DEMO_RACK, DEMO_TRIP } from '../src/demo';
import {
  addRackKit,
  addToKit,
  applyMend,
  build,
  hardwareOfG,
  hintsFor,
  ignitesOf,
  rackWithTripKit,
  removePiece,
  removeRackKit,
  standing,
  tripKitOf,
  tripWithKit,
} from '../src/domain/kit';
import { DISHES } from '../src/domain/menu';
import { PLAIN_RACK, kitSchema, rackSchema, type Rack } from '../src/domain/model';
import { hardwareMassG } from '../src/planning/plan';
import { codes, counter, generic, kitById, without } from './rack-in-hand';
import { problemOf, valueOf } from './value-of';

describe('a kit of pieces', () => {
  it('is the kit of the demo trip, gram by gram', () => {
    expect(valueOf(tripKitOf(build(DEMO_RACK, DEMO_RACK.kits[0])))).toEqual(DEMO_TRIP.kit);
  });

  it('weighs every piece once, whatever jobs it does, and leaves containers to the load-out', () => {
    for (const kit of DEMO_RACK.kits) {
      const built = build(DEMO_RACK, kit);
      const trip = valueOf(tripWithKit(DEMO_TRIP, built));
      expect(kitSchema.safeParse(trip.kit).success).toBe(true);
      expect(hardwareMassG(trip)).toBeCloseTo(hardwareOfG(built.pieces), 9);
    }
    const pan = { ...generic('18 cm frying pan, coated'), alsoRoles: ['lid' as const] };
    const kit = valueOf(tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('small gas stove'), pan] }));
    expect(kit).toMatchObject({ lidOn: true, otherMassG: 0, pot: { massG: 165, lidMassG: 0 } });
  });

  it('goes by the walker’s own scale before the label', () => {
    const wide = DEMO_RACK.pieces.find((p) => p.name === '0.9 L titanium, wide');
    expect(wide && hardwareOfG([wide])).toBe(101);
  });

  it('says what it lacks to be planned with', () => {
    expect(problemOf(tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('small gas stove')] }))).toEqual({
      code: 'noPot',
      kitId: DEMO_KIT_ID,
    });
    expect(problemOf(tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('0.75 L titanium, tall')] })).code).toBe('noBurner');
    expect(valueOf(tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('jar for soaking')] }))).toMatchObject({ burnerId: 'none' });
  });

  it('comes onto an empty rack out of the kit of a trip, and back', () => {
    const { rack, kitId } = rackWithTripKit(PLAIN_RACK, DEMO_TRIP, counter());
    expect(rackSchema.safeParse(rack).success).toBe(true);
    expect(valueOf(tripKitOf(build(rack, kitById(rack, kitId))))).toEqual(DEMO_TRIP.kit);
  });

  it('is doubled, taken away, and loses a piece that leaves the rack', () => {
    const two = addRackKit(DEMO_RACK, 'copy', DEMO_RACK.kits[0]);
    expect(two.kits.at(-1)).toMatchObject({ name: 'small canister stove, varied', pieceIds: DEMO_RACK.kits[0].pieceIds });
    expect(addRackKit(two, 'copy-2', DEMO_RACK.kits[0]).kits.at(-1)?.name).toBe('small canister stove, varied 2');
    expect(removeRackKit(two, DEMO_KIT_ID).score.compared).not.toContain(DEMO_KIT_ID);
    const fewer = removePiece(two, 'long-titanium-spoon');
    expect(rackSchema.safeParse(fewer).success).toBe(true);
    expect(fewer.kits.every((k) => !k.pieceIds.includes('long-titanium-spoon'))).toBe(true);
  });
});

describe('hints', () => {
  const alcohol = 'alcohol-cone';

  it('name what is missing, and one press mends each', () => {
    let rack = without(without(DEMO_RACK, alcohol, 'measure cap, 5 mL'), alcohol, 'lid of the 0.9 L titanium, wide');
    rack = without(without(rack, alcohol, 'storm matches in a tube'), alcohol, 'soft bottle, 500 mL, marked for alcohol');
    rack = without(rack, alcohol, 'long titanium spoon');
    let trip = {
      ...DEMO_TRIP,
      menu: { ...DEMO_TRIP.menu, lunch: DISHES.find((d) => d.name === 'tin of sardines') ?? DEMO_TRIP.menu.lunch },
    };
    trip = { ...trip, menu: { ...trip.menu, supper: DISHES.find((d) => d.name === 'raw rice') ?? trip.menu.supper } };
    const found = hintsFor(rack, trip, kitById(rack, alcohol));
    expect(codes(found)).toEqual(
      expect.arrayContaining([
        'noMeasure',
        'noLid',
        'noSpareIgnition',
        'failsDamp',
        'noContainer',
        'noSpoon',
        'noOpener',
        'cannotSimmer',
        'wornOut',
      ]),
    );
    const newId = counter();
    for (let i = 0; i < 20; i++) {
      const mend = hintsFor(rack, trip, kitById(rack, alcohol)).find((h) => h.mend)?.mend;
      if (mend) ({ rack, trip } = applyMend(rack, trip, alcohol, mend, newId));
    }
    expect(hintsFor(rack, trip, kitById(rack, alcohol))).toEqual([]);
    expect(rackSchema.safeParse(rack).success).toBe(true);
  });

  it('take what is owned before what is to buy, and nothing to buy under the switch', () => {
    const bare = without(DEMO_RACK, 'remote-snow', 'fire steel, short');
    const spare = (rack: Rack) => hintsFor(rack, DEMO_TRIP, kitById(rack, 'remote-snow')).find((h) => h.code === 'noSpareIgnition')?.mend;
    expect(spare(bare)).toMatchObject({ piece: { name: 'fire steel, short', have: 'own' } });
    const poor = removePiece(removePiece(bare, 'fire-steel-short'), 'storm-matches-in-a-tube');
    expect(spare(poor)).toMatchObject({ piece: { have: 'wish' } });
    expect(spare({ ...poor, onlyOwned: true })).toMatchObject({ piece: { name: 'book of matches' } });
  });

  it('ask for a box where too many stops in a row sell nothing', () => {
    const found = hintsFor(DEMO_RACK, DEMO_TRIP, kitById(DEMO_RACK, 'tablets-light'));
    const noShops = { ...DEMO_TRIP, stops: DEMO_TRIP.stops.map((s) => ({ ...s, sells: [], box: null })) };
    const hint = hintsFor(DEMO_RACK, noShops, kitById(DEMO_RACK, 'tablets-light')).find((h) => h.code === 'notSold');
    expect(codes(found)).not.toContain('notSold');
    expect(hint?.mend).toMatchObject({ kind: 'postBox', stopName: 'Marl Cross' });
  });

  it('know that metal scratches a coated pan, and put another spoon in its place', () => {
    const rack = addToKit(DEMO_RACK, 'regulated-finned', generic('18 cm frying pan, coated'), counter());
    const swappedPot = without(rack, 'regulated-finned', '1 L finned aluminium');
    const hint = hintsFor(swappedPot, DEMO_TRIP, kitById(swappedPot, 'regulated-finned')).find((h) => h.code === 'scratches');
    expect(hint?.about).toBe('long titanium spoon');
    if (!hint?.mend) throw new Error('no mend');
    const { rack: mended } = applyMend(swappedPot, DEMO_TRIP, 'regulated-finned', hint.mend, counter());
    expect(codes(hintsFor(mended, DEMO_TRIP, kitById(mended, 'regulated-finned')))).not.toContain('scratches');
  });

  it('follow the walker’s own table of what lights what', () => {
    expect(ignitesOf(DEMO_RACK, 'canisterTop', 'lighter')).toBe('dry');
    const knows = { ...DEMO_RACK, ignites: { canisterTop: { lighter: 'damp' as const } } };
    expect(codes(hintsFor(knows, DEMO_TRIP, knows.kits[0]))).not.toContain('failsDamp');
  });
});

describe('standing', () => {
  it('tips a tall pot on a small can, less on a foot; measures the pot against its support', () => {
    const pieces = build(DEMO_RACK, DEMO_RACK.kits[0]).pieces;
    // by hand: 70 mm can + 70 mm burner + 112 mm pot on a foot of 90 mm
    expect(standing(DEMO_TRIP, pieces).tower).toMatchObject({ heightMm: 252, footMm: 90, tips: true });
    expect(standing(DEMO_TRIP, [...pieces, generic('folding foot for a canister')]).tower).toMatchObject({ footMm: 150, tips: false });
    // a can of no usual size stands like the nearest one
    expect(standing(DEMO_TRIP, pieces, 110).tower).toMatchObject({ heightMm: 252, footMm: 90, tips: true });
    expect(standing(DEMO_TRIP, pieces).onSupport).toEqual({ potMm: 95, spanMm: 110, overhangMm: 0, tips: false });
    expect(standing(DEMO_TRIP, pieces).largest).toMatchObject({ name: 'dried dinner and tea', fits: true });
  });
});
