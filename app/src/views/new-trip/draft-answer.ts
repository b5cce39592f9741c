import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { AnswerSums } from '../../parts/answer/answer-sums';
import { RiskState } from '../../parts/answer/risk-state';
import { StudyNote } from '../../ui/study-note';
import { problemWords } from '../../words/problem-words';
import { contrastCostWords, contrastWords } from '../../words/starter-words';
import { Units } from '../../words/units';
import { NewTripDraft } from './new-trip-draft';

/** The answer beside the form, as it is typed: the load-out, the risk, and what a wrong answer would cost. */
@Component({
  selector: 'app-draft-answer',
  imports: [AnswerSums, RiskState, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Answer so far</h2>
    <p class="quiet">{{ place() }}</p>
    <app-study-note [study]="draft.study" />
    @if (draft.draft(); as d) {
      @let carry = d.plan.carries[0];
      <app-answer-sums [carry]="carry" [opens]="false" />
      @for (p of problems(); track $index) {
        <p class="error">{{ problem(p) }}</p>
      }
      @if (draft.firstLegRisk(); as said) {
        <app-risk-state [said]="said" [to]="carry.to">{{ said.limit }}</app-risk-state>
      }
      <h2 class="wrong">If an answer is wrong</h2>
      <dl>
        @for (c of d.contrasts; track c.code) {
          <dt>{{ name(c) }}</dt>
          <dd [class.bad]="c.mealsFailing > 0">{{ cost(c) }}</dd>
        }
      </dl>
    }
  `,
  styles: `
    :host {
      display: block;
      min-height: 35rem;
    }
    p {
      margin: 0 0 0.25rem;
      line-height: 1.35;
    }
    .wrong {
      margin-top: 0.75rem;
    }
    dl {
      display: grid;
      grid-template-columns: 1fr max-content;
      margin: 0.25rem 0;
    }
    dt,
    dd {
      margin: 0;
      padding: 0.5rem 0;
      border-top: 1px solid var(--hairline);
    }
    dd {
      font-weight: 600;
      text-align: right;
    }
    .bad {
      color: var(--ember-text);
    }
  `,
})
export class DraftAnswer {
  protected readonly draft = inject(NewTripDraft);
  private readonly units = inject(Units);

  protected readonly place = computed(() => {
    const carries = this.draft.draft()?.plan.carries ?? [];
    return carries.length > 1 ? `The first of ${carries.length} legs, to ${carries[0].to}` : 'Changes as you type';
  });
  /** What stands in the way; rules of fire are asked once the trip is there. */
  protected readonly problems = computed(() =>
    (this.draft.draft()?.plan.carries[0].problems ?? []).filter((p) => p.code !== 'unknownRestriction'),
  );

  protected readonly problem = (p: Parameters<typeof problemWords>[0]): string => problemWords(p, this.units);
  protected readonly name = (c: Parameters<typeof contrastWords>[0]): string => contrastWords(c, this.units);
  protected readonly cost = (c: Parameters<typeof contrastCostWords>[0]): string => contrastCostWords(c, this.units);
}
