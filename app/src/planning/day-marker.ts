import { computed, inject, Injectable, signal } from '@angular/core';
import { dayCount } from '@tinder/core/domain/trail';
import { WorkspaceStore } from '../store/workspace-store';

/** The day every panel follows, 1-based, and the brush of days about it. Shortening the trip moves it without forgetting where it was. */
@Injectable({ providedIn: 'root' })
export class DayMarker {
  private readonly trip = inject(WorkspaceStore).trip;
  private readonly chosen = signal(1);
  /** The far end of the brush; the marker is the near one. */
  private readonly anchor = signal<number | undefined>(undefined);

  readonly dayCount = computed(() => dayCount(this.trip()));
  readonly day = computed(() => this.inside(this.chosen()));
  /** Days brushed, from–to inclusive; the marked day alone where nothing is brushed. */
  readonly brush = computed(() => {
    const far = this.inside(this.anchor() ?? this.chosen());
    return { from: Math.min(far, this.day()), to: Math.max(far, this.day()) };
  });
  readonly brushed = computed(() => this.anchor() !== undefined);

  goTo(day: number): void {
    this.chosen.set(this.inside(day));
  }

  /** Starts or carries on a brush at the marker. */
  hold(): void {
    if (this.anchor() === undefined) this.anchor.set(this.day());
  }

  /** Brushes days `from`–`to`. */
  brushDays(from: number, to: number): void {
    this.anchor.set(from);
    this.goTo(to);
  }

  release(): void {
    this.anchor.set(undefined);
  }

  private inside(day: number): number {
    return Math.min(Math.max(1, day), this.dayCount());
  }
}
