import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { PlanService } from '../../planning/plan-service';
import { BEHIND_PLAN, study } from '../../planning/study';
import { FollowingWorker } from '../../planning/following-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Drag, stepTo, type DraggedTo, type KeyStep } from '../../ui/drag';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { StudyNote } from '../../ui/study-note';
import { FAIL_WORDS, flameWords, settingWords } from '../../words/flame-words';
import { Units } from '../../words/units';
import { CloserService } from './closer-service';
import { flameGeometry } from '../../charts/flame-geometry';

/** Fuel and time against the flame setting: the best flame, what fully open costs, and the walker's own to drag. */
@Component({
  selector: 'app-flame-panel',
  imports: [Drag, Drawing, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-study-note [study]="looked" />
    @if (curve(); as c) {
      @let g = shape();
      <p class="says">{{ says() }}</p>
      @if (g) {
        <svg
          [appDrawing]="2 * H + 62"
          role="slider"
          tabindex="0"
          aria-label="Flame setting on the fuel curve"
          aria-orientation="horizontal"
          [attr.aria-valuemin]="percent(c.points[0].setting)"
          aria-valuemax="100"
          [attr.aria-valuenow]="percent(setting())"
          [attr.aria-valuetext]="spoken()"
          appDrag="drag"
          (dragged)="drag($event)"
          (stepped)="step($event)"
        >
          <defs>
            <pattern id="failing" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
              <line x1="0" y1="0" x2="0" y2="6" class="hatch" />
            </pattern>
          </defs>
          <rect class="catch" width="100%" [attr.height]="2 * H + 60" />
          @if (c.band; as band) {
            <rect class="band" [attr.x]="g.x(band.from)" [attr.width]="g.x(band.to) - g.x(band.from)" y="0" [attr.height]="H" />
            <text class="quiet" [attr.x]="(g.x(band.from) + g.x(band.to)) / 2" [attr.y]="H - 5" text-anchor="middle">
              within 5 % of least
            </text>
          }
          @for (f of g.failing; track f.from) {
            <rect fill="url(#failing)" [attr.x]="g.x(f.from)" [attr.width]="g.x(f.to) - g.x(f.from) + 8" y="0" [attr.height]="2 * H + 24" />
            <text [attr.x]="g.x(f.from) + 4" y="14">{{ failWords[f.why] }}</text>
          }
          @for (t of g.fuelTicks; track t) {
            <line class="grid" x1="0" x2="100%" [attr.y1]="g.fuelY(t)" [attr.y2]="g.fuelY(t)" />
            <text class="quiet" x="-8" [attr.y]="g.fuelY(t) + 4" text-anchor="end">{{ units.mealMass(t) }}</text>
          }
          <path class="bare" [attr.d]="g.barePath" />
          <path class="fuel" [attr.d]="g.fuelPath" />
          @if (c.best; as best) {
            <circle class="best" [attr.cx]="g.x(best.setting)" [attr.cy]="g.fuelY(best.fuelG)" r="4.5" />
            <text class="strong" [attr.x]="g.x(best.setting) + 8" [attr.y]="g.fuelY(best.fuelG) - 8">
              best {{ percent(best.setting) }} %, {{ units.mealMass(best.fuelG) }}
            </text>
          }
          <g [attr.transform]="'translate(0,' + (H + 24) + ')'">
            @for (m of g.timeTicksMin; track m) {
              <line class="grid" x1="0" x2="100%" [attr.y1]="g.timeY(60 * m)" [attr.y2]="g.timeY(60 * m)" />
              <text class="quiet" x="-8" [attr.y]="g.timeY(60 * m) + 4" text-anchor="end">{{ m }} min</text>
            }
            <path class="time" [attr.d]="g.timePath" />
          </g>
          <line class="now" [attr.x1]="g.x(setting())" [attr.x2]="g.x(setting())" y1="0" [attr.y2]="2 * H + 28" />
          <path class="grip" [attr.d]="'M' + g.x(setting()) + ',' + (2 * H + 26) + ' l7,10 h-14z'" />
          @for (s of [0.25, 0.5, 0.75, 1]; track s) {
            @if (s >= c.points[0].setting) {
              <text class="quiet" [attr.x]="g.x(s)" [attr.y]="2 * H + 54" text-anchor="middle">{{ 100 * s }} %</text>
            }
          }
        </svg>
        <p class="quiet key">
          Computed with a fresh canister · thick: fuel with your windscreen · dashed: the same without it · thin below: time to the target ·
          drag the marker or use the arrow keys
        </p>
      }
    } @else if (looked.fresh()) {
      <p class="quiet">This stove has no valve: its flame cannot be set. Look at its dose instead.</p>
    }
  `,
  styleUrl: './closer.less',
})
export class FlamePanel {
  protected readonly units = inject(Units);
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly service = inject(CloserService);
  private readonly width = measuredWidth(1000);

  protected readonly H = 104;
  protected readonly failWords = FAIL_WORDS;
  private readonly worker = inject(FollowingWorker);
  protected readonly looked = study(
    BEHIND_PLAN,
    () => this.service.asked(),
    ({ planned: { trip, plan }, day }, run) => this.worker.ask('flame', { trip, plan }, { day }, run),
  );
  protected readonly curve = computed(() => this.looked.last()?.answer?.curve);
  protected readonly shape = computed(() => {
    const c = this.curve();
    return c && flameGeometry(c, this.looked.last()?.answer?.bare, Math.max(200, this.width() - 80), this.H);
  });
  protected readonly setting = computed(() => Math.max(this.plans.tripHere().kit.flameSetting, this.curve()?.points[0].setting ?? 0));

  protected readonly says = computed(() => {
    const c = this.curve();
    const meal = this.service.meal();
    return c && meal ? flameWords(c, meal, this.units) : '';
  });
  protected readonly spoken = computed(() => {
    const c = this.curve();
    return c ? settingWords(c, this.setting(), this.units) : '';
  });

  protected percent(setting: number): number {
    return Math.round(100 * setting);
  }

  protected drag({ x, gesture }: DraggedTo): void {
    const g = this.shape();
    if (g) this.set(g.settingAt(x), gesture);
  }

  protected step(step: KeyStep): void {
    const lowest = this.curve()?.points[0].setting;
    if (lowest !== undefined) this.set(stepTo(step, this.setting(), { min: lowest, max: 1, unit: 0.01 }));
  }

  private set(setting: number, gesture?: string): void {
    this.store.editKit('flame', this.plans.leg(), { flameSetting: Math.round(setting * 100) / 100 }, gesture);
  }
}
