import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { build, legKitOf, tripWithKit } from '../src/domain/kit';
import { missedMeals, planTrip, weightSums } from '../src/planning/plan';
import { bestChanges, legKitChoices } from '../src/studies/study';
import { tripOnLeg, withKitOnLeg } from '../src/domain/trail';
import { valueOf } from './value-of';

const kitOf = (id: string) => {
  const kit = DEMO_RACK.kits.find((k) => k.id === id);
  if (!kit) throw new Error(`no kit ${id}`);
  return kit;
};
/** The demo on alcohol all the way: its ban leg goes without hot meals. */
const onAlcohol = valueOf(tripWithKit(DEMO_TRIP, build(DEMO_RACK, kitOf('alcohol-cone'))));
const BAN_LEG = 3;

describe('what another kit on one leg would change', () => {
  const now = planTrip(onAlcohol);
  const choices = legKitChoices(DEMO_RACK, onAlcohol, now, BAN_LEG);

  it('is the difference of two plans, in weight and in hot meals', () => {
    for (const c of choices) {
      const changed = withKitOnLeg(onAlcohol, BAN_LEG, c.kit);
      const then = planTrip(changed);
      expect(c.averageG).toBeCloseTo(weightSums(then).averageG - weightSums(now).averageG, 9);
      expect(c.mealsMissed).toBe(missedMeals(changed, then) - missedMeals(onAlcohol, now));
    }
  });

  it('gives the meals of a ban leg back where the kit has a valve that shuts, and not where it has none', () => {
    const mended = (name: string) => choices.find((c) => c.name === name)?.mealsMissed;
    expect(mended('small canister stove')).toBe(-10);
    expect(mended('tablets under a mug')).toBe(0);
    expect(choices.map((c) => c.name)).not.toContain('alcohol in a cone');
  });

  it('offers the trip’s own kit back where another one is carried, and no kit that cannot be planned with', () => {
    const gas = legKitOf(DEMO_RACK, kitOf('canister-folding'));
    const mixed = withKitOnLeg(onAlcohol, BAN_LEG, gas);
    const back = legKitChoices(DEMO_RACK, mixed, planTrip(mixed), BAN_LEG);
    expect(back[0]).toMatchObject({ name: 'the trip’s own kit', kit: undefined, mealsMissed: 10 });
    expect(legKitOf(DEMO_RACK, { ...kitOf('canister-folding'), pieceIds: [] })?.kit.burnerId).toBe('none');
    const burner = build(DEMO_RACK, kitOf('canister-folding')).pieces.find((p) => p.role === 'burner');
    expect(legKitOf(DEMO_RACK, { ...kitOf('canister-folding'), pieceIds: burner ? [burner.id] : [] })).toBeUndefined(); // no pot
  });

  it('is advised upon with the kit of that leg: changes are made to it and not to the other', () => {
    const mixed = withKitOnLeg(onAlcohol, BAN_LEG, legKitOf(DEMO_RACK, kitOf('canister-folding')));
    const plan = planTrip(mixed);
    const carry = plan.carries.find((c) => c.fromStop === BAN_LEG);
    if (!carry) throw new Error('no carry');
    const other = bestChanges(mixed, carry).find((c) => c.kind.code === 'pot');
    if (other?.kind.code !== 'pot') throw new Error('no advice on the pot');
    expect(tripOnLeg(other.trip, BAN_LEG).kit.pot.name).toBe(other.kind.name);
    expect(other.trip.kit).toEqual(onAlcohol.kit);
  });
});
