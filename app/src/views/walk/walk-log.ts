import { computed, inject, Injectable } from '@angular/core';
import { mealOn } from '@tinder/core/domain/menu';
import { daysOf, clamp, LIMITS, type MealName, type WalkEvent } from '@tinder/core/domain/model';
import { filledAsPlanned, sortedByTime, mergedLogs, withEvent, type DrinkMore, type MealAhead } from '@tinder/core/output/walk';
import { PlanService } from '../../planning/plan-service';
import { Autosave } from '../../store/autosave';
import { WorkspaceStore } from '../../store/workspace-store';
import { containerWords } from '../../words/container-words';
import { Units } from '../../words/units';

type Unstamped = WalkEvent extends infer E ? (E extends WalkEvent ? Omit<E, 'id' | 'at'> : never) : never;

/** The log of the open trip: every line an undoable step, written where the trip is. */
@Injectable({ providedIn: 'root' })
export class WalkLog {
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);

  private readonly autosave = inject(Autosave);

  readonly events = computed(() => sortedByTime(this.store.trip().walk?.log ?? []));
  readonly walked = computed(() => this.store.trip().walk !== undefined);

  /** Sets out: the first stop is left with what is planned. */
  begin(): void {
    const plan = this.plans.current()?.plan;
    if (!plan) return;
    const first = this.filled(plan.carries[0].fromStopId);
    this.store.editTrip('walk this trip', (t) => ({ ...t, walk: { daysLate: 0, log: first ? [first] : [] } }));
  }

  /** A stop left with what was planned for it. */
  leave(stopId: string): void {
    const event = this.filled(stopId);
    if (event) this.append(`left ${this.stopName(stopId)}`, event);
  }

  write(label: string, event: Unstamped): void {
    this.append(label, { ...event, ...this.stamp() });
  }

  /** Several lines as one step. */
  writeAll(label: string, events: readonly Unstamped[]): void {
    this.edit(label, (log) => events.reduce((all, e) => withEvent(all, { ...e, ...this.stamp() }), [...log]));
  }

  /** Meals cooked as planned, as one step; `more` is what else is known of them, or was other than planned. */
  cooked(
    label: string,
    meals: readonly MealAhead[],
    more: Partial<Pick<Extract<WalkEvent, { kind: 'cooked' }>, 'clockS' | 'waterMl' | 'modelG'>> = {},
  ): void {
    this.writeAll(
      label,
      meals.map(({ day, meal, modelG, share, planned }) => ({
        kind: 'cooked' as const,
        day,
        meal,
        dish: this.dishName(day, meal),
        modelG,
        share: clamp(share, LIMITS.shareSd),
        waterMl: clamp(planned.facts.waterMl, LIMITS.waterMl),
        ...more,
      })),
    );
  }

  /** A burn that no plan had. */
  extra(label: string, what: Extract<WalkEvent, { kind: 'extra' }>['what'], day: number, { modelG, share }: DrinkMore): void {
    this.write(label, { kind: 'extra', what, day, modelG, share: clamp(share, LIMITS.shareSd) });
  }

  /** What is said of a burn afterwards. */
  amend(id: string, change: Partial<Pick<Extract<WalkEvent, { kind: 'cooked' }>, 'taste' | 'feltS'>>): void {
    this.edit('how it was', (log) => log.map((e) => (e.id === id && e.kind === 'cooked' ? { ...e, ...change } : e)));
  }

  /** The dish of a part of a day, as it is planned. */
  dishName(day: number, meal: MealName): string {
    const trip = this.store.trip();
    return mealOn(trip, day, meal, daysOf(trip)[day - 1]?.dishes ?? {}).name;
  }

  remove(id: string): void {
    this.edit('line of the log', (log) => log.filter((e) => e.id !== id));
  }

  merge(events: readonly WalkEvent[]): number {
    const before = this.events().length;
    this.edit('log from a file', (log) => mergedLogs(log, events));
    return this.events().length - before;
  }

  /** A day later or earlier than planned. */
  shift(days: number): void {
    this.store.editTrip('day of the walk', (t) => (t.walk ? { ...t, walk: { ...t.walk, daysLate: t.walk.daysLate + days } } : t));
  }

  readonly stopName = (id: string): string => this.store.trip().stops.find((s) => s.id === id)?.name ?? id;

  private filled(stopId: string): WalkEvent | undefined {
    const plan = this.plans.current()?.plan;
    const carry = plan?.carries.find((c) => c.fromStopId === stopId);
    const name = (c: Parameters<typeof containerWords>[0]): string =>
      containerWords(c, (v, q, d) => this.units.plain(v, q, d)).slice(0, 80);
    return carry && filledAsPlanned(carry, this.stamp(), name);
  }

  private append(label: string, event: WalkEvent): void {
    this.edit(label, (log) => withEvent(log, event));
  }

  private edit(label: string, change: (log: readonly WalkEvent[]) => WalkEvent[]): void {
    this.store.editTrip(label, (t) => (t.walk ? { ...t, walk: { ...t.walk, log: change(t.walk.log) } } : t));
    this.autosave.keepNow(); // a line of the log is kept before the phone is back in the pocket
  }

  private stamp(): { id: string; at: string } {
    return { id: crypto.randomUUID(), at: new Date().toISOString() };
  }
}
