import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { refreshed } from '@tinder/core/domain/shelf';
import { WorkspaceStore } from '../../store/workspace-store';

/** That the shelf has changed since the open trip looked at it, with a press that takes it as it stands now; nothing while it has not. */
@Component({
  selector: 'app-stale-shelf',
  imports: [NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (now() !== store.trip()) {
      <p class="error" role="alert">
        The shelf has changed since this trip looked at it.
        <button nz-button nzSize="small" type="button" (click)="lookAgain()">Take it as it stands now</button>
      </p>
    }
  `,
})
export class StaleShelf {
  protected readonly store = inject(WorkspaceStore);
  /** The trip as it knows the shelf now; the same one where nothing has changed. */
  protected readonly now = computed(() => refreshed(this.store.trip(), this.store.rack().shelf));

  protected lookAgain(): void {
    this.store.editTrip('look at the shelf again', () => this.now());
  }
}
