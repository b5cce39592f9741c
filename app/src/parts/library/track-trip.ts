import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, output, signal } from '@angular/core';
import { Router } from '@angular/router';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { Result } from '@tinder/core/foundation/errors';
import { nameFrom, type Trip } from '@tinder/core/domain/model';
import type { Pace, TooManyDays } from '@tinder/core/domain/trail';
import { wholeNumber } from '@tinder/core/foundation/units';
import { DayMarker } from '../../planning/day-marker';
import { withNewTrips } from '../../store/workspace';
import { WorkspaceStore } from '../../store/workspace-store';
import { FileField } from '../../ui/file-field';
import { Choice } from '../../ui/choice';
import { PickField } from '../../ui/pick-field';
import { ProgressBar } from '../../ui/progress-bar';
import { QuantityField } from '../../ui/quantity-field';
import { Units } from '../../words/units';
import { createTrackWorker } from '../../platform/create-track-worker';
import { fromWorker } from '../../platform/from-worker';
import type { WorkerLink } from '../../platform/worker-link';
import type { TrackReader, LineSummary } from '../../workers/track-reader';
import { trackProblemWords, tooManyDaysWords, voidHeightWords } from '../../words/track-words';
import { unreadWords } from '../../words/file-words';
import { HandedFile } from '../../platform/handed-file';
import { Hint } from '../../ui/hint';
import { Tick } from '../../ui/tick';

/** Waypoints further off the track than this are not offered as stops at first, km. */
const NEAR_KM = 5;

/** A trip along a track out of GPX, KML or GeoJSON: choose the file, the line, the stops and the pace. */
@Component({
  selector: 'app-track-trip',
  imports: [Choice, FileField, Hint, NzButtonComponent, PickField, ProgressBar, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p>
      <app-file-field
        label="Track file"
        accept=".gpx,.kml,.geojson,.json,.xml,application/gpx+xml,application/geo+json"
        (chosen)="read($event)"
        >{{ file() ?? 'Choose a .gpx, .kml or .geojson file, or drop it here' }}</app-file-field
      >
    </p>
    @if (reading()) {
      <p role="status">
        <app-progress-bar [done]="percent()" [of]="100" label="Read so far" /> {{ percent() }} % read
        <button nz-button nzSize="small" type="button" (click)="cancel()">Stop</button>
      </p>
    }
    @if (problem(); as words) {
      <p class="error" role="alert">{{ words }}</p>
    }
    @if (line(); as l) {
      <div class="line">
        <app-pick-field label="Follow" [options]="lineOptions()" [value]="'' + index()" (valueChange)="pickLine(+$event)" />
      </div>
      <p>
        {{ units.text(l.km, 'distance', 1) }}, {{ l.hasHeights ? units.text(l.ascentM, 'altitude') + ' up' : 'no heights in the file' }},
        {{ wholeNumber(l.points) }} points.
        @if (voidHeights(); as n) {
          {{ voidHeightWords(n) }}
        }
      </p>
      @if (l.candidates.length) {
        <fieldset>
          <legend class="name" appHint="stops, of the file’s waypoints">Stops, of the file’s waypoints</legend>
          @for (c of l.candidates; track $index) {
            <label>
              <input type="checkbox" [appTick]="chosen().has($index)" (turned)="toggle($index)" />
              <span>{{ c.waypoint.name }}</span>
              <span class="quiet"
                >at {{ units.text(c.km, 'distance') }}{{ c.offKm > 0.05 ? ', ' + units.text(c.offKm, 'distance', 1) + ' off' : '' }}</span
              >
            </label>
          }
        </fieldset>
      } @else {
        <p class="quiet">The file has no waypoints: stops can be put in on the ribbon later.</p>
      }
      <dl>
        <dt appHint="a day goes">A day goes</dt>
        <dd>
          <app-choice label="How far a day goes" [options]="paces" [value]="pace().kind" (valueChange)="paceKind($event)" />
          @if (pace(); as p) {
            @if (p.kind === 'km') {
              <app-quantity-field
                label="Distance a day"
                quantity="distance"
                [value]="p.kmPerDay"
                [limits]="kmLimits"
                (valueChange)="pace.set({ kind: 'km', kmPerDay: $event })"
              />
            } @else {
              <app-quantity-field
                label="Walking hours a day"
                quantity="hours"
                [value]="p.hoursPerDay"
                [limits]="hourLimits"
                (valueChange)="pace.set({ kind: 'hours', hoursPerDay: $event })"
              />
            }
          }
        </dd>
      </dl>
      <p class="quiet">
        Hours by Naismith’s rule (1892): one for 3 miles, one more for 2,000 ft up. Conditions come from a simulated climate until you type
        them.
      </p>
      <button nz-button nzSize="small" class="go" type="button" (click)="make()">Create trip</button>
    }
  `,
  styleUrl: './new-trip.less',
})
export class TrackTrip {
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly router = inject(Router);
  /** Holds the file that was opened last; ended when another is opened, and with the drawer. */
  private link: WorkerLink<TrackReader> | undefined;
  private run = 0;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
    const handed = inject(HandedFile);
    effect(() => {
      const file = handed.track() && handed.takeTrack();
      if (file) void this.read(file);
    });
  }

  readonly made = output();
  protected readonly wholeNumber = wholeNumber;
  protected readonly kmLimits = { min: 1, max: 100 };
  protected readonly hourLimits = { min: 1, max: 16 };
  protected readonly paces = [
    { value: 'km', label: 'So far' },
    { value: 'hours', label: 'So many hours' },
  ] as const;

  protected readonly file = signal<string | undefined>(undefined);
  protected readonly reading = signal(false);
  protected readonly share = signal(0);
  protected readonly percent = computed(() => Math.round(100 * this.share()));
  protected readonly problem = signal<string | undefined>(undefined);
  private readonly lines = signal<LineSummary[]>([]);
  protected readonly voidHeights = signal(0);
  protected readonly voidHeightWords = voidHeightWords;
  protected readonly index = signal(0);
  protected readonly line = computed(() => this.lines()[this.index()]);
  protected readonly lineOptions = computed(() => this.lines().map((l, i) => ({ value: String(i), label: `${l.name} (${l.kind})` })));
  protected readonly chosen = signal<ReadonlySet<number>>(new Set());
  protected readonly pace = signal<Pace>({ kind: 'km', kmPerDay: 20 });

  protected async read(file: File): Promise<void> {
    this.cancel();
    const run = this.run;
    this.file.set(file.name);
    this.problem.set(undefined);
    this.lines.set([]);
    this.share.set(0);
    this.reading.set(true);
    const heard = fromWorker((share: number) => {
      if (run === this.run) this.share.set(share);
    });
    try {
      this.link = createTrackWorker();
      const opened = await this.link.call(async (reader) => await reader.open(file, heard));
      if (run !== this.run) return;
      if (opened.ok) {
        const { lines, voidHeights } = opened.value;
        this.lines.set(lines);
        this.voidHeights.set(voidHeights);
        this.pickLine(lines.reduce((best, l, i) => (l.km > lines[best].km ? i : best), 0));
      } else this.problem.set(`${file.name} was not taken: ${trackProblemWords(opened.problem)}`);
    } catch (e) {
      if (run === this.run) this.problem.set(unreadWords(file.name, e));
    } finally {
      if (run === this.run) this.reading.set(false);
    }
  }

  /** Gives up a file that is being read, or was; its worker ends with it. */
  protected cancel(): void {
    this.run++;
    this.reading.set(false);
    this.link?.end();
    this.link = undefined;
  }

  protected pickLine(index: number): void {
    this.index.set(index);
    const near = this.lines()[index].candidates.flatMap((c, i) => (c.offKm <= NEAR_KM ? [i] : []));
    this.chosen.set(new Set(near.slice(0, 60)));
  }

  protected toggle(i: number): void {
    this.chosen.update((set) => new Set(set.has(i) ? [...set].filter((x) => x !== i) : [...set, i]));
  }

  protected paceKind(kind: Pace['kind']): void {
    this.pace.set(kind === 'km' ? { kind, kmPerDay: 20 } : { kind, hoursPerDay: 7 });
  }

  protected async make(): Promise<void> {
    const line = this.line();
    const year = new Date().getFullYear() + 1;
    const base = {
      ...this.store.trip(),
      id: crypto.randomUUID(),
      name: nameFrom(line.name, { otherwise: 'a track' }),
      startDate: `${year}-07-01`,
    };
    const ids = Array.from({ length: this.chosen().size + 2 }, () => crypto.randomUUID());
    const out = await this.laidOut(base, ids);
    if (!out) return;
    if (!out.ok) return this.problem.set(tooManyDaysWords(out.problem));
    if (!this.store.edit(`new trip, ${out.value.name}`, (w) => withNewTrips(w, [{ trip: out.value, archived: false }]))) return;
    this.marker.release();
    this.marker.goTo(1);
    this.made.emit();
    void this.router.navigateByUrl('/trail');
  }

  /** Undefined where the worker could not: the reason is shown. */
  private async laidOut(base: Trip, ids: readonly string[]): Promise<Result<Trip, TooManyDays> | undefined> {
    const [index, chosen, pace] = [this.index(), [...this.chosen()], this.pace()];
    try {
      return await this.link?.call(async (reader) => await reader.layOut(index, base, chosen, pace, ids));
    } catch (e) {
      this.problem.set(unreadWords(this.file() ?? 'The file', e));
      return undefined;
    }
  }
}
