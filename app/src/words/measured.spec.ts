import { METRIC, US_CUSTOMARY } from '@tinder/core/foundation/units';
import { unitsOf } from '../testing/units-of';
import { degrees, measured } from './measured';

const [metric, us] = [unitsOf(METRIC), unitsOf(US_CUSTOMARY)];

it('says the measures of a sentence in the walker’s units', () => {
  // 88 · 1.8 + 32 = 190.4; −10 · 1.8 + 32 = 14; 6 m/s · 2.237 = 13.4 mph
  expect(measured('Heat to {88 °C}.', metric)).toBe('Heat to 88 °C.');
  expect(measured('Heat to {88 °C}.', us)).toBe('Heat to 190 °F.');
  expect(measured('{−10 °C}, {6 m/s}', us)).toMatch(/^14 °F, 13 mph$/);
});

it('leaves alone what is no measure', () => {
  expect(measured('two {things} and a 100 g canister', us)).toBe('two {things} and a 100 g canister');
});

it('tells a difference of temperature without a zero point', () => {
  expect([degrees(-8, metric), degrees(10, us)].map((t) => t.replace('\u00a0', ' '))).toEqual(['8 K', '18 °F']);
});
