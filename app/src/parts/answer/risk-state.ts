import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { Icon } from '../../ui/icon';
import type { RiskSaid } from '../../words/risk-words';

/** How a leg stands against the limit: shape, word and colour; the limit is put in by who shows it. */
@Component({
  selector: 'app-risk-state',
  imports: [Icon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div [class]="said().state">
      <app-icon [name]="said().state" />
      <p>
        Run-out risk before {{ to() }} <b>{{ said().chance }}</b> · {{ said().state === 'within' ? 'within' : 'over' }} your limit of
        <ng-content />
      </p>
    </div>
  `,
  styles: `
    div {
      display: grid;
      grid-template-columns: 1.625rem minmax(0, 1fr);
      gap: 0.625rem;
      align-items: center;
      min-height: 3.625rem;
      padding: 0.375rem 0.75rem;
      background: var(--lichen-ground);
    }
    app-icon {
      color: var(--lichen-text);
      font-size: 1.625rem;
    }
    p {
      margin: 0;
      line-height: 1.35;
    }
    b {
      display: inline-block;
      font-size: 1rem;
    }
    .tight {
      background: var(--ember-ground);
      app-icon,
      b {
        color: var(--ember-text);
      }
    }
  `,
})
export class RiskState {
  readonly said = input.required<RiskSaid>();
  /** Where the leg ends. */
  readonly to = input.required<string>();
}
