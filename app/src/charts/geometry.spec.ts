import { DEMO_TRIP, planTrip } from '@tinder/core';
import { RIBBON, ribbonGeometry } from './ribbon-geometry';
import { timeAxis } from './time-axis';
import { weightGeometry } from './weight-geometry';

const plan = planTrip(DEMO_TRIP);
const axis = timeAxis(5, 1000);

describe('time axis', () => {
  it('finds the day under a pixel and never leaves the leg', () => {
    expect([-20, 0, 199, 200, 999, 1000, 4000].map(axis.dayAt)).toEqual([1, 1, 1, 2, 5, 5, 5]);
    expect(axis.middle(3)).toBe(500);
  });
});

describe('ribbon', () => {
  const shape = ribbonGeometry(plan, axis);
  it('names the coldest night and the highest camp', () => {
    expect(shape.coldest).toMatchObject({ day: 3, nightC: -2 });
    expect(shape.highest.altitudeM).toBe(2660);
  });

  it('has a taper that is as thick as the fuel, day for day without a jump', () => {
    expect(shape.taper[0].startG).toBe(plan.fuelG);
    shape.taper.slice(1).forEach((s, i) => expect(s.startG).toBe(shape.taper[i].endG));
    expect(shape.taper[4].endG).toBeCloseTo(plan.fuelG - plan.demandG, 9);
    expect(shape.taper[0].path).toContain(`L0.0,${(RIBBON.taperTop + RIBBON.taperMax).toFixed(1)}Z`);
  });

  it('draws more wind strokes on the windier day', () => {
    expect(shape.days[2].windStrokes).toBeGreaterThan(shape.days[4].windStrokes);
  });
});

describe('weight chart', () => {
  const shape = weightGeometry(plan, axis, 138, 1);
  it('stacks up to what is carried, with round ticks that reach above it', () => {
    expect(shape.startG).toBe(plan.profile.startG);
    expect(shape.layers.reduce((s, l) => s + l.startG, 0)).toBeCloseTo(plan.profile.startG, 9);
    expect(shape.ticksG.at(-1)).toBeGreaterThanOrEqual(plan.profile.startG * 0.9);
    expect(shape.y(0)).toBe(138);
  });
});
