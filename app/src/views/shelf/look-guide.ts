import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS, LOOKS_AT, type LookProblem } from '@tinder/core/domain/model';
import { cylinderOf, floatsUpright, lookSays, stockOf, withLook } from '@tinder/core/domain/shelf';
import { DateField } from '../../ui/date-field';
import { Opened } from '../../ui/opened';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { Tick } from '../../ui/tick';
import { today } from '../../ui/today';
import { measured } from '../../words/measured';
import { LOOK_GUIDES, type GuidedHow } from '../../words/look-guide-words';
import { leftWords, LOOK_NAMES, lookProblemWords } from '../../words/shelf-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { asksUse, LOOK_FIELDS, lookOf, newDraft, type LookDraft } from './look-draft';
import { LookDrawing } from './look-drawing';
import { ShelfStudy, type Shelved } from './shelf-study';

const IN_WATER: readonly GuidedHow[] = ['floated', 'marked', 'risen'];

/** One look at a container, guided: how it is done, drawn with the figures as they are typed, and what it would say before it is written down. */
@Component({
  selector: 'app-look-guide',
  imports: [DateField, LookDrawing, NzButtonComponent, Opened, PickField, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let d = draft();
    <header>
      <h2>Update the fill level, #{{ number() }}</h2>
      <app-pick-field label="How the reading is taken" [quietly]="true" [options]="ways()" [value]="d.how" (valueChange)="start($event)" />
      <button nz-button nzType="primary" type="button" [disabled]="!look()" (click)="write()">Save reading</button>
    </header>
    <div class="guide">
      <app-look-drawing [draft]="d" [item]="of().item" />
      <div class="fields">
        @for (f of fields(); track f.key) {
          <span class="name">{{ f.name }}</span>
          <app-quantity-field
            [label]="f.name"
            [quantity]="f.quantity"
            [bare]="f.quantity === 'count'"
            [decimals]="f.decimals"
            [value]="d.figures[f.key]"
            placeholder="?"
            [limits]="L[f.limits]"
            (valueChange)="figure(f.key, $event)"
          />
        }
        <label class="name" for="look-on">On</label>
        <app-date-field fieldId="look-on" [value]="d.on" (valueChange)="change({ on: $event })" />
        @if (asksUse(d.how)) {
          <label class="used">
            <input type="checkbox" [appTick]="d.used" (turned)="change({ used: !d.used })" />
            <span>Used since the last reading, without being logged</span>
          </label>
        }
        @if (d.how === 'weighed') {
          <button nz-button nzSize="small" class="scale" type="button" (click)="weigh()">Read the scale (simulated)</button>
        }
      </div>
    </div>
    @if (problem(); as p) {
      <p class="error" role="alert">{{ words(p) }}</p>
    } @else if (would(); as words) {
      <p class="would" role="status">{{ words }}</p>
    }
    <details appOpened #o="opened">
      <summary>How it is done</summary>
      @if (o.once()) {
        <ol>
          @for (s of guide().steps; track s) {
            <li>{{ s }}</li>
          }
        </ol>
        <p class="quiet">{{ mind() }}</p>
      }
    </details>
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    :host {
      padding-top: 0.625rem;
      border-top: 1px solid var(--hairline);
    }
    header {
      display: grid;
      grid-template-columns: max-content minmax(0, 15rem) max-content;
      gap: 1rem;
      align-items: center;
    }
    h2 {
      margin: 0;
    }
    .guide {
      display: grid;
      grid-template-columns: minmax(0, 22rem) minmax(0, 1fr);
      gap: 0 2rem;
      align-items: start;
      margin-top: 0.5rem;
    }
    .fields {
      display: grid;
      grid-template-columns: minmax(0, 12.5rem) 9.375rem;
      gap: 0.375rem 0.875rem;
      align-items: center;
    }
    .used,
    .scale {
      grid-column: 1 / -1;
      justify-self: start;
    }
    ol {
      margin: 0.25rem 0;
      padding-left: 1.25rem;
      line-height: 1.3;
    }
    .would {
      margin: 0.375rem 0 0;
      font-weight: 600;
    }
    p.quiet {
      max-width: 76ch;
      margin: 0.25rem 0 0;
      font-size: 0.8125rem;
      line-height: 1.3;
    }
    @media (max-width: 720px) {
      header,
      .guide {
        grid-template-columns: minmax(0, 1fr);
      }
      .fields {
        grid-template-columns: minmax(0, 1fr) 8.125rem;
      }
    }
  `,
})
export class LookGuide {
  private readonly study = inject(ShelfStudy);
  protected readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly asksUse = asksUse;
  readonly of = input.required<Shelved>();

  /** A draft belongs to one container: another one begins anew. */
  protected readonly draft = linkedSignal<string, LookDraft>({
    source: () => this.of().item.id,
    computation: () => newDraft(this.ways()[0].value, today(), this.of().item),
  });
  private readonly refused = signal<LookProblem | undefined>(undefined);

  protected readonly ways = computed(() =>
    LOOKS_AT[this.of().item.kind]
      .filter((how): how is GuidedHow => how in LOOK_GUIDES)
      .filter((how) => how !== 'risen' || this.of().item.looks.some((l) => l.how === 'marked'))
      // a tall can lies over: no water line is read off it
      .filter((how) => !IN_WATER.includes(how) || floatsUpright(cylinderOf(this.of().item)))
      .map((value) => ({ value, label: sentenceStart(LOOK_NAMES[value]) })),
  );
  protected readonly guide = computed(() => LOOK_GUIDES[this.draft().how]);
  protected readonly mind = computed(() => measured(this.guide().mind, this.units));
  protected readonly fields = computed(() => LOOK_FIELDS[this.draft().how]);
  protected readonly look = computed(() => lookOf(this.draft()));
  private readonly tried = computed(() => {
    const look = this.look();
    return look && withLook(this.of().item, look);
  });
  protected readonly problem = computed(() => {
    const tried = this.tried();
    return this.refused() ?? (tried && !tried.ok ? tried.problem : undefined);
  });
  /** What would be known after it. */
  protected readonly would = computed(() => {
    const tried = this.tried();
    if (!tried?.ok || this.draft().how === 'marked') return '';
    const stock = stockOf(tried.value);
    const asks = stock.asks?.look === tried.value.looks.length - 1 ? ' It does not agree with what was known: you will be asked.' : '';
    const says = lookSays(tried.value, tried.value.looks[tried.value.looks.length - 1]);
    const alone = says ? `It says ${this.units.text(says.massG, 'mass')} ± ${this.units.number(says.sdG, 'mass')}. ` : '';
    return `${alone}Then: ${leftWords(stock, this.units)}.${asks}`;
  });

  protected readonly number = computed(() => this.study.items().findIndex((c) => c.id === this.of().item.id) + 1);

  protected start(how: GuidedHow): void {
    this.refused.set(undefined);
    this.draft.set(newDraft(how, this.draft().on, this.of().item));
  }

  /** What was saved is a reading now: the next one begins empty. */
  private begin(): void {
    this.start(this.ways().some((w) => w.value === this.draft().how) ? this.draft().how : this.ways()[0].value);
  }

  protected change(change: Partial<LookDraft>): void {
    this.refused.set(undefined);
    this.draft.update((d) => ({ ...d, ...change }));
  }

  protected figure(key: string, value: number): void {
    this.change({ figures: { ...this.draft().figures, [key]: value }, simulated: false });
  }

  /** The simulated scale shows what is thought to be there, to the gram. */
  protected weigh(): void {
    const grossG = Math.round(this.of().stock.gross.massG);
    this.change({ figures: { ...this.draft().figures, grossG }, simulated: true });
  }

  protected write(): void {
    const { item } = this.of();
    const tried = this.tried();
    if (!tried) return;
    if (!tried.ok) return this.refused.set(tried.problem);
    if (this.study.editItem(`reading of ${item.name}`, item.id, () => tried.value)) this.begin();
  }

  protected words(problem: LookProblem): string {
    return lookProblemWords(problem, this.units);
  }
}
