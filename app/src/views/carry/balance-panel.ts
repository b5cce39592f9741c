import { ChangeDetectionStrategy, Component, computed, inject, viewChild, type ElementRef } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { done } from '@tinder/core/foundation/errors';
import { build, tripWithKit } from '@tinder/core/domain/kit';
import { RAREST_CHANCE, TRIPS_TRIED } from '@tinder/core/planning/risk';
import { RESERVES_TRIED } from '@tinder/core/studies/study';
import { wholeNumber } from '@tinder/core/foundation/units';
import { RiskService } from '../../planning/risk-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { downloadFigureSvg } from '../../platform/export-figure';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { Drag, stepTo, type DraggedTo, type KeyStep } from '../../ui/drag';
import { StudyNote } from '../../ui/study-note';
import { Units } from '../../words/units';
import { balanceGeometry, type BalanceMark } from '../../charts/balance-geometry';
import { BalanceStudy } from './balance-study';
import { balanceMarkWords, balanceWords } from '../../words/balance-words';
import { limitWords, oddsWords } from '../../words/risk-words';
import { Hint } from '../../ui/hint';

const HEIGHT = 270;

/** Weight against risk: every reasonable load-out of every kit, the front that nothing beats, and the walker's own to move along it. */
@Component({
  selector: 'app-balance-panel',
  imports: [Drag, Drawing, Hint, NzButtonComponent, StudyNote],
  providers: [BalanceStudy],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2>Carried weight against the chance of running out</h2>
      <app-study-note [study]="study.study" of="kits" />
      <button nz-button nzSize="small" type="button" (click)="save()">Drawing as SVG</button>
    </div>
    @if (study.current(); as now) {
      @let g = shape();
      <p class="says" [class.stale]="study.stale()">{{ says() }}</p>
      <svg
        #figure
        [appDrawing]="H + 40"
        role="slider"
        tabindex="0"
        aria-label="Along the front, from light to safe"
        aria-valuemin="1"
        [attr.aria-valuemax]="study.front().length"
        [attr.aria-valuenow]="at() + 1"
        [attr.aria-valuetext]="spoken(now)"
        [class.stale]="study.stale()"
        appDrag="drag"
        (dragged)="drag($event)"
        (stepped)="step($event)"
      >
        <rect class="catch" width="100%" [attr.height]="H + 40" />
        @for (c of g.chances; track c) {
          <line class="grid" x1="0" x2="100%" [attr.y1]="g.y(c)" [attr.y2]="g.y(c)" />
          <text class="quiet" x="-8" [attr.y]="g.y(c) + 4" text-anchor="end">{{ chance(c) }}</text>
        }
        <line class="limit" x1="0" x2="100%" [attr.y1]="g.y(risk.limit())" [attr.y2]="g.y(risk.limit())" />
        <text class="limit" x="4" [attr.y]="g.limitLabelY">your limit, {{ limitWords(risk.limit()) }}</text>
        @for (t of g.ticksG; track t) {
          <text class="quiet" [attr.x]="g.x(t)" [attr.y]="H + 18" text-anchor="middle">{{ units.text(t, 'mass') }}</text>
        }
        <text class="quiet" [attr.x]="width()" [attr.y]="H + 36" text-anchor="end">average carried weight</text>
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
        @for (l of g.names; track l.name) {
          <text class="name" [attr.x]="l.x" [attr.y]="l.labelY" [attr.text-anchor]="l.anchor">{{ l.name }}</text>
        }
        <circle class="now" [attr.cx]="g.x(now.averageG)" [attr.cy]="g.y(now.worst)" r="8" />
      </svg>
      <p class="quiet">
        Every point is a kit with a reserve between none and {{ mostReserve }} %, its load-outs chosen anew. The line joins those that
        nothing beats in both; drag along it or use the arrow keys to carry one. Hollow points leave more hot meals cold and are not on it.
        Below 1 in 1,000 the {{ trips }} trips drawn for a kit cannot tell one chance from another.
      </p>
      <table class="stacks">
        <caption>
          From light to safe
        </caption>
        <thead>
          <tr>
            <th scope="col">Kit</th>
            <th scope="col" class="number" appHint="Reserve">Reserve</th>
            <th scope="col" class="number" appHint="average carried weight">Average</th>
            <th scope="col" class="number" appHint="run-out risk">Run-out risk</th>
            <th scope="col" appHint="Riskiest leg">Riskiest leg</th>
            <th scope="col" class="number" appHint="fuel costs">Fuel costs</th>
            <td></td>
          </tr>
        </thead>
        <tbody>
          @for (m of study.front(); track $index) {
            <tr [class.on]="m === now">
              <th scope="row">{{ m.name }}</th>
              <td class="number" data-label="Reserve">{{ units.text(m.reservePercent, 'percent') }}</td>
              <td class="number" data-label="Average">{{ units.text(m.averageG, 'mass') }}</td>
              <td class="number" data-label="Run-out risk" [class.over]="m.worst > risk.limit()">{{ chance(m.worst) }}</td>
              <td class="quiet" data-label="Riskiest leg">{{ m.worst < rarest ? '' : m.tightest.from + ' to ' + m.tightest.to }}</td>
              <td class="number" data-label="Fuel costs">{{ units.text(m.price, 'price') }}</td>
              <td>
                @if (m !== now) {
                  <button nz-button nzSize="small" type="button" [attr.aria-label]="'Use on this trip: ' + spoken(m)" (click)="choose(m)">
                    Use on this trip
                  </button>
                } @else {
                  as planned
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    } @else if (!study.study.problem()) {
      <p class="quiet">Weighing the first kit…</p>
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
  `,
})
export class BalancePanel {
  protected readonly study = inject(BalanceStudy);
  protected readonly risk = inject(RiskService);
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly figure = viewChild<ElementRef<SVGSVGElement>>('figure');
  private readonly hostWidth = measuredWidth(1080);

  protected readonly H = HEIGHT;
  protected readonly rarest = RAREST_CHANCE;
  protected readonly trips = wholeNumber(TRIPS_TRIED);
  protected readonly chance = oddsWords;
  protected readonly limitWords = limitWords;
  protected readonly mostReserve = Math.max(...RESERVES_TRIED);
  protected readonly width = computed(() => Math.max(160, this.hostWidth() - GUTTER));
  protected readonly shape = computed(() =>
    balanceGeometry(this.study.marks(), this.study.front(), this.width(), HEIGHT, this.units.unit('mass').factor, this.risk.limit()),
  );
  /** Place of the present load-out on the front; the nearest in weight where it is not on it. */
  protected readonly at = computed(() => {
    const now = this.study.current();
    return now ? this.nearest(now.averageG) : 0;
  });
  protected readonly says = computed(() => {
    const now = this.study.current();
    return now ? balanceWords(now, this.study.front(), this.risk.limit(), this.units) : '';
  });

  protected spoken(m: BalanceMark): string {
    return balanceMarkWords(m, this.units);
  }

  protected choose(m: BalanceMark, gesture?: string): void {
    const rack = this.store.rack();
    this.store.editTrip(
      `carry ${m.name}, ${m.reservePercent} % reserve`,
      (trip) => {
        const kit = m.kitId === this.study.own().id ? undefined : rack.kits.find((k) => k.id === m.kitId);
        const carried = kit ? tripWithKit(trip, build(rack, kit)) : done(trip);
        return carried.ok ? { ...carried.value, reservePercent: m.reservePercent } : trip;
      },
      gesture,
    );
  }

  protected drag({ x, gesture }: DraggedTo): void {
    const near = this.shape().nearest(x);
    if (near && near !== this.study.current()) this.choose(near, gesture);
  }

  protected step(step: KeyStep): void {
    const mark = this.study.front()[stepTo(step, this.at(), { min: 0, max: this.study.front().length - 1 })];
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
