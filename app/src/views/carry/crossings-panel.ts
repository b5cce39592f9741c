import { ChangeDetectionStrategy, Component, computed, inject, signal, viewChild, type ElementRef } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { crossingsOf, lightestByLength, LONGEST_DAYS, type CountedBy } from '@tinder/core/planning/load-out';
import { lightestOnCarries } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { Choice } from '../../ui/choice';
import { downloadFigureSvg } from '../../platform/export-figure';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { Drag, stepTo, type KeyStep } from '../../ui/drag';
import { StudyNote } from '../../ui/study-note';
import { Units } from '../../words/units';
import { kitDash } from '../../charts/kit-dashes';
import { crossingsGeometry } from '../../charts/crossings-geometry';
import { crossingsWords, lightestWords, onCarriesWords, spanWords } from '../../words/crossing-words';
import { KitLines } from './kit-lines-service';

const HEIGHT = 250;
const NAMES = 206;
/** Width of a letter of a name, px, generously. */
const LETTER = 6.5;

/** Crossings: what every kit would weigh on a carry of one to twenty-one such days, and where the lighter one changes. */
@Component({
  selector: 'app-crossings-panel',
  imports: [Choice, Drag, Drawing, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2>Carried weight by the days between two stops</h2>
      <app-choice label="Weight counted" [options]="ways" [value]="by()" (valueChange)="by.set($event)" />
      <button nz-button nzSize="small" type="button" (click)="save()">Drawing as SVG</button>
    </div>
    @if (kits(); as all) {
      @let g = shape();
      <p class="says" [class.stale]="service.stale()">{{ says() }}</p>
      <svg
        #figure
        [appDrawing]="H + 66"
        role="slider"
        tabindex="0"
        aria-label="Days between two stops"
        aria-valuemin="1"
        [attr.aria-valuemax]="longest"
        [attr.aria-valuenow]="days()"
        [attr.aria-valuetext]="spoken()"
        [class.stale]="service.stale()"
        appDrag="point"
        (pointed)="chosen.set(shape().daysAt($event.x))"
        (stepped)="step($event)"
      >
        <rect class="catch" width="100%" [attr.height]="H + 38" />
        @for (t of g.ticksG; track t) {
          <line class="grid" x1="0" [attr.x2]="g.x(longest)" [attr.y1]="g.y(t)" [attr.y2]="g.y(t)" />
          <text class="quiet" x="-8" [attr.y]="g.y(t) + 4" text-anchor="end">{{ units.text(t, 'mass') }}</text>
        }
        @for (c of crossings(); track $index) {
          <line class="turn" [attr.x1]="g.x(c.days - 0.5)" [attr.x2]="g.x(c.days - 0.5)" y1="8" [attr.y2]="H" />
        }
        @for (l of g.lines; track l.id) {
          <path [attr.d]="l.path" [class.own]="l.id === all[0].id" class="kit" [attr.stroke-dasharray]="dashes().get(l.id)" />
          <path class="lead" [attr.d]="'M' + (g.x(longest) + 3) + ',' + l.endY + ' L' + (g.x(longest) + 12) + ',' + (l.labelY - 4)" />
          <text [attr.x]="g.x(longest) + 16" [attr.y]="l.labelY" [class.strong]="l.id === all[0].id">{{ l.name }}</text>
        }
        <line class="now" [attr.x1]="g.x(days())" [attr.x2]="g.x(days())" y1="0" [attr.y2]="H" />
        @for (d of marks; track d) {
          <text class="quiet" [attr.x]="g.x(d)" [attr.y]="H + 16" text-anchor="middle">{{ d }}</text>
        }
        <text class="quiet" [attr.x]="g.x(longest) / 2" [attr.y]="H + 32" text-anchor="middle">days between two stops</text>
        <text class="quiet" x="-8" y="6" text-anchor="end">carried</text>
        @for (r of runs(); track r.from) {
          <rect class="run" [class.own]="r.own" [attr.x]="r.x" [attr.width]="r.width" [attr.y]="H + 42" height="20" />
          @if (r.fits) {
            <text [class.on-own]="r.own" [attr.x]="r.x + r.width / 2" [attr.y]="H + 56" text-anchor="middle">{{ r.name }}</text>
          }
        }
        <text class="quiet" x="-8" [attr.y]="H + 56" text-anchor="end">lightest</text>
      </svg>
      <div class="below">
        <table>
          <caption>
            {{
              caption()
            }}
          </caption>
          <tbody>
            @for (r of at(); track r.id) {
              <tr [class.on]="r.id === all[0].id">
                <th scope="row">{{ r.name }}</th>
                <td class="number">{{ r.weight }}</td>
                <td class="number quiet">{{ r.difference }}</td>
                <td class="quiet">{{ r.note }}</td>
              </tr>
            }
          </tbody>
        </table>
        <div>
          <h3>Where {{ all[0].name }} crosses</h3>
          <ul>
            @for (c of crossed(); track c.name) {
              <li>
                <b>{{ c.name }}</b> is {{ c.turns }}. <span class="quiet">{{ c.why }}</span>
              </li>
            } @empty {
              <li class="quiet">It crosses no other kit within {{ longest }} days.</li>
            }
          </ul>
          <p class="quiet">
            Each line is a kit on an average day of this trip between stops ({{ daily() }} with {{ all[0].name }}), with its lightest
            containers, the reserve and the kit itself. Steps are new containers; slopes are fuel.
          </p>
        </div>
      </div>
    } @else {
      <app-study-note [study]="service.study" />
      @if (!service.study.problem()) {
        <p class="quiet">Planning the trip with every kit…</p>
      }
    }
  `,
  styleUrl: './study.less',
  styles: `
    path.kit {
      fill: none;
      stroke: var(--ink-quiet);
      stroke-width: 1.2;
    }
    path.kit.own {
      stroke: var(--ember);
      stroke-width: 2.4;
    }
    .run {
      fill: var(--hill-foot);
      stroke: var(--ground);
    }
    .run.own {
      fill: var(--ember);
    }
    text.on-own {
      fill: var(--ground);
      font-weight: 600;
    }
    .lead {
      fill: none;
      stroke: var(--hairline);
    }
    .turn {
      stroke: var(--control-line);
      stroke-dasharray: 2 3;
    }
    .below {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
      gap: 0.75rem 2.5rem;
      align-items: start;
      margin-top: 0.5rem;
    }
    li {
      margin-bottom: 0.25rem;
    }
    @media (max-width: 720px) {
      .below {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class CrossingsPanel {
  protected readonly service = inject(KitLines);
  protected readonly units = inject(Units);
  private readonly plans = inject(PlanService);
  private readonly figure = viewChild<ElementRef<SVGSVGElement>>('figure');
  private readonly width = measuredWidth(1080);

  protected readonly H = HEIGHT;
  protected readonly longest = LONGEST_DAYS;
  /** Every second day is named on the axis. */
  protected readonly marks = Array.from({ length: Math.ceil(LONGEST_DAYS / 2) }, (_, i) => 1 + 2 * i);
  protected readonly ways = [
    { value: 'startG', label: 'Leaving the stop' },
    { value: 'averageG', label: 'Average of the mornings' },
  ] as const;
  protected readonly by = signal<CountedBy>('startG');
  protected readonly chosen = signal<number | undefined>(undefined);
  /** The length that is read off: as long as the marked carry until another is chosen. */
  protected readonly days = computed(() => this.chosen() ?? Math.min(LONGEST_DAYS, this.plans.carry()?.days.length ?? 5));

  protected readonly kits = this.service.lines;
  protected readonly shape = computed(() =>
    crossingsGeometry(this.kits() ?? [], this.by(), Math.max(90, this.width() - NAMES), HEIGHT, this.units.unit('mass').factor),
  );
  /** The other kits that the carried one crosses, with where. */
  private readonly pairs = computed(() => {
    const [own, ...others] = this.kits() ?? [];
    return others.map((other) => ({ own, other, list: crossingsOf(own, other, this.by()) })).filter((p) => p.list.length);
  });
  protected readonly crossings = computed(() => this.pairs().flatMap((p) => p.list));
  protected readonly crossed = computed(() =>
    this.pairs().map(({ own, other, list }) => ({ name: other.name, ...crossingsWords(own, other, list) })),
  );
  /** The kits that cook, or all of them where none does. */
  private readonly among = computed(() => {
    const all = this.kits() ?? [];
    const cooking = all.filter((k) => k.dailyG > 0);
    return cooking.length ? cooking : all;
  });
  private readonly lightest = computed(() => lightestByLength(this.among(), this.by()));
  private readonly nameOf = (id: string): string => this.kits()?.find((k) => k.id === id)?.name ?? '';
  /** Who is lightest when, in words. */
  protected readonly says = computed(() => {
    const onCarries = lightestOnCarries(this.kits() ?? [], this.among(), this.by());
    return `${lightestWords(this.lightest(), this.nameOf)} ${onCarriesWords(onCarries, this.nameOf)}`;
  });
  /** Who is lightest when, as a band below the axis. */
  protected readonly runs = computed(() => {
    const { x } = this.shape();
    const edge = (days: number): number => x(Math.min(LONGEST_DAYS, Math.max(1, days)));
    return this.lightest().map(({ id, ties, from, to }) => {
      const name = [id, ...ties].map(this.nameOf).join(' or ');
      const [left, right] = [edge(from - 0.5), edge(to + 0.5)];
      return { from, name, own: id === this.kits()?.[0].id, x: left, width: right - left, fits: right - left > name.length * LETTER };
    });
  });
  /** As in the chart of carried weight: the carried kit in full, each of the others by its dash. */
  protected readonly dashes = computed(
    () =>
      new Map(
        this.kits()
          ?.slice(1)
          .map((k, i) => [k.id, kitDash(i)]),
      ),
  );
  protected readonly at = computed(() => {
    const all = this.kits() ?? [];
    const massOf = (k: (typeof all)[number]) => k[this.by()][this.days() - 1];
    return [...all]
      .sort((a, b) => massOf(a) - massOf(b))
      .map((k) => ({
        id: k.id,
        name: k.name,
        weight: this.units.text(massOf(k), 'mass'),
        difference: k === all[0] ? '' : this.units.signed(massOf(k) - massOf(all[0]), 'mass'),
        note: k.mealsMissed > 0 ? `${k.mealsMissed} hot meals of this trip stay cold` : '',
      }));
  });
  protected readonly caption = computed(() => `a carry of ${spanWords(this.days(), this.days())}`);
  protected readonly daily = computed(() => this.units.text(this.kits()?.[0].dailyG ?? 0, 'mass', 1));
  protected readonly spoken = computed(
    () =>
      `${this.days()} days: ${this.at()
        .map((r) => `${r.name} ${r.weight}`)
        .join(', ')}`,
  );

  protected step(step: KeyStep): void {
    this.chosen.set(stepTo(step, this.days(), { min: 1, max: LONGEST_DAYS }));
  }

  protected save(): void {
    const drawn = this.figure()?.nativeElement;
    if (drawn) downloadFigureSvg(drawn, 'crossings');
  }
}
