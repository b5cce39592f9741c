import { computed, inject, Injectable } from '@angular/core';
import type { Saving } from '@tinder/core/output/walk';
import { WorkspaceStore } from '../../store/workspace-store';
import { annoyancesWords } from '../../words/annoyance-words';
import { Units } from '../../words/units';
import { WalkStudy } from './walk-study';
import { waysOut } from './ways-out';

/** What can be done on the way so that the fuel lasts, and taking it, for every panel that offers it. */
@Injectable({ providedIn: 'root' })
export class WalkSavings {
  private readonly study = inject(WalkStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);

  /** Mildest first; undefined until they are worked out. */
  readonly ways = computed(() => {
    const plan = this.study.stretched.last()?.answer;
    const walking = this.study.walking();
    return plan && walking && waysOut(plan, walking.here, walking.drink?.modelG, this.units);
  });

  /** Plans the rest of the way with it, as one step that can be undone. */
  apply({ annoyances, trip }: Saving): void {
    this.store.editTrip(`save fuel: ${annoyancesWords(annoyances)}`, () => trip);
  }
}
