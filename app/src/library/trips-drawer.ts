import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { nameFrom, type ShelvedTrip } from '@tinder/core/model';
import { NzDrawerComponent, NzDrawerContentDirective } from 'ng-zorro-antd/drawer';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Commands } from '../commands/commands';
import { Autosave } from '../store/autosave';
import { Done } from '../store/done';
import { daysSinceBackup, REMIND_AFTER_DAYS } from '../store/backup-age';
import { backupWords } from '../words/import-words';
import { shelvedTripWords } from '../words/trip-words';
import { AsideList } from './aside-list';
import { withNewTrips, withoutTrip, withTrip } from '../store/workspace';
import { WorkspaceStore } from '../store/workspace-store';
import { takeName } from '../ui/take-name';
import { Dialog } from '../ui/dialog';

/** Every trip of this browser: open, rename, duplicate, put away, delete. All of it can be undone. */
@Component({
  selector: 'app-trips-drawer',
  imports: [AsideList, Dialog, NzButtonComponent, NzDrawerComponent, NzDrawerContentDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="commands.panel() === 'trips'" nzWidth="26.25rem" [nzClosable]="false" (nzOnClose)="commands.close()">
      <ng-container *nzDrawerContent>
        @if (commands.panel() === 'trips') {
          <section appDialog aria-labelledby="trips-title">
            <h2 id="trips-title" class="sign">your trips</h2>
            <ul>
              @for (s of shown(); track s.trip.id) {
                <li [class.on]="s.trip.id === store.trip().id">
                  <input
                    class="ant-input"
                    [attr.aria-label]="'name of ' + s.trip.name"
                    [value]="s.trip.name"
                    maxlength="80"
                    (change)="rename(s, $any($event.target))"
                  />
                  <p class="quiet">{{ about(s) }}</p>
                  <p class="acts">
                    @if (s.trip.id !== store.trip().id) {
                      <button nz-button nzSize="small" type="button" [attr.aria-label]="'open ' + s.trip.name" (click)="open(s)">
                        open
                      </button>
                    }
                    <button nz-button nzSize="small" type="button" [attr.aria-label]="'duplicate ' + s.trip.name" (click)="duplicate(s)">
                      duplicate
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
                    <button nz-button nzSize="small" type="button" [attr.aria-label]="'delete ' + s.trip.name" (click)="remove(s)">
                      delete
                    </button>
                  </p>
                </li>
              }
            </ul>
            @if (archivedCount() > 0) {
              <button nz-button nzSize="small" type="button" (click)="withArchived.set(!withArchived())">
                {{ withArchived() ? 'hide those put away' : 'show ' + archivedCount() + ' put away' }}
              </button>
            }
            <app-aside-list />
            <h3 class="sign">safe keeping</h3>
            <p>{{ backupWords() }}</p>
            <p class="acts">
              <button nz-button nzSize="small" type="button" (click)="commands.run('newTrip')">new trip</button>
              <button nz-button nzSize="small" type="button" (click)="commands.run('backup')">back up everything</button>
              <button nz-button nzSize="small" type="button" (click)="commands.run('import')">import or restore</button>
            </p>
            <button nz-button nzSize="small" type="button" (click)="commands.close()">close <kbd>Esc</kbd></button>
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
    return s.archived ? 'take out' : 'put away';
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
    this.store.edit(archived ? 'take out' : 'put away', (w) => withTrip(w, trip.id, (s) => ({ ...s, archived: !archived })));
    this.done.tell(`${trip.name} is ${archived ? 'back among the trips' : 'put away'}.`);
  }

  protected remove({ trip }: ShelvedTrip): void {
    this.store.edit(`delete ${trip.name}`, (w) => withoutTrip(w, trip.id));
    this.done.tell(`${trip.name} is deleted.`);
  }
}
