import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { Sides } from '../../commands/sides';
import { MissingPart } from '../../ui/missing-part';
import { BalancePanel } from './balance-panel';
import { CrossingsPanel } from './crossings-panel';
import { WhatIfPanel } from './what-if-panel';

const STUDIES = [
  { value: 'cases', label: 'Cases' },
  { value: 'lengths', label: 'Other lengths' },
  { value: 'risk', label: 'Weight and risk' },
] as const;

/** What if: cases beside the plan, legs of other lengths, weight against risk. */
@Component({
  selector: 'app-what-if-side',
  imports: [BalancePanel, CrossingsPanel, MissingPart, Sides, WhatIfPanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-sides
      label="What to study"
      panelId="carry-study"
      param="study"
      [options]="studies"
      [value]="study()"
      (valueChange)="study.set($event)"
    />
    <div id="carry-study" role="tabpanel" [attr.aria-labelledby]="'carry-study-' + study()">
      @switch (study()) {
        @case ('cases') {
          <app-what-if-panel />
        }
        @case ('lengths') {
          @defer (on immediate) {
            <app-crossings-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('risk') {
          @defer (on immediate) {
            <app-balance-panel />
          } @error {
            <app-missing-part />
          }
        }
      }
    </div>
  `,
  styles: `
    app-sides {
      margin: 0.25rem 0 0.625rem;
      font-size: 0.9375rem;
    }
  `,
})
export class WhatIfSide {
  protected readonly studies = STUDIES;
  protected readonly study = signal<(typeof STUDIES)[number]['value']>('cases');
}
