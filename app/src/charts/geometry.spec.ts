import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import { carryOfDay } from '@tinder/core/planning/planned';
import { kitLines } from '@tinder/core/studies/study';
import { FOLDED_RIBBON, RIBBON, ribbonBans, ribbonLand, ribbonStops, ribbonTaper } from './ribbon-geometry';
import { dayWidths, timeAxis } from './time-axis';
import { weightGeometry } from './weight-geometry';

const plan = planTrip(DEMO_TRIP);
const equal = (width: number) =>
  timeAxis(
    plan.days.map(() => 1),
    width,
  );
const axis = equal(1150);

describe('time axis', () => {
  it('finds the day under a pixel and never leaves the leg', () => {
    expect([-20, 0, 49, 50, 1149, 1150, 4000].map(axis.dayAt)).toEqual([1, 1, 1, 2, 23, 23, 23]);
    expect(axis.middle(3)).toBe(125);
    expect([0, 24, 26, 74, 76, 1150].map(axis.boundaryAt)).toEqual([0, 0, 1, 1, 2, 23]);
  });

  it('runs by kilometre: a day twice as far is twice as wide, a day off is still seen', () => {
    const byKm = timeAxis(dayWidths([10, 20, 0], 'km'), 320);
    expect([0, 1, 2, 3].map((b) => Math.round(byKm.x(b)))).toEqual([0, 100, 300, 320]);
    expect([50, 150, 310].map(byKm.dayAt)).toEqual([1, 2, 3]);
    expect(dayWidths([0, 0], 'km')).toEqual([1, 1]);
  });
});

describe('ribbon', () => {
  const land = ribbonLand(DEMO_TRIP, plan, axis);
  const { slices, band, outline } = ribbonTaper(plan, axis);
  it('names the coldest night and the highest camp, and stands stops at their day', () => {
    expect(land.coldest).toMatchObject({ day: 19, nightC: -10 });
    expect(land.highest.altitudeM).toBe(2950);
    expect(ribbonStops(DEMO_TRIP, axis).map((s) => s.x)).toEqual([0, 250, 450, 600, 850, 1000, 1150]);
    expect(ribbonBans(DEMO_TRIP, axis).map((b) => [b.restriction, b.x, b.width])).toEqual([
      ['noOpenFlame', 600, 250],
      ['unknown', 1000, 150],
    ]);
  });

  it('cuts a stop’s name before the next stop, and leaves it out where nothing would be left', () => {
    const narrow = ribbonStops(DEMO_TRIP, equal(300));
    expect(narrow[1].name).toMatch(/^H.*…$/);
    narrow.slice(0, -1).forEach((s, i) => expect(s.x + s.name.length * 7.2).toBeLessThan(narrow[i + 1].x + 1));
  });

  it('has a taper that is as thick as the fuel, burns down day by day and is renewed at stops', () => {
    const first = carryOfDay(plan, 1);
    expect(slices[0].startG).toBe(first.fuelG);
    slices.slice(1, 5).forEach((s, i) => expect(s.startG).toBe(slices[i].endG));
    expect(slices[4].endG).toBeCloseTo(first.fuelG - first.demandG, 9);
    expect(slices[5].startG).toBe(carryOfDay(plan, 6).fuelG);
    // the most fuel of the trip leaves the hut before the pass, on day 18: the band is as thick as it gets there
    const most = plan.carries.reduce((a, b) => (b.fuelG > a.fuelG ? b : a));
    expect(most.days[0].day).toBe(18);
    const thickest = `,${(RIBBON.taperTop + RIBBON.taperMax).toFixed(1)}Z`;
    expect(outline(slices[17])).toContain(thickest);
    expect(outline(slices[16])).not.toContain(thickest);
    expect(band.split('Z').filter((c) => `${c}Z`.endsWith(thickest)).length).toBe(1);
  });

  it('folds into less height with everything inside it', () => {
    const folded = ribbonTaper(plan, axis, FOLDED_RIBBON);
    const { highest } = ribbonLand(DEMO_TRIP, plan, axis, FOLDED_RIBBON);
    const ys = [folded.band, folded.reserve, ...folded.slices.map(folded.outline)].flatMap((d) =>
      [...d.matchAll(/,(-?[\d.]+)/g)].map((m) => Number(m[1])),
    );
    expect(highest.y).toBeGreaterThanOrEqual(FOLDED_RIBBON.hillTop);
    expect(Math.min(...ys)).toBeGreaterThan(highest.y);
    expect(Math.max(...ys)).toBeLessThanOrEqual(FOLDED_RIBBON.height);
    expect(FOLDED_RIBBON.height).toBeLessThan(0.7 * RIBBON.height);
  });

  it('draws more wind strokes on the windier day, and tells nights apart', () => {
    expect(land.days[2].windStrokes).toBeGreaterThan(land.days[4].windStrokes);
    expect([8, 14, 17, 0].map((i) => land.days[i].night)).toEqual(['town', 'dry', 'snow', 'camp']);
  });

  it('follows a track where there is one, over the whole width', () => {
    const profile = Array.from({ length: 101 }, (_, i) => ({ km: i * 4.35, altitudeM: 1000 + 5 * i }));
    const tracked = ribbonLand({ ...DEMO_TRIP, profile }, plan, axis);
    expect(tracked.highest.altitudeM).toBe(1500);
    expect(tracked.hillLine).toMatch(/,[\d.]+C?.*1150,77/);
  });
});

describe('weight chart', () => {
  const shape = weightGeometry(plan, axis, 138, 1);
  it('stacks up to what is carried out of each stop, with round ticks that reach above it', () => {
    expect(shape.startG).toBe(carryOfDay(plan, 1).profile.startG);
    expect(shape.legs.map((s) => s.g)).toEqual(plan.carries.map((c) => c.profile.startG));
    expect(shape.ticksG.at(-1)).toBeGreaterThanOrEqual(shape.startG * 0.9);
    expect(shape.y(0)).toBe(138);
  });

  it('passes through every morning’s load, and stands at both weights where a stop fills up', () => {
    const points = [...shape.total.matchAll(/([\d.]+),([\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);
    for (const { profile } of plan.carries) {
      const days = profile.days.map((d) => ({ x: axis.x(d.day - 1), y: shape.y(d.totalG) }));
      for (const end of [days[0], days[days.length - 1]]) {
        expect(points.some(([x, y]) => Math.abs(x - end.x) < 0.01 && Math.abs(y - end.y) < 0.01)).toBe(true);
      }
      for (const { x, y } of days.slice(1, -1)) {
        const i = points.findIndex((p) => p[0] >= x - 0.001);
        const [from, to] = [points[i - 1], points[i]];
        expect(Math.abs(from[1] + ((to[1] - from[1]) * (x - from[0])) / (to[0] - from[0]) - y)).toBeLessThan(0.3);
      }
    }
  });
});

describe('the weight chart with everything on it', () => {
  const lines = kitLines(DEMO_RACK, DEMO_TRIP, plan);
  const shape = weightGeometry(plan, axis, 150, 1, lines.slice(1));

  it('stacks pieces, containers, reserve and fuel up to the morning load', () => {
    const [first] = plan.carries;
    expect(shape.layers.map((l) => l.name)).toEqual(['hardware', 'containers', 'reserve', 'fuel']);
    const topOf = (layer: number): number => Number(/^M0,([\d.]+)/.exec(shape.layers[layer].path)?.[1]);
    expect(topOf(0)).toBeCloseTo(shape.y(first.hardwareG), 3);
    expect(topOf(2)).toBeCloseTo(shape.y(first.hardwareG + first.tareG + first.reserveG), 3);
    expect(topOf(3)).toBeCloseTo(shape.y(first.profile.startG), 3);
  });

  it('lays the water of a dry camp on its day, cut off at the top', () => {
    const dry = plan.days.filter((d) => d.carriedWaterMl > 0);
    expect(shape.water.map((w) => [w.x, w.massG])).toEqual(dry.map((d) => [axis.x(d.day - 1), d.carriedWaterMl]));
    for (const w of shape.water) {
      expect(w.y).toBeGreaterThanOrEqual(0);
      expect(w.y + w.height).toBeGreaterThan(w.y);
    }
  });

  it('draws every other kit as a line over the whole trip, in the order of the list that names them', () => {
    expect(shape.others.map((o) => o.id)).toEqual(lines.slice(1).map((l) => l.id));
    for (const o of shape.others) expect(o.path).toMatch(/^M0,.*L1150,/);
  });

  it('draws them through the mean of every carry where stops stand too close to be read', () => {
    const narrow = equal(23 * plan.carries.length);
    const drawn = weightGeometry(plan, narrow, 150, 1, lines.slice(1));
    const [line] = drawn.others;
    expect([line.isMean, shape.others[0].isMean]).toEqual([true, false]);
    const { loadsG } = lines[1].carries[0];
    const meanG = loadsG.slice(0, -1).reduce((a, b) => a + b, 0) / (loadsG.length - 1);
    const [x, y] = (/^M([\d.]+),([\d.]+)/.exec(line.path) ?? []).slice(1).map(Number);
    expect(x).toBeCloseTo(narrow.x((loadsG.length - 1) / 2), 2);
    expect(y).toBeCloseTo(drawn.y(meanG), 2);
  });

  it('leaves room for the heaviest of them', () => {
    const most = Math.max(...lines.flatMap((l) => l.carries.flatMap((c) => c.loadsG)));
    expect(shape.y(most)).toBeGreaterThanOrEqual(0);
  });
});
