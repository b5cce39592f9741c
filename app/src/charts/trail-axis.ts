import { computed, inject, Injectable, signal } from '@angular/core';
import type { Plan } from '@tinder/core/planned';
import { dayWidths, timeAxis, type AxisBy, type TimeAxis } from './time-axis';
import { DayMarker } from '../planning/day-marker';
import { WorkspaceStore } from '../store/workspace-store';

/** What ribbon, charts and day marker run by, the same for all of them. */
@Injectable({ providedIn: 'root' })
export class TrailAxis {
  private readonly marker = inject(DayMarker);
  private readonly trip = inject(WorkspaceStore).trip;
  readonly by = signal<AxisBy>('day');

  /** Where the marked day lies, % of the width. */
  readonly markedPercent = computed(() => {
    const kms = this.trip().legs.flatMap((l) => l.days.map((d) => d.km));
    return timeAxis(dayWidths(kms, this.by()), 100).middle(this.marker.day());
  });

  of({ days }: Pick<Plan, 'days'>, width: number): TimeAxis {
    const kms = days.map((d) => d.km);
    return timeAxis(dayWidths(kms, this.by()), width);
  }
}
