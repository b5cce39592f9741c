import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { PIECES } from '../src/domain/kit';
import { DISHES } from '../src/domain/menu';
import {
  COLD_MEAL,
  mealSchema,
  menuSchema,
  pieceSchema,
  PLAIN_MEAL,
  PLAIN_RACK,
  rackSchema,
  tripSchema,
  USUAL_CUT,
} from '../src/domain/model';

describe('what stands where nothing else is said', () => {
  it('is an empty rack, and a windscreen 6 mm from the pot (common practice)', () => {
    expect([PLAIN_RACK.pieces, PLAIN_RACK.shelf, PLAIN_RACK.bench.tests, PLAIN_RACK.diary]).toEqual([[], [], [], []]);
    expect([USUAL_CUT.gapMm, USUAL_CUT.potGapMm]).toEqual([6, 45]);
  });

  it('is a menu with two meals, and nothing cooked besides', () => {
    const menu = menuSchema.parse({ breakfast: PLAIN_MEAL, supper: PLAIN_MEAL });
    expect(menu.drink).toEqual({ ...PLAIN_MEAL, ...COLD_MEAL, name: 'nothing' });
    expect(DEMO_TRIP.menu.drink).toEqual(menu.drink);
    expect(DEMO_TRIP.menu.washUp).toEqual(menu.washUp);
  });

  it('makes a demo and catalogues that can be read back as they are', () => {
    expect(tripSchema.parse(DEMO_TRIP)).toEqual(DEMO_TRIP);
    expect(rackSchema.parse(DEMO_RACK)).toEqual(DEMO_RACK);
    for (const p of PIECES) expect(pieceSchema.parse(p)).toEqual(p);
    for (const d of DISHES) expect(mealSchema.parse(d)).toEqual(d);
  });
});
