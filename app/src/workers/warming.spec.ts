import { DEMO_TRIP } from '@tinder/core/demo';
import { daysOf, type Trip } from '@tinder/core/model';
import { warming } from './warming';

describe('warming what plans', () => {
  let planned: Trip[];
  let tell: (trip: Trip) => void;
  let nowMs: number;
  let planMs: number;

  beforeEach(() => {
    jest.useFakeTimers({ doNotFake: ['performance'] });
    [nowMs, planMs] = [0, 1];
    jest.spyOn(performance, 'now').mockImplementation(() => nowMs);
    planned = [];
    tell = warming((trip) => {
      planned.push(trip);
      nowMs += planMs;
    });
  });
  afterEach(() => {
    jest.useRealTimers();
    jest.restoreAllMocks();
  });

  it('waits until nobody asks, then plans edits of the last trip that was asked for, each another, and comes to an end', () => {
    tell(DEMO_TRIP);
    jest.advanceTimersByTime(4000);
    const other = { ...DEMO_TRIP, id: 'other' };
    tell(other);
    jest.advanceTimersByTime(4900);
    expect(planned).toEqual([]);
    jest.advanceTimersByTime(60_000);
    expect(planned).toHaveLength(400);
    expect(planned.every((t) => t.id === 'other')).toBe(true);
    expect(new Set(planned.map((t) => JSON.stringify(daysOf(t)))).size).toBe(400);
    tell(DEMO_TRIP);
    jest.advanceTimersByTime(60_000);
    expect(planned).toHaveLength(400);
  });

  it('takes no longer than a second and a half where plans are slow', () => {
    planMs = 300;
    tell(DEMO_TRIP);
    jest.advanceTimersByTime(60_000);
    expect(planned).toHaveLength(5);
  });

  it('leaves off when it is asked', () => {
    tell(DEMO_TRIP);
    jest.advanceTimersByTime(5010);
    const sofar = planned.length;
    expect(sofar).toBeGreaterThan(0);
    tell(DEMO_TRIP);
    jest.advanceTimersByTime(4900);
    expect(planned).toHaveLength(sofar);
  });
});
