import { Location } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, inject, viewChild } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { filter, map } from 'rxjs';
import { DraftLine } from '../views/new-trip/draft-line';
import { HAS_STARTED } from '../platform/has-started';
import { HandedFile } from '../platform/handed-file';
import { PlanService } from '../planning/plan-service';
import { Autosave } from '../store/autosave';
import { backupIsDue } from '../store/backup-age';
import { Importing } from '../store/importing';
import { WorkspaceStore } from '../store/workspace-store';
import { Commands } from '../commands/commands';
import { AppCommands } from './app-commands';
import { Drawers } from './drawers';
import { Notices } from './notices';
import { WalkStudy } from '../views/walk/walk-study';
import { VerdictLine } from './verdict-line';
import { ThumbNav } from './thumb-nav';
import { TripMenu } from './trip-menu';
import { RAIL } from './views';
import { chosenFile } from '../platform/chosen-file';
import { FileDrop } from '../ui/file-drop';
import { Icon } from '../ui/icon';
import { MissingPart } from '../ui/missing-part';
import { narrowScreen } from '../ui/wide-screen';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzTagComponent } from 'ng-zorro-antd/tag';
import { DEMO_TRIP } from '@tinder/core/demo';

/** The frame: the trip and what is done to all of it at the top, the ways at the left (on a phone at the foot), the view, the verdict at the foot. Nothing can be changed before it is known what is saved: it would be lost. */
@Component({
  selector: 'app-root',
  imports: [
    DraftLine,
    Drawers,
    FileDrop,
    Icon,
    MissingPart,
    Notices,
    NzButtonComponent,
    NzTagComponent,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    ThumbNav,
    TripMenu,
    VerdictLine,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './app-shell.html',
  styleUrl: './app-shell.less',
  host: { '(document:keydown)': 'key($event)' },
})
export class AppShell {
  protected readonly store = inject(WorkspaceStore);
  protected readonly autosave = inject(Autosave);
  protected readonly commands = inject(Commands);
  private readonly importing = inject(Importing);
  private readonly fileInput = viewChild.required<ElementRef<HTMLInputElement>>('file');

  private readonly whatIsSaved = this.autosave.start();

  protected readonly rail = RAIL;
  private readonly router = inject(Router);
  /** Pages where the foot does not speak of the plan of the open trip. */
  protected readonly place = toSignal(
    this.router.events.pipe(
      filter((e) => e instanceof NavigationEnd),
      map((e) => placeOf(e.urlAfterRedirects)),
    ),
    { initialValue: placeOf(inject(Location).path() || (HAS_STARTED.read() ? '/carry' : '/start')) },
  );
  protected readonly isNarrow = narrowScreen();
  private readonly plans = inject(PlanService);
  private readonly walk = inject(WalkStudy);
  /** On a phone Walk says at its head what the foot would say. */
  protected readonly footSaidAbove = computed(
    () =>
      this.place() === 'walk' &&
      this.isNarrow() &&
      !!this.walk.walking() &&
      !this.plans.failed() &&
      !this.plans.stopped() &&
      !this.plans.slow(),
  );
  /** The open trip is the sample. */
  protected readonly isSample = computed(() => this.store.trip().id === DEMO_TRIP.id);
  protected readonly history = computed(() => this.commands.inFrame('history'));
  protected readonly themeLabel = computed(() => (this.store.preferences().theme === 'day' ? 'Headlamp' : 'Daylight'));
  protected readonly backupDue = computed(() => backupIsDue(this.autosave.written(), this.autosave.lastBackup(), Date.now()));
  protected readonly saveWords = computed(() => {
    const words = { reading: 'Reading…', saved: 'Saved', saving: 'Saving…', failed: 'Not saved' };
    return words[this.autosave.state()];
  });

  constructor() {
    const own = inject(AppCommands);
    this.commands.add(() => own.list());
    const handed = inject(HandedFile);
    // what comes in stands beside what was saved, so that is read first
    void this.whatIsSaved.then(() =>
      handed.listen(
        (file) => void this.importing.read(file),
        () => this.commands.open('track'),
      ),
    );
    effect(() => {
      const { theme } = this.store.preferences();
      document.documentElement.dataset['theme'] = theme;
      document.querySelector('meta[name=theme-color]')?.setAttribute('content', theme === 'day' ? '#eef1ee' : '#0b0805');
    });
    effect(() => {
      if (this.commands.importAsked() > 0) this.fileInput().nativeElement.click();
    });
  }

  /** A key that comes before it is known what is saved is taken when it is. */
  protected key(event: KeyboardEvent): void {
    if (this.store.loaded()) this.commands.key(event);
    else void this.whatIsSaved.then(() => this.commands.key(event));
  }

  protected importFile(event: Event): void {
    const file = chosenFile(event);
    if (file) void this.importing.read(file);
  }

  /** What is there must be known before anything can come beside it. */
  protected importDropped(file: File): void {
    void this.whatIsSaved.then(() => this.importing.read(file));
  }
}

const placeOf = (url: string): string | undefined => /^\/(new|start|walk)\b/.exec(url)?.[1];
