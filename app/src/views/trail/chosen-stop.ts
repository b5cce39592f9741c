import { inject, Injectable, linkedSignal } from '@angular/core';
import { PlanService } from '../../planning/plan-service';

/** The stop that is worked on, whichever side or view is turned to in between: the one before the marked day, until another is picked. */
@Injectable({ providedIn: 'root' })
export class ChosenStop {
  private readonly markedLeg = inject(PlanService).leg;
  /** Follows the marker from leg to leg; a pick stands until the marker leaves the leg. */
  readonly index = linkedSignal(() => this.markedLeg());
}
