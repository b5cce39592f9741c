import { inject, Injectable } from '@angular/core';
import type { Day } from '@tinder/core/domain/model';
import { daysOfLeg, paintDays, shiftDays, stretchLeg, type Shiftable } from '@tinder/core/domain/trail';
import { WorkspaceStore } from '../store/workspace-store';

/** Edits the conditions of a whole leg: a mean shifts all its days together, a choice is put on each of them. */
@Injectable({ providedIn: 'root' })
export class LegEditor {
  private readonly store = inject(WorkspaceStore);

  /** Makes a leg `count` days long. */
  stretch(leg: number, count: number, gesture?: string): void {
    this.store.editTrail('days', (t) => stretchLeg(t, leg, count), gesture);
  }

  shift(leg: number, key: Shiftable, label: string, change: { value: number; gesture?: string }): void {
    this.store.editTrail(
      label,
      (t) => {
        const { firstDay, lastDay } = daysOfLeg(t, leg);
        return shiftDays(t, firstDay, lastDay, key, change.value);
      },
      change.gesture,
    );
  }

  paint(leg: number, label: string, values: Partial<Day>, gesture?: string): void {
    this.store.editTrip(
      label,
      (t) => {
        const { firstDay, lastDay } = daysOfLeg(t, leg);
        return paintDays(t, firstDay, lastDay, values);
      },
      gesture,
    );
  }
}
