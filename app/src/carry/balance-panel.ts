import { ChangeDetectionStrategy, Component, computed, inject, viewChild, type ElementRef } from '@angular/core';
import { build, tripWithKit } from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { RiskService } from '../state/risk-service';
import { WorkspaceStore } from '../state/workspace-store';
import { downloadFigureSvg } from '../ui/export-figure';
import { measuredWidth } from '../ui/measured-width';
import { Units } from '../ui/units';
import { balanceGeometry, RAREST, type BalanceMark } from './balance-geometry';
import { BalanceStudy } from './balance-study';

const HEIGHT = 270;

/** Weight against risk: every reasonable load-out of every kit, the front that nothing beats, and the walker's own to move along it. */
@Component({
  selector: 'app-balance-panel',
  imports: [NzButtonComponent],
  providers: [BalanceStudy],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2 class="sign">carried weight against the chance of running out</h2>
      @if (study.progress(); as p) {
        <span class="quiet" role="status">
          <progress [value]="p.done" [max]="p.of" aria-label="kits worked out"></progress> {{ p.done }} of {{ p.of }} kits
        </span>
        <button nz-button class="word" type="button" (click)="study.stop()">stop</button>
      }
      <button nz-button class="word" type="button" (click)="save()">drawing as SVG</button>
    </div>
    @if (study.stopped()) {
      <p class="quiet">Stopped: what is drawn may belong to an older trip. Change anything to have it worked out again.</p>
    }
    @if (study.current(); as now) {
      @let g = shape();
      <p class="says" [class.stale]="!!study.progress()">{{ says() }}</p>
      <svg
        #figure
        width="100%"
        [attr.height]="H + 40"
        role="slider"
        tabindex="0"
        aria-label="Along the front, from light to safe"
        aria-valuemin="1"
        [attr.aria-valuemax]="study.front().length"
        [attr.aria-valuenow]="at() + 1"
        [attr.aria-valuetext]="spoken(now)"
        [class.stale]="!!study.progress()"
        (pointerdown)="grab($event)"
        (pointermove)="drag($event)"
        (pointerup)="drop()"
        (pointercancel)="drop()"
        (keydown)="key($event)"
      >
        <rect class="catch" width="100%" [attr.height]="H + 40" />
        @for (c of g.chances; track c) {
          <line class="grid" x1="0" x2="100%" [attr.y1]="g.y(c)" [attr.y2]="g.y(c)" />
          <text class="quiet" x="-8" [attr.y]="g.y(c) + 4" text-anchor="end">{{ chance(c) }}</text>
        }
        <line class="limit" x1="0" x2="100%" [attr.y1]="g.y(risk.limit())" [attr.y2]="g.y(risk.limit())" />
        <text class="limit" [attr.x]="width() - 4" [attr.y]="g.y(risk.limit()) - 5" text-anchor="end">
          what I live with, 1 in {{ Math.round(1 / risk.limit()) }}
        </text>
        @for (t of g.ticksG; track t) {
          <text class="quiet" [attr.x]="g.x(t)" [attr.y]="H + 18" text-anchor="middle">{{ units.text(t, 'mass') }}</text>
        }
        <text class="quiet" [attr.x]="width()" [attr.y]="H + 36" text-anchor="end">carried for cooking, average of the mornings</text>
        <path class="front" [attr.d]="g.front" />
        @for (m of study.marks(); track $index) {
          <circle
            class="mark"
            [class.cold]="!study.cooking().includes(m)"
            [class.best]="study.front().includes(m)"
            [attr.cx]="g.x(m.averageG)"
            [attr.cy]="g.y(m.worst)"
            r="4"
          />
        }
        @for (l of labels(); track l.name) {
          <text class="name" [attr.x]="l.x" [attr.y]="l.y" [attr.text-anchor]="l.anchor">{{ l.name }}</text>
        }
        <circle class="now" [attr.cx]="g.x(now.averageG)" [attr.cy]="g.y(now.worst)" r="8" />
      </svg>
      <p class="quiet">
        Every point is a kit with a reserve between none and 60 %, its load-outs chosen anew. The line joins those that nothing beats in
        both; drag along it or use ← → to carry one. Hollow points leave more hot meals cold and are not on it. Below 1 in 1,000 the
        {{ trips }} trips drawn for a kit cannot tell one chance from another.
      </p>
      <table>
        <caption class="sign">
          the front, from light to safe
        </caption>
        <thead>
          <tr>
            <th scope="col">kit</th>
            <th scope="col" class="number">reserve</th>
            <th scope="col" class="number">average</th>
            <th scope="col" class="number">runs out</th>
            <th scope="col">tightest</th>
            <th scope="col" class="number">fuel costs</th>
            <td></td>
          </tr>
        </thead>
        <tbody>
          @for (m of study.front(); track $index) {
            <tr [class.on]="m === now">
              <th scope="row">{{ m.name }}</th>
              <td class="number">{{ units.text(m.reservePercent, 'percent') }}</td>
              <td class="number">{{ units.text(m.averageG, 'mass') }}</td>
              <td class="number" [class.over]="m.worst > risk.limit()">{{ chance(m.worst) }}</td>
              <td class="quiet">{{ m.worst < RAREST ? '' : m.tightest.from + ' to ' + m.tightest.to }}</td>
              <td class="number">{{ units.text(m.price, 'price') }}</td>
              <td>
                @if (m !== now) {
                  <button nz-button class="word" type="button" [attr.aria-label]="'carry ' + spoken(m)" (click)="choose(m)">
                    carry it
                  </button>
                } @else {
                  as planned
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    } @else {
      <p class="quiet">weighing the first kit…</p>
    }
  `,
  styleUrl: './study.less',
  styles: `
    .front {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.6;
    }
    .mark {
      fill: var(--ink-quiet);
      stroke: none;
    }
    .mark.best {
      fill: var(--ink);
    }
    .mark.cold {
      fill: var(--ground);
      stroke: var(--ink-quiet);
    }
    circle.now {
      fill: none;
      stroke: var(--ember);
      stroke-width: 3;
      stroke-dasharray: none;
    }
    line.limit {
      stroke: var(--ember);
      stroke-dasharray: 6 3;
    }
    text.limit {
      fill: var(--ember-text);
    }
    text.name {
      font-size: 13px;
      paint-order: stroke;
      stroke: var(--ground);
      stroke-width: 3px;
    }
    progress {
      width: 80px;
      accent-color: var(--ink);
    }
  `,
})
export class BalancePanel {
  protected readonly study = inject(BalanceStudy);
  protected readonly risk = inject(RiskService);
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly figure = viewChild<ElementRef<SVGSVGElement>>('figure');
  private readonly hostWidth = measuredWidth(1080);
  private dragging: string | undefined;

  protected readonly H = HEIGHT;
  protected readonly RAREST = RAREST;
  protected readonly Math = Math;
  protected readonly trips = '2,500';
  protected readonly width = computed(() => Math.max(160, this.hostWidth() - GUTTER));
  protected readonly shape = computed(() =>
    balanceGeometry(this.study.marks(), this.study.front(), this.width(), HEIGHT, this.units.unit('mass').factor),
  );
  /** Place of the present load-out on the front; the nearest in weight where it is not on it. */
  protected readonly at = computed(() => {
    const now = this.study.current();
    return now ? this.nearest(now.averageG) : 0;
  });
  protected readonly says = computed(() => {
    const now = this.study.current();
    if (!now) return '';
    const front = this.study.front();
    const better = front.find((m) => m.worst <= now.worst && m.averageG < now.averageG - 1);
    const limit = this.risk.limit();
    const safest = front.find((m) => m.worst <= limit);
    const where = now.worst < RAREST ? '' : ` between ${now.tightest.from} and ${now.tightest.to}`;
    const own = `As planned: ${this.units.text(now.averageG, 'mass')} on average, its chance of running out${where} is ${this.chance(now.worst)}. `;
    if (better)
      return `${own}${better.name} with ${better.reservePercent} % reserve is ${this.units.text(now.averageG - better.averageG, 'mass')} lighter and no riskier.`;
    if (safest && safest !== now && safest.averageG < now.averageG - 1)
      return `${own}The lightest within what you live with is ${safest.name} with ${safest.reservePercent} % reserve, ${this.units.text(safest.averageG, 'mass')}.`;
    return `${own}Nothing on the rack that cooks as much is lighter without more risk.`;
  });
  /** One name a kit, at its lightest point. */
  protected readonly labels = computed(() => {
    const g = this.shape();
    const byKit = new Map<string, BalanceMark>();
    for (const m of this.study.marks()) if (!byKit.has(m.kitId)) byKit.set(m.kitId, m);
    let taken = Number.POSITIVE_INFINITY;
    // names that would lie on each other are moved up
    return [...byKit.values()]
      .map((m) => ({ name: m.name, x: g.x(m.averageG), y: g.y(m.worst) - 9 }))
      .sort((a, b) => b.y - a.y)
      .map((l) => {
        taken = Math.min(l.y, taken - 14);
        const right = l.x > this.width() - 160;
        return { ...l, y: taken, x: right ? l.x - 7 : l.x + 7, anchor: right ? ('end' as const) : ('start' as const) };
      });
  });

  protected chance(p: number): string {
    if (p < RAREST) return 'under 1 in 1,000';
    return p > 0.5 ? `${Math.round(100 * p)} in 100` : `1 in ${Math.round(1 / p).toLocaleString('en-US')}`;
  }

  protected spoken(m: BalanceMark): string {
    return `${m.name} with ${m.reservePercent} % reserve, ${this.units.text(m.averageG, 'mass')}, chance of running out ${this.chance(m.worst)}`;
  }

  protected choose(m: BalanceMark, gesture?: string): void {
    const rack = this.store.rack();
    this.store.editTrip(
      `carry ${m.name}, ${m.reservePercent} % reserve`,
      (trip) => {
        const kit = m.kitId === this.study.own().id ? undefined : rack.kits.find((k) => k.id === m.kitId);
        const carried = kit ? tripWithKit(trip, build(rack, kit)) : trip;
        return typeof carried === 'string' ? trip : { ...carried, reservePercent: m.reservePercent };
      },
      gesture,
    );
  }

  protected grab(event: PointerEvent): void {
    (event.currentTarget as Element).setPointerCapture?.(event.pointerId);
    this.dragging = `front-${event.timeStamp}`;
    this.drag(event);
  }

  protected drag(event: PointerEvent): void {
    if (!this.dragging) return;
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const g = this.shape();
    const pixel = event.clientX - box.left;
    const front = this.study.front();
    const near = front.reduce((a, b) => (Math.abs(g.x(b.averageG) - pixel) < Math.abs(g.x(a.averageG) - pixel) ? b : a));
    if (near !== this.study.current()) this.choose(near, this.dragging);
  }

  protected drop(): void {
    if (this.dragging) this.store.endGesture();
    this.dragging = undefined;
  }

  protected key(event: KeyboardEvent): void {
    const last = this.study.front().length - 1;
    const to = {
      ArrowRight: this.at() + 1,
      ArrowUp: this.at() + 1,
      ArrowLeft: this.at() - 1,
      ArrowDown: this.at() - 1,
      Home: 0,
      End: last,
    }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    const mark = this.study.front()[Math.min(last, Math.max(0, to))];
    if (mark && mark !== this.study.current()) this.choose(mark);
  }

  protected save(): void {
    const drawn = this.figure()?.nativeElement;
    if (drawn) downloadFigureSvg(drawn, 'weight-against-risk');
  }

  private nearest(averageG: number): number {
    const front = this.study.front();
    const off = (m: BalanceMark): number => Math.abs(m.averageG - averageG);
    return front.reduce((best, m, i) => (off(m) < off(front[best]) ? i : best), 0);
  }
}
const GUTTER = 56;
