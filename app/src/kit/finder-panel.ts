import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { AXES, bestOfSchools, carried, takeOnRack, type FoundKit, type Wish } from '@tinder/core/found';
import { LIMITS } from '@tinder/core/model';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { finderGeometry } from '../charts/finder-geometry';
import { KitSection } from '../charts/kit-section';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { Drag, stepTo, type DraggedTo, type KeyStep } from '../ui/drag';
import { measuredWidth } from '../ui/measured-width';
import { QuantityField } from '../ui/quantity-field';
import { StudyNote } from '../ui/study-note';
import { AXIS_WORDS, foundName, hotWords, type FrontAxis } from '../words/finder-words';
import { reckonedOddsWords } from '../words/risk-words';
import { Units } from '../words/units';
import { FinderSchools } from './finder-schools';
import { FinderSearch } from './finder-search';
import { KitStudy } from './kit-study';

const HEIGHT = 230;
const GUTTER = 56;
const FROM = [
  { value: 'own', label: 'what I have' },
  { value: 'upTo', label: 'and more for up to' },
  { value: 'anything', label: 'anything' },
] as const;
const WAYS = [
  { key: 'stopAt88', label: 'heat to 88 °C, not to a boil' },
  { key: 'cozy', label: 'a cozy instead of simmering' },
  { key: 'coldBreakfast', label: 'cold breakfast' },
  { key: 'allCold', label: 'everything cold' },
  { key: 'gatherWood', label: 'gather wood, dry and allowed every evening' },
] as const;
/** What is spent at first where somebody is ready to buy. */
const FIRST_BUDGET = 60;

/** Which stove, fuel, pot and way of cooking for this trip, out of everything there is: the front that nothing beats, and the best of each school. */
@Component({
  selector: 'app-finder-panel',
  imports: [Choice, Drag, FinderSchools, KitSection, NzButtonComponent, QuantityField, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign" id="finder-title">out of everything there is, for this trip</h2>
    <div class="wish" role="group" aria-labelledby="finder-title">
      <div class="line">
        <span class="quiet">from</span>
        <app-choice label="From what kits are put together" [options]="from" [value]="wish().from.kind" (valueChange)="setFrom($event)" />
        @if (budget(); as b) {
          <app-quantity-field
            class="narrow"
            label="to be spent at most"
            quantity="price"
            [value]="b.price"
            [limits]="L.price"
            (valueChange)="change({ from: { kind: 'upTo', price: $event } })"
          />
        }
      </div>
      <div class="line">
        <span class="quiet">I would</span>
        @for (w of ways; track w.key) {
          <label
            ><input type="checkbox" [checked]="wish().ways[w.key]" (change)="turn(w.key)" /> <span>{{ w.label }}</span></label
          >
        }
      </div>
      <div class="line">
        <span class="quiet">it must</span>
        <label>
          <input type="checkbox" [checked]="wish().mustSimmer" (change)="change({ mustSimmer: !wish().mustSimmer })" />
          <span>turn down to a simmer</span>
        </label>
        <label>
          <input type="checkbox" [checked]="wish().mustLast" (change)="change({ mustLast: !wish().mustLast })" />
          <span>last more than a few trips</span>
        </label>
        <label>
          <input type="checkbox" [checked]="wish().noOpenFlame" (change)="change({ noOpenFlame: !wish().noOpenFlame })" />
          <span>pass a ban on open flame</span>
        </label>
        @for (k of keeps(); track k.id) {
          <label
            ><input type="checkbox" [checked]="k.on" (change)="keep(k.id)" /> <span>keep my {{ k.name }}</span></label
          >
        }
        <label>
          <input type="checkbox" [checked]="wish().mostMinutesADay !== undefined" (change)="limitTime()" /> <span>burn no longer than</span>
        </label>
        @if (wish().mostMinutesADay; as most) {
          <app-quantity-field
            class="narrow"
            label="minutes lit a day at most"
            quantity="minutes"
            [value]="most"
            [limits]="{ min: 1, max: 240 }"
            (valueChange)="change({ mostMinutesADay: $event })"
          />
          <span class="quiet">a day</span>
        }
      </div>
      @if (!search.asked()) {
        <button nz-button nzType="primary" type="button" (click)="search.asked.set(true)">find</button>
      }
    </div>
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
              width="100%"
              [attr.height]="H + 40"
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
            <ol class="strip" aria-label="the front, kit by kit">
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
              cooks each wanted meal on every leg. Drag along the line or use ← →.
            </p>
          </div>
          <section aria-labelledby="found-title">
            <h3 id="found-title">{{ nameOf(c) }}: {{ units.text(c.measured.dayG, 'mass') }} a day</h3>
            <div class="drawn">
              <app-kit-section [kit]="c.kit" [width]="150" />
              <dl>
                <dt>carried, average</dt>
                <dd class="figure">{{ units.text(c.measured.averageG, 'mass') }}</dd>
                <dt>burner, pot and the rest</dt>
                <dd>{{ units.text(c.measured.hardwareG, 'mass') }}</dd>
                <dt>containers</dt>
                <dd>{{ units.text(c.measured.containersG, 'mass') }}</dd>
                <dt>fuel on hand</dt>
                <dd>{{ units.text(c.measured.fuelG, 'mass') }}</dd>
                <dt>burns a day</dt>
                <dd>{{ units.text(c.measured.dayG, 'mass', 1) }}</dd>
                <dt>lit a day</dt>
                <dd>{{ units.text(c.measured.minutesADay, 'minutes', 0) }}</dd>
                <dt>meals</dt>
                <dd>{{ hotWords(c.measured.hotADay) }}</dd>
                <dt>still to buy</dt>
                <dd>{{ c.price > 0 ? units.text(c.price, 'price') : 'nothing' }}</dd>
                @if (search.chances()?.get(c.number); as chance) {
                  <dt>runs out on the way</dt>
                  <dd>{{ odds(chance) }}</dd>
                }
              </dl>
            </div>
            <p class="pieces">
              @for (p of piecesOf(c); track $index) {
                {{ p.name }}<span class="quiet">{{ p.note }}</span
                >{{ $last ? '' : ', ' }}
              }
            </p>
            <div class="line">
              <button nz-button class="word" type="button" (click)="take(c, false)">put it on the rack</button>
              <button nz-button class="word" type="button" (click)="take(c, true)">carry it, cooked so</button>
            </div>
          </section>
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
      margin-top: 14px;
    }
    h2 {
      padding-bottom: 2px;
      border-bottom: 1px solid var(--hairline);
    }
    .wish {
      display: grid;
      gap: 4px;
      justify-items: start;
      margin: 6px 0 8px;
    }
    .line {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 16px;
      align-items: baseline;
    }
    .narrow {
      width: 76px;
    }
    .front {
      display: grid;
      grid-template-columns: minmax(0, 1.7fr) minmax(280px, 1fr);
      gap: 8px 40px;
      align-items: start;
      margin-top: 8px;
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
    h3 {
      margin: 0 0 4px;
      font-size: 17px;
      line-height: 1.25;
    }
    h3::first-letter {
      text-transform: uppercase;
    }
    .drawn {
      display: flex;
      gap: 12px;
      align-items: flex-end;
    }
    app-kit-section {
      flex: none;
    }
    dl {
      display: grid;
      grid-template-columns: 1fr auto;
      gap: 0 12px;
      width: 100%;
      margin: 0;
    }
    dt {
      color: var(--ink-quiet);
    }
    dd {
      margin: 0;
      text-align: right;
      font-weight: 600;
    }
    dd.figure {
      font-size: 20px;
      line-height: 1.1;
    }
    .strip {
      display: flex;
      flex-wrap: wrap;
      gap: 2px;
      margin: 10px 0 6px;
      padding: 0;
      list-style: none;
    }
    .strip button {
      display: grid;
      justify-items: center;
      padding: 2px 4px;
      border: 0;
      border-bottom: 2px solid transparent;
      background: none;
      color: var(--ink-quiet);
      font: 500 12px/1.3 var(--text, inherit);
      cursor: pointer;
    }
    .strip .on {
      border-color: var(--ember);
      color: var(--ink);
    }
    .pieces {
      margin: 8px 0 4px;
      line-height: 1.35;
    }
  `,
})
export class FinderPanel {
  protected readonly search = inject(FinderSearch);
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly kits = inject(KitStudy);
  private readonly hostWidth = measuredWidth(1080);

  protected readonly H = HEIGHT;
  protected readonly L = LIMITS;
  protected readonly from = FROM;
  protected readonly ways = WAYS;
  /** Chances take a little longer: they are offered once they are there. */
  protected readonly axes = computed(() =>
    [...AXES, ...(this.search.chances() ? (['runsOut'] as const) : [])].map((value) => ({ value, label: AXIS_WORDS[value] })),
  );
  protected readonly hotWords = hotWords;
  protected readonly odds = reckonedOddsWords;
  protected readonly wantedAxis = signal<FrontAxis>('minutesADay');
  protected readonly axis = computed(() => (this.wantedAxis() === 'runsOut' && !this.search.chances() ? 'minutesADay' : this.wantedAxis()));
  protected readonly wish = this.search.wish;
  protected readonly state = this.search.state;
  protected readonly budget = computed(() => {
    const { from } = this.wish();
    return from.kind === 'upTo' ? from : undefined;
  });

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

  /** Burner and pot of the kit carried now, where they can be kept. */
  protected readonly keeps = computed(() => {
    const pieces = this.kits.built()?.pieces ?? [];
    return pieces
      .filter((p) => (p.role === 'burner' || p.role === 'pot') && p.have !== 'wish')
      .map(({ id, name }) => ({ id, name, on: this.wish().keepPieceIds.includes(id) }));
  });

  protected nameOf(found: FoundKit): string {
    return foundName(found, this.wish().ways.stopAt88, this.units);
  }
  protected spoken(found: FoundKit): string {
    const { averageG } = found.measured;
    return `${this.nameOf(found)}: ${this.units.text(averageG, 'mass')} carried, ${this.axisText(this.worthOf(found))} ${AXIS_WORDS[this.axis()]}`;
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
  protected piecesOf({ pieces }: FoundKit): { name: string; note: string }[] {
    return pieces.map((p) => ({
      name: p.name,
      note: p.have === 'wish' && p.price !== null ? ` (${p.price > 0 ? this.units.text(p.price, 'price') : 'costs nothing'})` : '',
    }));
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

  protected change(change: Partial<Wish>): void {
    this.wish.update((w) => ({ ...w, ...change }));
  }
  protected turn(key: keyof Wish['ways']): void {
    this.wish.update((w) => ({ ...w, ways: { ...w.ways, [key]: !w.ways[key] } }));
  }
  protected setFrom(kind: Wish['from']['kind']): void {
    this.change({ from: kind === 'upTo' ? { kind, price: FIRST_BUDGET } : { kind } });
  }
  protected keep(id: string): void {
    this.wish.update((w) => ({
      ...w,
      keepPieceIds: w.keepPieceIds.includes(id) ? w.keepPieceIds.filter((p) => p !== id) : [...w.keepPieceIds, id],
    }));
  }
  protected limitTime(): void {
    this.change({ mostMinutesADay: this.wish().mostMinutesADay === undefined ? 20 : undefined });
  }

  /** What was found becomes a kit of the rack; carried, the trip is cooked as it was found to be. */
  protected take(found: FoundKit, carry: boolean): void {
    const name = this.nameOf(found);
    const { ways } = this.wish();
    let id = '';
    const isDone = this.store.editRackAndTrip(carry ? `carry ${name}` : `put ${name} on the rack`, (rack, trip) => {
      const taken = takeOnRack(rack, found, name, () => crypto.randomUUID());
      id = taken.kit.id;
      return { rack: taken.rack, trip: carry ? carried(trip, taken.rack, taken.kit, ways, found) : trip };
    });
    if (isDone) this.kits.open(id);
  }
}
