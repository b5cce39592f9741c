import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { AXES, contrastOf, CONTRAST_IDS, type Axis, type ContrastId, type Measure } from '@tinder/core/studies/bench';
import { newSetup } from '@tinder/core/domain/model';
import type { ClaimStands } from '@tinder/core/studies/study';
import { AxisChart, type ChartSpec } from '../../charts/axis-chart';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { answerWords } from '../../words/bench-words';
import { AXIS_WORDS, claimedWords, claimWords, sayingWords, turnsWords, VERDICT_WORDS } from '../../words/claim-words';
import { contrastSaid } from '../../words/contrast-words';
import { Units } from '../../words/units';
import { BenchStudy } from './bench-study';

/** Sayings of the trade, held against this walker's kit, trip and tests: what they come to, and where they turn. */
@Component({
  selector: 'app-claims-panel',
  imports: [AxisChart, Choice, NzButtonComponent, NzInputDirective, PickField, QuantityField, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Claims, and what each comes to for a usual hot meal of this trip</h2>
    <app-study-note [study]="asked" />
    <div class="look">
      <ul>
        @for (r of rows(); track r.id) {
          <li>
            <button
              type="button"
              [class.on]="r.id === open()?.id"
              [attr.aria-current]="r.id === open()?.id ? 'true' : null"
              (click)="chosen.set(r.id)"
            >
              <b>{{ r.saying }}</b>
              <span class="verdict {{ r.verdict }}">{{ r.says }}</span>
            </button>
          </li>
        } @empty {
          <li class="quiet">{{ asked.problem() ? '' : 'Computing…' }}</li>
        }
      </ul>
      @if (open(); as o) {
        <section aria-live="polite">
          <h3>{{ o.saying }}</h3>
          <p class="answer">{{ o.says }}.</p>
          <p>
            {{ o.words }} <span class="quiet">{{ o.claimed }}</span>
          </p>
          @if (o.own) {
            <p><b>Your own burns:</b> {{ o.own }}</p>
          }
          @if (o.charts.length) {
            <p>{{ o.turns }}</p>
            <app-choice label="Along" [options]="axes" [value]="axis()" (valueChange)="axis.set($event)" />
            @if (chart(); as c) {
              <app-axis-chart [of]="c" [height]="140" />
            }
          }
          @if (o.mine) {
            <button nz-button nzSize="small" type="button" (click)="remove(o.id)">Delete claim</button>
          }
          <details>
            <summary>How it is computed</summary>
            <p class="quiet">
              With the burn model, your stove as far as it is known, and wind known within a factor of 1.4; the interval holds 95 of 100. A
              side that fails to cook never counts as saving.
            </p>
          </details>
        </section>
      }
    </div>
    <details>
      <summary>Add a claim</summary>
      <div class="heads">
        <label class="name" for="saying">They say</label>
        <input
          nz-input
          class="left"
          id="saying"
          maxlength="80"
          placeholder="my lid saves half"
          [value]="words()"
          (input)="words.set($any($event.target).value)"
        />
        <app-pick-field label="It is about" [options]="subjects()" [value]="subject()" (valueChange)="subject.set($event)" />
        <span class="name">The first uses less</span>
        <app-choice label="Less of" [options]="measures" [value]="measure()" (valueChange)="measure.set($event)" />
        <span class="name">By at least</span>
        <app-quantity-field
          label="By at least"
          quantity="percent"
          [value]="by()"
          [limits]="{ min: 0, max: 95 }"
          (valueChange)="by.set($event)"
        />
      </div>
      <button nz-button nzSize="small" type="button" [disabled]="!words().trim()" (click)="add()">Test it against the model</button>
    </details>
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
  styles: `
    .look {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
      gap: 0.625rem 2.5rem;
      align-items: start;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li button {
      display: flex;
      justify-content: space-between;
      gap: 0.875rem;
      width: 100%;
      padding: var(--thumb-pad, 3px) 0 var(--thumb-pad, 3px) 0.625rem;
      border: 0;
      border-bottom: 1px solid var(--hairline);
      background: none;
      color: inherit;
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    li b {
      font-weight: 600;
    }
    .on {
      box-shadow: inset 3px 0 var(--ember);
    }
    .verdict {
      flex: none;
      font: 600 0.9375rem/1.4 var(--signs);
      color: var(--ink-quiet);
    }
    .holds {
      color: var(--lichen-text);
    }
    .holdsNot,
    .aFails,
    .bothFail {
      color: var(--ember-text);
    }
    .depends {
      color: var(--glacier);
    }
    .answer {
      margin: 2px 0;
      font: 700 1.5rem/1.2 var(--signs);
    }
    .answer::first-letter {
      text-transform: uppercase;
    }
    section p {
      margin: 0.25rem 0;
      line-height: 1.35;
    }
    section p.quiet {
      font-size: 0.8125rem;
    }
    @media (max-width: 1000px) {
      .look {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class ClaimsPanel {
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly worker = inject(StudyWorker);
  private readonly study = inject(BenchStudy);
  private readonly units = inject(Units);

  protected readonly axes = AXES.map((value) => ({ value, label: AXIS_WORDS[value].name }));
  protected readonly measures = [
    { value: 'fuel', label: 'Fuel' },
    { value: 'seconds', label: 'Time' },
  ] as const;

  protected readonly asked = study(
    RESTING,
    () => {
      const planned = this.plans.planned();
      return planned && { planned, rack: this.store.rack(), kitName: this.study.tripKitName() };
    },
    ({ planned: { trip, plan }, rack, kitName }, run) => this.worker.ask('claims', { trip, plan, rack }, { kitName }, run),
  );
  private readonly stands = computed(() => this.asked.last()?.answer ?? []);
  private readonly sayingOf = (id: string): string | undefined => this.study.bench().claims.find((c) => c.id === id)?.words;

  protected readonly rows = computed(() =>
    this.stands().map(({ claim, verdict }) => ({
      id: claim.id,
      saying: sayingWords(claim, this.sayingOf(claim.id)),
      verdict,
      says: VERDICT_WORDS[verdict],
    })),
  );
  protected readonly chosen = signal<string | undefined>(undefined);
  protected readonly axis = signal<Axis>('windMps');
  private readonly opened = computed((): ClaimStands | undefined => {
    const all = this.stands();
    return all.find((s) => s.claim.id === this.chosen()) ?? all[0];
  });
  protected readonly open = computed(() => {
    const s = this.opened();
    if (!s) return undefined;
    const sides = s.claim.contrast && contrastSaid(s.claim.contrast, this.units);
    return {
      id: s.claim.id,
      saying: sayingWords(s.claim, this.sayingOf(s.claim.id)),
      says: VERDICT_WORDS[s.verdict],
      words: claimWords(s, this.units),
      claimed: claimedWords(s.claim),
      turns: turnsWords(s.turns, this.units),
      charts: s.along.windMps,
      mine: this.sayingOf(s.claim.id) !== undefined,
      own: s.own && sides ? answerWords(s.own.answer, { nameA: sides.a, nameB: sides.b }, this.units) : '',
    };
  });
  protected readonly chart = computed((): ChartSpec | undefined => {
    const s = this.opened();
    if (!s) return undefined;
    const axis = this.axis();
    const { name, quantity } = AXIS_WORDS[axis];
    const fails = s.along[axis].find((p) => p.saves === undefined);
    const points = s.along[axis].map((p) => ({ x: p.at, y: p.saves === undefined ? undefined : 100 * p.saves }));
    if (!points.some((p) => p.y !== undefined)) return undefined;
    return {
      spoken: `${s.claim.of === 'fuel' ? 'fuel' : 'time'} saved along ${name}. ${turnsWords(s.turns, this.units)}`,
      lines: [{ name: 'saves', points }],
      xWords: name,
      tickX: (x) => this.units.text(x, quantity, 0),
      tickY: (y) => `${Math.round(y)} %`,
      y: { min: Math.min(0, 100 * s.claim.by), max: Math.max(10, 100 * s.claim.by) },
      across: { at: 100 * s.claim.by, words: s.claim.by === 0 ? 'nothing saved' : 'as is said' },
      ...(fails ? { upright: [{ at: fails.at, words: fails.aFails ? 'the first fails' : 'the second fails' }] } : {}),
    };
  });

  protected readonly words = signal('');
  protected readonly subject = signal<ContrastId>('lid');
  protected readonly measure = signal<Measure>('fuel');
  protected readonly by = signal(0);
  protected readonly subjects = computed(() => {
    const setup = newSetup('kit', this.store.trip().kit);
    return CONTRAST_IDS.filter((id) => contrastOf(id, setup)).map((id) => ({
      value: id,
      label: `${contrastSaid(id, this.units).a} against ${contrastSaid(id, this.units).b}`,
    }));
  });

  protected add(): void {
    const claim = {
      id: crypto.randomUUID(),
      words: this.words().trim(),
      changeId: this.subject(),
      of: this.measure(),
      by: this.by() / 100,
    };
    if (!this.study.edit('add a claim', (b) => ({ ...b, claims: [...b.claims, claim] }))) return;
    this.chosen.set(claim.id);
    this.words.set('');
  }

  protected remove(id: string): void {
    this.study.edit('take a saying away', (b) => ({ ...b, claims: b.claims.filter((c) => c.id !== id) }));
  }
}
