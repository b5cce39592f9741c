import Papa from 'papaparse';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { build, tripWithKit } from '../src/domain/kit';
import { planTrip } from '../src/planning/plan';
import { LOAD_OUT_COLUMNS, writeLoadOutCsv } from '../src/output/tables';
import { valueOf } from './value-of';

const rowsOf = (csv: string) => Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data;
const planWith = (id: string) => {
  const kit = DEMO_RACK.kits.find((k) => k.id === id);
  return planTrip(valueOf(kit && tripWithKit(DEMO_TRIP, build(DEMO_RACK, kit))));
};

describe('load-outs as a table', () => {
  it('have one line a stop that fills up, whose grams are the plan’s', () => {
    const plan = planTrip(DEMO_TRIP);
    const rows = rowsOf(writeLoadOutCsv(plan));
    expect(Object.keys(rows[0])).toEqual([...LOAD_OUT_COLUMNS]);
    expect(rows.map((r) => r['from'])).toEqual(plan.carries.map((c) => c.from));
    rows.forEach((r, i) => {
      const c = plan.carries[i];
      expect(Number(r['startG'])).toBeCloseTo(c.profile.startG, 0);
      expect(Number(r['fuelG']) + Number(r['containersG']) + Number(r['hardwareG'])).toBeCloseTo(Number(r['startG']), 0);
      expect([Number(r['firstDay']), Number(r['lastDay'])]).toEqual([c.days[0].day, c.days[c.days.length - 1].day]);
    });
  });

  it('name canisters, bottles and tablets in their own words', () => {
    expect(rowsOf(writeLoadOutCsv(planTrip(DEMO_TRIP)))[2]['bought']).toBe('canister 230 g with 230 g');
    expect(rowsOf(writeLoadOutCsv(planWith('alcohol-cone')))[0]['leavingWith']).toMatch(
      /^bottle 250 mL with \d+ mL( \+ bottle 250 mL with \d+ mL)*$/,
    );
    expect(rowsOf(writeLoadOutCsv(planWith('tablets-light')))[0]['leavingWith']).toMatch(/^\d+ tablets of \d+ g$/);
  });

  it('are empty of containers where nothing is carried', () => {
    const [row] = rowsOf(writeLoadOutCsv(planWith('cold-soak')));
    expect([row['bought'], row['leavingWith'], row['fuelG']]).toEqual(['', '', '0']);
  });
});
