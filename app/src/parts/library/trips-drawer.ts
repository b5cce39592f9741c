import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { nameFrom, type ShelvedTrip } from '@tinder/core/domain/model';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { Commands } from '../../commands/commands';
import { Autosave } from '../../store/autosave';
import { Done } from '../../store/done';
import { daysSinceBackup, REMIND_AFTER_DAYS } from '../../store/backup-age';
import { backupWords } from '../../words/import-words';
import { shelvedTripWords } from '../../words/trip-words';
import { AsideList } from './aside-list';
import { withNewTrips, withoutTrip, withTrip } from '../../store/workspace';
import { WorkspaceStore } from '../../store/workspace-store';
import { takeName } from '../../ui/take-name';
import { Dialog } from '../../ui/dialog';
import { DRAWER } from '../../ui/nz/drawer';

/** Every trip of this browser: open, rename, duplicate, archive, delete. All of it can be undone. */
@Component({
  selector: 'app-trips-drawer',
  imports: [AsideList, DRAWER, Dialog, NzButtonComponent, NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="commands.panel() === 'trips'" nzWidth="26.25rem" [nzClosable]="false" (nzOnClose)="commands.close()">
      <ng-container *nzDrawerContent>
        @if (commands.panel() === 'trips') {
          <section appDialog aria-labelledby="trips-title">
            <h2 id="trips-title">Your trips</h2>
            <ul>
              @for (s of shown(); track s.trip.id) {
                <li [class.on]="s.trip.id === store.trip().id">
                  <input
                    nz-input
                    [attr.aria-label]="'Name of ' + s.trip.name"
                    [value]="s.trip.name"
                    maxlength="80"
                    (change)="rename(s, $any($event.target))"
                  />
                  <p class="quiet">{{ about(s) }}</p>
                  <p class="acts">
                    @if (s.trip.id !== store.trip().id) {
                      <button nz-button nzSize="small" type="button" [attr.aria-label]="'Open ' + s.trip.name" (click)="open(s)">
                        Open
                      </button>
                    }
                    <button nz-button nzSize="small" type="button" [attr.aria-label]="'Duplicate ' + s.trip.name" (click)="duplicate(s)">
                      Duplicate
                    </button>
                    <button
                      nz-button
                      nzSize="small"
                      type="button"
                      [attr.aria-label]="archiveWord(s) + ' ' + s.trip.name"
                      (click)="archive(s)"
                    >
                      {{ archiveWord(s) }}
                    </button>
                    <button nz-button nzSize="small" type="button" [attr.aria-label]="'Delete ' + s.trip.name" (click)="remove(s)">
                      Delete
                    </button>
                  </p>
                </li>
              }
            </ul>
            @if (archivedCount() > 0) {
              <button nz-button nzSize="small" type="button" (click)="withArchived.set(!withArchived())">
                {{ withArchived() ? 'Hide archived trips' : 'Show ' + archivedCount() + ' archived' }}
              </button>
            }
            <app-aside-list />
            <h3>Safe keeping</h3>
            <p>{{ backupWords() }}</p>
            <p class="acts">
              <button nz-button nzSize="small" type="button" (click)="commands.run('newTrip')">New trip</button>
              <button nz-button nzSize="small" type="button" (click)="commands.run('backup')">Back up everything</button>
              <button nz-button nzSize="small" type="button" (click)="commands.run('import')">Import or restore</button>
            </p>
            <button nz-button nzSize="small" type="button" (click)="commands.close()">Close <kbd>Esc</kbd></button>
          </section>
        }
      </ng-container>
    </nz-drawer>
  `,
  styleUrl: './kept-list.less',
  styles: `
    li.on {
      border-left-color: var(--ember);
    }
    input.ant-input {
      width: 100%;
      text-align: left;
      font-size: 1.0625rem;
    }
    kbd {
      margin-left: 0.375rem;
      font: inherit;
    }
  `,
})
export class TripsDrawer {
  protected readonly commands = inject(Commands);
  protected readonly store = inject(WorkspaceStore);
  private readonly autosave = inject(Autosave);
  private readonly done = inject(Done);

  protected readonly withArchived = signal(false);
  protected readonly about = shelvedTripWords;
  private readonly library = computed(() => this.store.workspace().library);
  protected readonly archivedCount = computed(() => this.library().filter((s) => s.archived).length);
  protected readonly shown = computed(() => this.library().filter((s) => !s.archived || this.withArchived()));
  protected readonly backupWords = computed(() => backupWords(daysSinceBackup(this.autosave.lastBackup(), Date.now()), REMIND_AFTER_DAYS));

  protected archiveWord(s: ShelvedTrip): string {
    return s.archived ? 'Bring back' : 'Archive';
  }

  protected open({ trip }: ShelvedTrip): void {
    this.store.openTrip(trip);
    this.commands.close();
  }

  protected rename({ trip }: ShelvedTrip, field: HTMLInputElement): void {
    const name = takeName(field, trip.name);
    if (name !== trip.name) this.store.edit('rename', (w) => withTrip(w, trip.id, (s) => ({ ...s, trip: { ...s.trip, name } })));
  }

  protected duplicate({ trip }: ShelvedTrip): void {
    const copy = { ...trip, id: crypto.randomUUID(), name: nameFrom(trip.name, { ending: ', copy' }) };
    const taken = this.store.edit(`duplicate ${trip.name}`, (w) => withNewTrips(w, [{ trip: copy, archived: false }]));
    if (taken) this.done.tell(`${copy.name} is open.`);
  }

  protected archive({ trip, archived }: ShelvedTrip): void {
    const label = archived ? 'bring a trip back' : 'archive a trip';
    if (this.store.edit(label, (w) => withTrip(w, trip.id, (s) => ({ ...s, archived: !archived }))))
      this.done.tell(`${trip.name} is ${archived ? 'back among the trips' : 'archived'}.`);
  }

  protected remove({ trip }: ShelvedTrip): void {
    if (this.store.edit(`delete ${trip.name}`, (w) => withoutTrip(w, trip.id))) this.done.tell(`${trip.name} is deleted.`);
  }
}
