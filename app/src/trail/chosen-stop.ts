import { computed, inject, Injectable, linkedSignal } from '@angular/core';
import { placeOfDay } from '@tinder/core/trail';
import { DayMarker } from '../planning/day-marker';
import { WorkspaceStore } from '../store/workspace-store';

/** The stop that is worked on, whichever side or view is turned to in between: the one before the marked day, until another is picked. */
@Injectable({ providedIn: 'root' })
export class ChosenStop {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);

  /** Follows the marker from leg to leg; a pick stands until the marker leaves the leg. */
  private readonly markedLeg = computed(() => placeOfDay(this.store.trip(), this.marker.day()).leg);
  readonly index = linkedSignal(() => this.markedLeg());
}
