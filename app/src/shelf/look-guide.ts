import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS, LOOKS_AT, type LookProblem } from '@tinder/core/model';
import { cylinderOf, floatsUpright, lookSays, stockOf, withLook } from '@tinder/core/shelf';
import { Choice } from '../ui/choice';
import { DateField } from '../ui/date-field';
import { QuantityField } from '../ui/quantity-field';
import { Tick } from '../ui/tick';
import { today } from '../ui/today';
import { LOOK_GUIDES, type GuidedHow } from '../words/look-guide-words';
import { leftWords, LOOK_NAMES, lookProblemWords } from '../words/shelf-words';
import { Units } from '../words/units';
import { asksUse, LOOK_FIELDS, lookOf, newDraft, type LookDraft } from './look-draft';
import { LookDrawing } from './look-drawing';
import { ShelfStudy, type Shelved } from './shelf-study';

const IN_WATER: readonly GuidedHow[] = ['floated', 'marked', 'risen'];

/** One look at a container, guided: how it is done, drawn with the figures as they are typed, and what it would say before it is written down. */
@Component({
  selector: 'app-look-guide',
  imports: [Choice, DateField, LookDrawing, NzButtonComponent, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let d = draft();
    <h3 class="sign">Update the fill level</h3>
    <app-choice label="How to look at it" [options]="ways()" [value]="d.how" (valueChange)="start($event)" />
    <div class="guide">
      <app-look-drawing [draft]="d" [item]="of().item" />
      <ol>
        @for (s of guide().steps; track s) {
          <li>{{ s }}</li>
        }
      </ol>
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
            <span>It was used since the last look, without being logged</span>
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
    <p class="acts">
      <button nz-button nzSize="small" type="button" [disabled]="!look()" (click)="write()">Save</button>
      <button nz-button nzSize="small" type="button" (click)="done.emit()">Not now</button>
    </p>
    <p class="quiet">{{ guide().mind }}</p>
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    :host {
      padding: 0.375rem 0 0.5rem 0.75rem;
      border-left: 3px solid var(--ember);
    }
    h3 {
      margin: 0;
    }
    .guide {
      display: grid;
      grid-template-columns: minmax(0, 13.75rem) minmax(0, 1fr);
      gap: 0 1.25rem;
      align-items: start;
    }
    .fields {
      display: grid;
      grid-column: 1 / -1;
      grid-template-columns: minmax(0, 12.5rem) 9.375rem;
      gap: 2px 0.875rem;
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
    .acts {
      display: flex;
      gap: 1.125rem;
      margin: 0.25rem 0;
    }
    @media (max-width: 720px) {
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
  readonly done = output();

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
      .map((value) => ({ value, label: LOOK_NAMES[value] })),
  );
  protected readonly guide = computed(() => LOOK_GUIDES[this.draft().how]);
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

  protected start(how: GuidedHow): void {
    this.refused.set(undefined);
    this.draft.set(newDraft(how, this.draft().on, this.of().item));
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
    if (this.study.editItem(`look at ${item.name}`, item.id, () => tried.value)) this.done.emit();
  }

  protected words(problem: LookProblem): string {
    return lookProblemWords(problem, this.units);
  }
}
