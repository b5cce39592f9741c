import fc from 'fast-check';
import { spreadAlong } from './spread-along';

const [CARD, GAP] = [100, 6];

it('stands every card under its centre where there is room', () => {
  expect(spreadAlong([80, 300, 700], CARD, GAP, 760)).toEqual([30, 250, 650]);
});

it('keeps cards in their order, off each other and within the drawing wherever they fit', () => {
  const cases = fc
    .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 8 })
    .chain((shares) => fc.record({ shares: fc.constant(shares), roomPx: fc.integer({ min: shares.length * (CARD + GAP), max: 1600 }) }));
  fc.assert(
    fc.property(cases, ({ shares, roomPx }) => {
      const centres = shares.map((s) => s * roomPx).sort((a, b) => a - b);
      const lefts = spreadAlong(centres, CARD, GAP, roomPx);
      lefts.forEach((left, i) => {
        expect(left).toBeGreaterThanOrEqual(0);
        expect(left + CARD).toBeLessThanOrEqual(roomPx + 1e-9);
        if (i > 0) expect(left - lefts[i - 1]).toBeGreaterThanOrEqual(CARD + GAP - 1e-9);
      });
    }),
  );
});
