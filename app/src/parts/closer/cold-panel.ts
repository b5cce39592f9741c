import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { strengthName } from '@tinder/core/physics/canister';
import { kitInUse, WITHDRAWAL_C } from '@tinder/core/planning/plan';
import { planDayOf } from '@tinder/core/planning/planned';
import { PlanService } from '../../planning/plan-service';
import { BEHIND_PLAN, study } from '../../planning/study';
import { FollowingWorker } from '../../planning/following-worker';
import { Drag, type KeyStep, type PointedAt } from '../../ui/drag';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { StudyNote } from '../../ui/study-note';
import { blendWords, coldReadingWords, coldWords, STRENGTH_WORDS } from '../../words/cold-words';
import { Units } from '../../words/units';
import { CloserService } from './closer-service';
import { coldGeometry } from '../../charts/cold-geometry';
import { BlendsHere } from './blends-here';
import { OwnCan } from './own-can';

/** The cold map: how strong a flame the can feeds when lit, by air temperature and what is left, with the trip's meals on it. */
@Component({
  selector: 'app-cold-panel',
  imports: [BlendsHere, Drag, Drawing, OwnCan, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-study-note [study]="looked" />
    @if (view(); as v) {
      @let g = shape();
      <p class="says">{{ says() }}</p>
      @if (g) {
        <svg
          [appDrawing]="H + 40"
          role="application"
          tabindex="0"
          aria-label="Cold map: arrows move the reading"
          aria-describedby="cold-reading"
          appDrag="point"
          (pointed)="point($event)"
          (stepped)="step($event)"
        >
          <defs>
            <pattern id="weak" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
            </pattern>
          </defs>
          @for (b of g.bands; track b.name) {
            <path [attr.d]="b.path" [class]="'cold ' + b.name" />
            @if (b.name === 'wontRun') {
              <path [attr.d]="b.path" fill="url(#weak)" />
            }
          }
          @for (l of labels(); track l.name) {
            <text class="strong" [attr.x]="l.x" y="18" text-anchor="middle">{{ words[l.name] }}</text>
          }
          @for (t of g.ticksC; track t) {
            <line class="grid" [attr.x1]="g.x(t)" [attr.x2]="g.x(t)" y1="0" [attr.y2]="H" />
            <text class="quiet" [attr.x]="g.x(t)" [attr.y]="H + 15" text-anchor="middle">{{ units.text(t, 'temperature') }}</text>
          }
          @for (f of [0, 0.5, 1]; track f) {
            <text class="quiet" x="-8" [attr.y]="g.y(f) + 4" text-anchor="end">{{ 100 * f }} % left</text>
          }
          @for (m of v.meals; track m.meal + m.day) {
            <circle [class]="'meal ' + m.meal" [attr.cx]="g.x(m.airC)" [attr.cy]="g.y(m.fraction)" r="4.5" />
          }
          <path class="cross" [attr.d]="'M' + g.x(at().airC) + ',0 V' + H + ' M0,' + g.y(at().fraction) + ' H' + mapWidth()" />
          <text class="quiet" [attr.x]="mapWidth()" [attr.y]="H + 34" text-anchor="end">air when lit →</text>
        </svg>
        <p id="cold-reading" class="key" aria-live="polite">{{ reading() }}</p>
        <p class="quiet key">
          Filled: dinners · rings: breakfasts · hatched: won’t run. Altitude, fuel blend, stove and what is done for the canister are set
          above.
        </p>
        <p class="quiet key">
          {{ plans.tripHere().kit.ownBlend ? 'From your own canister' : 'Assumed' }}: {{ blend() }}, Raoult’s law, drawn down at
          {{ units.text(withdrawalC, 'temperature') }}. A can of another mix, or your own burner in your own hand, overrules it.
        </p>
        <app-blends-here [airC]="at().airC" [fraction]="at().fraction" [altitudeM]="altitudeM()" />
        <app-own-can />
      }
    } @else if (looked.fresh()) {
      <p class="quiet">
        There is no canister in this kit. Alcohol wants warm fuel or a primer pan below about {{ units.text(7, 'temperature', 0) }}, and
        both below {{ units.text(0, 'temperature', 0) }}.
      </p>
    }
  `,
  styleUrl: './closer.less',
})
export class ColdPanel {
  protected readonly units = inject(Units);
  private readonly service = inject(CloserService);
  protected readonly plans = inject(PlanService);
  private readonly width = measuredWidth(1000);

  protected readonly H = 210;
  protected readonly withdrawalC = WITHDRAWAL_C;
  protected readonly words = STRENGTH_WORDS;
  protected readonly at = signal({ airC: 0, fraction: 0.5 });
  private readonly worker = inject(FollowingWorker);
  protected readonly looked = study(
    BEHIND_PLAN,
    () => this.service.asked(),
    ({ planned: { trip, plan }, day }, run) => this.worker.ask('cold', { trip, plan }, { day }, run),
  );
  protected readonly view = computed(() => this.looked.last()?.answer);
  protected readonly mapWidth = computed(() => Math.max(200, this.width() - 80));
  /** Of the marked day, as the map is drawn for. */
  protected readonly altitudeM = computed(() => {
    const asked = this.service.asked();
    return asked ? planDayOf(asked.planned.plan, asked.day).altitudeM : 0;
  });
  protected readonly shape = computed(() => {
    const v = this.view();
    return v && coldGeometry(v, this.mapWidth(), this.H);
  });
  protected readonly blend = computed(() => {
    const { fuel } = kitInUse(this.plans.tripHere().kit);
    return fuel.kind === 'gas' ? blendWords(fuel.blend) : '';
  });
  /** Class names stand in the middle of their band on the topmost row, where there is room. */
  protected readonly labels = computed(() => {
    const v = this.view();
    const g = this.shape();
    if (!v || !g) return [];
    const top = v.strength[v.strength.length - 1].map(strengthName);
    return (['wontRun', 'weak', 'reduced', 'strong'] as const).flatMap((name) => {
      const from = top.indexOf(name);
      const to = top.lastIndexOf(name);
      if (from === -1 || g.x(v.airC[to]) - g.x(v.airC[from]) < 44) return [];
      return [{ name, x: (g.x(v.airC[from]) + g.x(v.airC[to])) / 2 }];
    });
  });

  protected readonly says = computed(() => {
    const v = this.view();
    return v ? coldWords(v, this.units) : '';
  });
  protected readonly reading = computed(() => {
    const v = this.view();
    return v ? coldReadingWords(v, this.at(), this.units) : '';
  });

  protected point({ x, y }: PointedAt): void {
    const v = this.view();
    if (!v) return;
    const [from, to] = [v.airC[0], v.airC[v.airC.length - 1]];
    this.move(from + (x / this.mapWidth()) * (to - from), 1 - y / this.H);
  }

  /** A kelvin across, a twentieth of a can up. */
  protected step(step: KeyStep): void {
    if ('to' in step) return;
    const { airC, fraction } = this.at();
    if (step.axis === 'x') this.move(airC + step.by, fraction);
    else this.move(airC, fraction + step.by / 20);
  }

  private move(airC: number, fraction: number): void {
    const v = this.view();
    if (!v) return;
    const hold = (x: number, from: number, to: number) => Math.min(to, Math.max(from, x));
    this.at.set({ airC: hold(airC, v.airC[0], v.airC[v.airC.length - 1]), fraction: hold(fraction, 0, 1) });
  }
}
