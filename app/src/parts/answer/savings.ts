import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { AdviceService } from '../../planning/advice-service';
import { changeWords, effectWords } from '../../words/change-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { Hint } from '../../ui/hint';

/** Savings that are shown; those that cost comfort come last, and say so. */
const MOST = 3;

/** The single changes that save most on this leg, each with what it saves and a press that makes it. */
@Component({
  selector: 'app-savings',
  imports: [Hint, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 appHint="Easiest savings">Easiest savings</h2>
    @if (advice.problem()) {
      <p>They could not be worked out. <button nz-button nzSize="small" type="button" (click)="advice.again()">Try again</button></p>
    } @else if (changes(); as list) {
      <ul>
        @for (c of list; track c.words) {
          <li>
            <span>
              <b>{{ c.effect }}</b> {{ c.words }}
            </span>
            <button nz-button nzSize="small" type="button" [attr.aria-label]="'Apply: ' + c.words" (click)="advice.take(c.change)">
              Apply
            </button>
          </li>
        } @empty {
          <li class="quiet">No painless savings left.</li>
        }
      </ul>
    } @else {
      <p class="quiet">Looking for savings…</p>
    }
  `,
  styles: `
    :host {
      display: block;
      min-height: 11.875rem; /* three changes of two lines: what comes below stays where it is */
    }
    h2 {
      margin: 0.75rem 0 0.25rem;
    }
    ul,
    p {
      margin: 0;
      padding: 0;
      list-style: none;
      line-height: 1.3;
    }
    li {
      display: flex;
      gap: 0.75rem;
      align-items: center;
      justify-content: space-between;
      min-height: 3.125rem;
      border-top: 1px solid var(--hairline);
    }
    b {
      display: block;
      font-weight: 600;
    }
  `,
})
export class Savings {
  protected readonly advice = inject(AdviceService);
  private readonly units = inject(Units);

  protected readonly changes = computed(() =>
    this.advice
      .answer()
      ?.changes.slice(0, MOST)
      .map((change) => ({
        change,
        words: changeWords(change, this.units),
        effect: sentenceStart(effectWords(change, this.units)),
      })),
  );
}
