import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { AdviceService } from '../planning/advice-service';
import { changeWords, effectWords } from '../words/verdict-words';
import { Units } from '../words/units';
import { Hint } from '../ui/hint';

/** Where the next gram is: every change that helps, the best first; those that cost comfort say so. */
@Component({
  selector: 'app-next-gram',
  imports: [Hint],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3 class="sign" appHint="where the next gram is">where the next gram is</h3>
    @if (advice.problem()) {
      <p class="quiet">It could not be worked out. <button type="button" class="figure" (click)="advice.again()">try again</button></p>
    } @else if (changes(); as list) {
      <ul>
        @for (c of list; track c.words) {
          <li>
            <button type="button" class="figure" (click)="advice.take(c.change)">{{ c.words }}</button>
            <span class="quiet">{{ c.effect }}</span>
          </li>
        } @empty {
          <li class="quiet">No single change tried here would save more than a gram.</li>
        }
      </ul>
    } @else {
      <p class="quiet">looking…</p>
    }
  `,
  styles: `
    :host {
      display: block;
      min-height: 96px;
      // three changes of two lines each, as they stand on a phone: what comes below stays where it is
      @media (max-width: 720px) {
        min-height: 136px;
      }
    }
    h3 {
      margin: 8px 0 2px;
      padding-bottom: 2px;
      border-bottom: 1px solid var(--hairline);
    }
    ul,
    p {
      margin: 0;
      padding: 0;
      list-style: none;
      line-height: 1.3;
    }
    li {
      padding: 2px 0;
    }
    .figure {
      margin-right: 5px;
      text-align: left;
    }
  `,
})
export class NextGram {
  protected readonly advice = inject(AdviceService);
  private readonly units = inject(Units);

  protected readonly changes = computed(() =>
    this.advice.answer()?.changes.map((change) => ({
      change,
      words: changeWords(change),
      effect: effectWords(change, this.units) + (change.comfort ? ', for comfort given up' : ''),
    })),
  );
}
