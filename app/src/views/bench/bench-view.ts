import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { Sides } from '../../commands/sides';
import { AnswersPanel } from './answers-panel';
import { BurnRun } from './burn-run';
import { BurnerPanel } from './burner-panel';
import { ClaimsPanel } from './claims-panel';
import { CoolingPanel } from './cooling-panel';
import { PlanForm } from './plan-form';
import { Runner } from './runner';
import { WriteDown } from './write-down';
import { WhichPanel } from './which-panel';
import { MissingPart } from '../../ui/missing-part';

const SIDES = [
  { value: 'burner', label: 'Your stove' },
  { value: 'burn', label: 'Test' },
  { value: 'answers', label: 'A or B' },
  { value: 'cooling', label: 'Cooling' },
  { value: 'claims', label: 'Claims' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Bench: burns with a scale and a watch, what they can tell, and the burner they make one's own. */
@Component({
  selector: 'app-bench-view',
  imports: [MissingPart, AnswersPanel, BurnerPanel, ClaimsPanel, CoolingPanel, PlanForm, Runner, Sides, WhichPanel, WriteDown],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Bench</h1>
    <app-sides label="What to do at the bench" panelId="bench-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
    <div id="bench-side" role="tabpanel" [attr.aria-labelledby]="'bench-side-' + side()">
      @switch (side()) {
        @case ('burn') {
          @if (run.draft()) {
            <app-runner />
          } @else {
            <div class="look">
              <div>
                <app-plan-form />
                <app-write-down />
              </div>
              <app-which-panel />
            </div>
          }
        }
        @case ('answers') {
          @defer (on immediate) {
            <app-answers-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('burner') {
          @defer (on immediate) {
            <app-burner-panel (tests)="side.set('burn')" />
          } @error {
            <app-missing-part />
          }
        }
        @case ('cooling') {
          @defer (on immediate) {
            <app-cooling-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('claims') {
          @defer (on immediate) {
            <app-claims-panel />
          } @error {
            <app-missing-part />
          }
        }
      }
    </div>
  `,
  styleUrl: '../../commands/sides-view.less',
})
export class BenchView {
  protected readonly run = inject(BurnRun);
  protected readonly sides = SIDES;
  /** A burn that is under way is gone on with. */
  protected readonly side = signal<Side>(this.run.draft() ? 'burn' : 'burner');
}
