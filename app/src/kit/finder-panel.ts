import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { AXES, bestOfSchools, type FoundKit } from '@tinder/core/found';
import { finderGeometry } from '../charts/finder-geometry';
import { KitSection } from '../charts/kit-section';
import { Choice } from '../ui/choice';
import { Drag, stepTo, type DraggedTo, type KeyStep } from '../ui/drag';
import { Drawing } from '../ui/drawing';
import { measuredWidth } from '../ui/measured-width';
import { StudyNote } from '../ui/study-note';
import { AXIS_WORDS, hotWords, type FrontAxis } from '../words/finder-words';
import { Units } from '../words/units';
import { FinderSchools } from './finder-schools';
import { FinderSearch } from './finder-search';
import { FinderWish } from './finder-wish';
import { FoundKitCard } from './found-kit-card';

const HEIGHT = 230;
const GUTTER = 56;
/** Which stove, fuel, pot and way of cooking for this trip, out of everything there is: the front that nothing beats, and the best of each school. */
@Component({
  selector: 'app-finder-panel',
  imports: [Choice, Drag, Drawing, FinderSchools, FinderWish, FoundKitCard, KitSection, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign" id="finder-title">Out of everything there is, for this trip</h2>
    <app-finder-wish />
    @if (search.asked()) {
      <app-study-note [study]="search.study" of="kits settled" />
    }
    @if (state(); as s) {
      @if (!s.isDone || !search.study.fresh()) {
        <p class="quiet" role="status">So far: better ones may still come.</p>
      }
      @if (chosen(); as c) {
        <div class="front">
          <div>
            <div class="line">
              <span class="quiet">carried weight against</span>
              <app-choice label="What weight is set against" [options]="axes()" [value]="axis()" (valueChange)="wantedAxis.set($event)" />
            </div>
            @let g = shape();
            <svg
              [appDrawing]="H + 40"
              role="slider"
              tabindex="0"
              aria-label="Along the front, from light on"
              aria-valuemin="1"
              [attr.aria-valuemax]="g.front.length"
              [attr.aria-valuenow]="at() + 1"
              [attr.aria-valuetext]="spoken(c)"
              appDrag="drag"
              (dragged)="drag($event)"
              (stepped)="step($event)"
            >
              <rect class="catch" width="100%" [attr.height]="H + 40" />
              @for (t of g.ticksY; track t.at) {
                <line class="grid" x1="0" x2="100%" [attr.y1]="t.y" [attr.y2]="t.y" />
                <text class="quiet" x="-8" [attr.y]="t.y + 4" text-anchor="end">{{ axisText(t.at) }}</text>
              }
              @for (t of g.ticksG; track t.at) {
                <text class="quiet" [attr.x]="t.x" [attr.y]="H + 18" text-anchor="middle">{{ units.text(t.at, 'mass') }}</text>
              }
              <text class="quiet" [attr.x]="width()" [attr.y]="H + 36" text-anchor="end">carried for cooking, average of the mornings</text>
              @for (l of g.lines; track $index) {
                <path class="joins" [attr.d]="l.path" />
                @if (g.lines.length > 1) {
                  <text class="quiet" [attr.x]="l.x + 10" [attr.y]="l.y - 8">{{ hotWords(l.hotADay) }}</text>
                }
              }
              @for (p of g.points; track p.found.number) {
                <circle class="mark" [class.best]="isOnFront(p.found)" [attr.cx]="p.x" [attr.cy]="p.y" r="4" />
              }
              @if (chosenPoint(); as p) {
                <circle class="now" [attr.cx]="p.x" [attr.cy]="p.y" r="8" />
              }
            </svg>
            <ol class="strip" aria-label="The front, kit by kit">
              @for (p of g.front; track p.found.number) {
                <li>
                  <button
                    type="button"
                    [class.on]="p.found === c"
                    [attr.aria-pressed]="p.found === c"
                    [attr.aria-label]="spoken(p.found)"
                    (click)="choose(p.found.number)"
                  >
                    <app-kit-section [kit]="p.found.kit" [width]="52" />
                    <span>{{ units.text(p.found.measured.averageG, 'mass') }}</span>
                  </button>
                </li>
              }
            </ol>
            <p class="quiet">
              {{ s.total }} kits, {{ s.planned }} of them planned in full; the others are beaten whatever their burns come to. Every point
              cooks each wanted meal on every leg. Drag along the line or use the arrow keys.
            </p>
          </div>
          <app-found-kit [found]="c" />
        </div>
        <app-finder-schools [schools]="schools()" (chosenChange)="choose($event)" />
      } @else {
        <p class="error">
          No kit cooks every wanted meal here. Loosen what it must do, or look below for what comes nearest and why it is no answer.
        </p>
        <app-finder-schools [schools]="schools()" (chosenChange)="choose($event)" />
      }
    }
  `,
  styleUrl: '../ui/figure.less',
  styles: `
    :host {
      display: block;
      margin-top: 0.875rem;
    }
    h2 {
      padding-bottom: 2px;
      border-bottom: 1px solid var(--hairline);
    }
    .line {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 1rem;
      align-items: baseline;
    }
    .front {
      display: grid;
      grid-template-columns: minmax(0, 1.7fr) minmax(17.5rem, 1fr);
      gap: 0.5rem 2.5rem;
      align-items: start;
      margin-top: 0.5rem;
    }
    @media (max-width: 900px) {
      .front {
        grid-template-columns: minmax(0, 1fr);
      }
    }
    .joins {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.6;
    }
    .mark {
      fill: var(--ink-quiet);
    }
    .mark.best {
      fill: var(--ink);
    }
    .now {
      fill: none;
      stroke: var(--ember);
      stroke-width: 3;
    }
    .strip {
      display: flex;
      flex-wrap: wrap;
      gap: 2px;
      margin: 0.625rem 0 0.375rem;
      padding: 0;
      list-style: none;
    }
    .strip button {
      display: grid;
      justify-items: center;
      padding: 2px 0.25rem;
      border: 0;
      border-bottom: 2px solid transparent;
      background: none;
      color: var(--ink-quiet);
      font: 500 0.75rem/1.3 var(--text, inherit);
      cursor: pointer;
    }
    .strip .on {
      border-color: var(--ember);
      color: var(--ink);
    }
  `,
})
export class FinderPanel {
  protected readonly search = inject(FinderSearch);
  protected readonly units = inject(Units);
  private readonly hostWidth = measuredWidth(1080);

  protected readonly H = HEIGHT;
  /** Chances take a little longer: they are offered once they are there. */
  protected readonly axes = computed(() =>
    [...AXES, ...(this.search.chances() ? (['runsOut'] as const) : [])].map((value) => ({ value, label: AXIS_WORDS[value] })),
  );
  protected readonly hotWords = hotWords;
  protected readonly wantedAxis = signal<FrontAxis>('minutesADay');
  protected readonly axis = computed(() => (this.wantedAxis() === 'runsOut' && !this.search.chances() ? 'minutesADay' : this.wantedAxis()));
  protected readonly state = this.search.state;
  /** Beside the drawing stands what is chosen, where there is room. */
  protected readonly width = computed(() => {
    const all = this.hostWidth();
    return Math.max(160, (all > 900 ? (all - 40) * 0.63 : all) - GUTTER);
  });
  protected readonly shape = computed(() =>
    finderGeometry(this.state()?.kits ?? [], (f) => this.worthOf(f), this.width(), HEIGHT, this.units.unit('mass').factor),
  );
  protected readonly schools = computed(() => bestOfSchools(this.state()?.kits ?? []));
  private readonly chosenNumber = signal<number | undefined>(undefined);
  protected readonly chosen = computed((): FoundKit | undefined => {
    const answers = (this.state()?.kits ?? []).filter((f) => !f.fails);
    return answers.find((f) => f.number === this.chosenNumber()) ?? this.shape().front[0]?.found;
  });
  protected readonly chosenPoint = computed(() => this.shape().points.find((p) => p.found === this.chosen()));
  /** Place of what is chosen on the front; the nearest in weight where it is not on it. */
  protected readonly at = computed(() => {
    const { front, nearest } = this.shape();
    const near = nearest(this.chosenPoint()?.x ?? 0);
    const exact = front.findIndex((p) => p.found === this.chosen());
    return exact >= 0
      ? exact
      : Math.max(
          0,
          front.findIndex((p) => p === near),
        );
  });

  protected spoken(found: FoundKit): string {
    const { averageG } = found.measured;
    return `${this.search.nameOf(found)}: ${this.units.text(averageG, 'mass')} carried, ${this.axisText(this.worthOf(found))} ${AXIS_WORDS[this.axis()]}`;
  }
  protected axisText(value: number): string {
    if (this.axis() === 'runsOut') return `${Math.round(100 * value)} %`;
    return this.axis() === 'price' ? this.units.text(value, 'price', 0) : this.units.text(value, 'minutes', 0);
  }
  protected worthOf(found: FoundKit): number {
    const axis = this.axis();
    return axis === 'runsOut' ? (this.search.chances()?.get(found.number) ?? 1) : found.measured[axis];
  }
  protected isOnFront(found: FoundKit): boolean {
    return this.shape().front.some((p) => p.found === found);
  }
  protected choose(number: number): void {
    this.chosenNumber.set(number);
  }
  protected drag({ x }: DraggedTo): void {
    const near = this.shape().nearest(x);
    if (near) this.choose(near.found.number);
  }
  protected step(step: KeyStep): void {
    const { front } = this.shape();
    const to = front[stepTo(step, this.at(), { min: 0, max: front.length - 1 })];
    if (to) this.choose(to.found.number);
  }
}
