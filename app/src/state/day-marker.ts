import { computed, inject, Injectable, signal } from '@angular/core';
import { WorkspaceStore } from './workspace-store';

/** The day every panel follows, 1-based. Shortening the leg moves it to the last day without forgetting where it was. */
@Injectable({ providedIn: 'root' })
export class DayMarker {
  private readonly trip = inject(WorkspaceStore).trip;
  private readonly chosen = signal(1);

  readonly dayCount = computed(() => this.trip().leg.dayCount);
  readonly day = computed(() => Math.min(this.chosen(), this.dayCount()));

  goTo(day: number): void {
    this.chosen.set(Math.min(Math.max(1, day), this.dayCount()));
  }
}
