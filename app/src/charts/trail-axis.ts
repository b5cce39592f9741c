import { Injectable, signal } from '@angular/core';
import type { Plan } from '@tinder/core/planning/planned';
import { dayWidths, timeAxis, type AxisBy, type TimeAxis } from './time-axis';

/** What ribbon and charts run by, the same for all of them. */
@Injectable({ providedIn: 'root' })
export class TrailAxis {
  readonly by = signal<AxisBy>('day');

  of({ days }: Pick<Plan, 'days'>, width: number): TimeAxis {
    const kms = days.map((d) => d.km);
    return timeAxis(dayWidths(kms, this.by()), width);
  }
}
