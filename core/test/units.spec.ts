import fc from 'fast-check';
import {
  formatDuration,
  formatQuantity,
  fromCore,
  METRIC,
  parseQuantity,
  toCore,
  unitBySymbol,
  UNITS,
  US_CUSTOMARY,
  type Quantity,
} from '../src/foundation/units';

const read = (text: string, quantity: Quantity, fallback = METRIC) =>
  parseQuantity(text, quantity, unitBySymbol(quantity, fallback[quantity]));
const value = (text: string, quantity: Quantity, fallback = METRIC): number => {
  const p = read(text, quantity, fallback);
  if (!p.ok) throw new Error(`${text}: ${p.problem.code}`);
  return p.value.value;
};

describe('typed quantities', () => {
  // right-hand sides from GNU Units 2.22: "2 cups" → mL, "16 floz" → mL, …
  it.each([
    ['2 cups', 'volume', 473.17647],
    ['16oz', 'volume', 473.17647],
    ['16 fl. oz', 'volume', 473.17647],
    ['1 tbsp', 'volume', 14.786765],
    ['3 tsp', 'volume', 14.786765],
    ['1 qt', 'volume', 946.35295],
    ['250 cc', 'volume', 250],
    ['0.75 L', 'volume', 750],
    ['1½ cup', 'volume', 354.88235],
    ['1 1/2 cups', 'volume', 354.88235],
    ['1/2 cup', 'volume', 118.29412],
    ['0,5 l', 'volume', 500],
    ['16oz', 'mass', 453.59237],
    ['3 lb 4 oz', 'mass', 1474.1752],
    ['1.2 kg', 'mass', 1200],
    ['65F', 'temperature', 18.333333],
    ['65 °F', 'temperature', 18.333333],
    ['−4 C', 'temperature', -4],
    ['-4', 'temperature', -4],
    ['1,200 m', 'altitude', 1200],
    ['5000 ft', 'altitude', 1524],
    ['11.5 mi', 'distance', 18.507456],
    ['18 km/h', 'speed', 5],
    ['10 mph', 'speed', 4.4704],
    ['3.75 in', 'length', 95.25],
    ['190 proof', 'strength', 95],
    ['1 h 30 min', 'minutes', 90],
  ] as const)('%s of %s', (text, quantity, expected) => {
    expect(value(text, quantity)).toBeCloseTo(expected, 4);
  });

  it('takes a bare number in the preferred unit', () => {
    expect(value('16', 'volume', US_CUSTOMARY)).toBeCloseTo(473.176, 3);
    expect(value('50', 'temperature', US_CUSTOMARY)).toBeCloseTo(10, 9);
  });

  it('keeps ounces of weight and fluid ounces apart: 2 fl oz of ethanol weigh 47 g, not 57', () => {
    expect(value('2 oz', 'volume') * 0.789).toBeCloseTo(46.7, 1);
    expect(value('2 oz', 'mass')).toBeCloseTo(56.7, 1);
  });

  it('questions a pair that disagrees and takes one that agrees', () => {
    expect(read('60 F / 20 C', 'temperature')).toMatchObject({
      ok: false,
      problem: { code: 'pairDisagrees', first: '60 F', second: '20 C' },
    });
    expect(value('68 F / 20 C', 'temperature')).toBeCloseTo(20, 6);
    expect(value('2 cups = 473 ml', 'volume')).toBeCloseTo(473.18, 1);
  });

  it.each([
    ['', 'empty'],
    ['plenty', 'noNumber'],
    ['3 4', 'noNumber'],
    ['5 furlongs', 'unknownUnit'],
    ['5 km', 'otherQuantity'],
    ['1/0 cup', 'noNumber'],
  ])('refuses "%s" as %s', (text, code) => {
    expect(read(text, 'volume')).toMatchObject({ ok: false, problem: { code } });
  });

  it('never throws and never answers with NaN', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const p = read(text, 'volume');
        if (p.ok) expect(Number.isFinite(p.value.value)).toBe(true);
      }),
    );
  });
});

describe('units', () => {
  const everyUnit = (Object.keys(UNITS) as Quantity[]).flatMap((q) => UNITS[q].map((u) => [q, u.symbol] as const));

  it.each(everyUnit)('%s in %s round-trips and can be typed as it is shown', (quantity, symbol) => {
    const unit = unitBySymbol(quantity, symbol);
    fc.assert(
      fc.property(fc.double({ min: -500, max: 5000, noNaN: true }), (x) => {
        expect(fromCore(toCore(x, unit), unit)).toBeCloseTo(x, 6);
      }),
    );
    const shown = formatQuantity(toCore(40, unit), quantity, symbol, 3);
    expect(value(shown, quantity)).toBeCloseTo(toCore(40, unit), 2);
  });

  it('knows the melting and boiling points in both scales', () => {
    const f = unitBySymbol('temperature', '°F');
    expect(fromCore(0, f)).toBeCloseTo(32, 9);
    expect(fromCore(100, f)).toBeCloseTo(212, 9);
  });

  it('writes numbers with a true minus and durations as walkers say them', () => {
    expect(formatQuantity(-7, 'temperature', '°C')).toBe('−7 °C');
    expect(formatQuantity(-0.2, 'temperature', '°C')).toBe('0 °C');
    expect(formatQuantity(2100, 'altitude', 'm')).toBe('2,100 m');
    expect([12, 60, 171, 599, 725, 3900].map(formatDuration)).toEqual(['10 s', '1 min', '2 min 50 s', '10 min', '12 min', '1 h 05']);
  });
});
