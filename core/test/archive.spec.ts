import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { archiveJsonSchema } from '../src/archive/archive';
import { exportArchive, importArchive } from '../src/archive/import';
import { DEMO_TRIP } from '../src/demo/vesper-divide';
import { planTrip } from '../src/plan/plan';
import { anyTrip } from './any-trip';

const demo = exportArchive(DEMO_TRIP);
const broken = (change: (t: Record<string, Record<string, Record<string, unknown>>>) => void): string => {
  const raw = JSON.parse(demo) as { trip: Parameters<typeof change>[0] };
  change(raw.trip);
  return JSON.stringify(raw);
};

describe('archive', () => {
  it('comes back as it went out, with the same plan', () => {
    fc.assert(
      fc.property(anyTrip, (trip) => {
        const back = importArchive(exportArchive(trip));
        expect(back).toEqual({ ok: true, trip });
        if (back.ok) expect(planTrip(back.trip).demandG).toBe(planTrip(trip).demandG);
      }),
      { numRuns: 25 },
    );
  });

  it('names the line and column where a file stops being JSON', () => {
    expect(importArchive('{\n  "format": "restless-tinder",\n  oops\n}')).toEqual({
      ok: false,
      problem: { code: 'notJson', line: 3, column: 3 },
    });
    expect(importArchive('')).toMatchObject({ ok: false, problem: { code: 'notJson', line: 1 } });
  });

  it.each([
    ['[]', { code: 'otherFormat' }],
    ['{"format":"something"}', { code: 'otherFormat' }],
    ['{"format":"restless-tinder","version":7}', { code: 'otherVersion', found: 7, expected: 1 }],
    ['{"format":"restless-tinder"}', { code: 'otherVersion', found: undefined, expected: 1 }],
  ])('refuses %s', (text, problem) => {
    expect(importArchive(text)).toEqual({ ok: false, problem });
  });

  it('names every value that is off, by its path', () => {
    const bad = importArchive(
      broken((t) => {
        t['menu']['supper']['waterMl'] = -5;
        Object.assign(t['kit'], { burnerId: 'furnace' });
        delete t['conditions']['wind'];
      }),
    );
    expect(bad).toMatchObject({ ok: false, problem: { code: 'badValues' } });
    const paths = !bad.ok && bad.problem.code === 'badValues' ? bad.problem.issues.map((i) => i.path) : [];
    expect(paths).toEqual(expect.arrayContaining(['trip.menu.supper.waterMl', 'trip.kit.burnerId', 'trip.conditions.wind']));
  });

  it('refuses pieces that do not belong together and fields it does not know', () => {
    const mixed = demo.replace('gas-20-80', 'tablet-14');
    expect(importArchive(mixed)).toMatchObject({ problem: { issues: [{ path: 'trip.kit.fuelId' }] } });
    expect(importArchive(demo.replace('"lidOn"', '"hatOn"'))).toMatchObject({ ok: false });
  });

  it('refuses ten megabytes of noise before parsing it', () => {
    expect(importArchive('x'.repeat(10_000_000))).toMatchObject({ problem: { code: 'tooLarge', bytes: 10_000_000 } });
  });

  it('never throws, whatever the file holds', () => {
    fc.assert(fc.property(fc.oneof(fc.string(), fc.json()), (text) => expect(importArchive(text).ok).toBe(false)));
  });

  it('publishes the JSON Schema that it checks by (run "npm run schema" after changing it)', () => {
    const file = path.resolve(__dirname, '../../docs/formats/trip-archive-v1.schema.json');
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(archiveJsonSchema())));
  });
});
