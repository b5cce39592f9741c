import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { draftWords } from '../../words/starter-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { NewTripDraft } from './new-trip-draft';

/** The answer so far at the foot of the form, in the place where the verdict of a trip stands. */
@Component({
  selector: 'app-draft-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="lead">{{ lead() }}</p>
    <p>{{ second() }}</p>
  `,
  host: { role: 'region', 'aria-label': 'Verdict', '[attr.aria-busy]': '!draft.study.fresh()' },
  styles: `
    :host {
      display: block;
      box-sizing: border-box;
      min-height: 4.5rem;
      padding: 0.625rem 1.25rem;
      background: var(--verdict-ground);
      color: var(--verdict-ink);
    }
    p {
      margin: 0;
      font-size: 0.9375rem;
      line-height: 1.3;
    }
    .lead {
      min-height: 1.5625rem;
      font-size: 1.1875rem;
      font-weight: 600;
    }
  `,
})
export class DraftLine {
  protected readonly draft = inject(NewTripDraft);
  private readonly units = inject(Units);

  protected readonly lead = computed(() => {
    const d = this.draft.draft();
    return d ? draftWords(d.plan, d.plan.days.length - 1, this.units) : '';
  });
  protected readonly second = computed(() => {
    const said = this.draft.firstLegRisk();
    if (!said) return '';
    return `${sentenceStart(said.chance)} chance of running out, ${said.state === 'within' ? 'within' : 'over'} your limit of ${said.limit}. ${said.more}`;
  });
}
