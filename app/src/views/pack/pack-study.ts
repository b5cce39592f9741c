import { computed, inject, Injectable, signal } from '@angular/core';
import type { CutMeasures } from '@tinder/core/domain/model';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';

/** What leaves the screen, and the departure that is looked at. */
@Injectable({ providedIn: 'root' })
export class PackStudy {
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);

  readonly cut = computed(() => this.store.trip().cut);
  readonly asked = study(
    RESTING,
    () => {
      const planned = this.plans.planned();
      return planned && { planned, rack: this.store.rack() };
    },
    ({ planned: { trip, plan }, rack }, run) => this.worker.ask('pack', { trip, plan, rack }, undefined, run),
  );
  /** As it was weighed last: a tick is a change of the trip as well, and the list stays in the hand while it is weighed again. */
  readonly packed = computed(() => this.asked.last()?.answer);

  private readonly chosen = signal<string | undefined>(undefined);
  /** The stop that is left: the one of the marked day until another is chosen. */
  readonly stopId = computed(() => this.chosen() ?? this.plans.carry()?.fromStopId);
  readonly stops = computed(
    () => this.packed()?.lists.map((l) => ({ value: l.carry.fromStopId, label: `${l.carry.from} to ${l.carry.to}` })) ?? [],
  );
  readonly list = computed(() => this.packed()?.lists.find((l) => l.carry.fromStopId === this.stopId()) ?? this.packed()?.lists[0]);
  readonly card = computed(() => this.packed()?.cards.find((c) => c.carry.fromStopId === this.stopId()) ?? this.packed()?.cards[0]);

  /** Asked for only where a card is looked at: they plan the carry with every saving. */
  readonly wiresWanted = signal(false);
  readonly wires = study(
    RESTING,
    () => {
      const planned = this.plans.planned();
      const stopId = this.stopId();
      return planned && stopId !== undefined && this.wiresWanted() ? { planned, stopId } : undefined;
    },
    ({ planned: { trip, plan }, stopId }, run) => this.worker.ask('tripwires', { trip, plan }, { stopId }, run),
  );

  recut(change: Partial<CutMeasures>): void {
    this.store.editTrip('measure for cutting', (t) => ({ ...t, cut: { ...t.cut, ...change } }));
  }

  choose(stopId: string): void {
    this.chosen.set(stopId);
  }

  isTicked(id: string): boolean {
    return this.store.trip().packed.includes(id);
  }

  tick(id: string): void {
    this.store.editTrip('a tick', (t) => ({ ...t, packed: t.packed.includes(id) ? t.packed.filter((x) => x !== id) : [...t.packed, id] }));
  }

  untick(): void {
    this.store.editTrip('every tick off', (t) => ({ ...t, packed: [] }));
  }
}
