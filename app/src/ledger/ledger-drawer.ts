import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzDrawerComponent, NzDrawerContentDirective } from 'ng-zorro-antd/drawer';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { PlanService } from '../planning/plan-service';
import { RiskService } from '../planning/risk-service';
import { WorkspaceStore } from '../store/workspace-store';
import { Units } from '../words/units';
import { derive } from '../words/derivation';
import { LedgerService } from './ledger-service';
import { Dialog } from '../ui/dialog';

/** Where the grams go: the open figure's parts as bars, its formula and its inputs. */
@Component({
  selector: 'app-ledger-drawer',
  imports: [Dialog, NzButtonComponent, NzDrawerComponent, NzDrawerContentDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="!!derivation()" nzPlacement="right" nzWidth="27.5rem" [nzClosable]="false" (nzOnClose)="ledger.close()">
      <ng-container *nzDrawerContent>
        @if (derivation(); as d) {
          <section appDialog aria-labelledby="ledger-title">
            <div class="head">
              <h2 id="ledger-title">{{ d.title }}</h2>
              <button nz-button nzSize="small" type="button" (click)="ledger.close()">Close <kbd>Esc</kbd></button>
            </div>
            <p class="total">{{ units.mealMass(d.totalG) }}</p>
            <table>
              <caption>
                Where the grams go
              </caption>
              <tbody>
                @for (p of d.parts; track $index) {
                  <tr>
                    <th scope="row">
                      @if (p.ref; as ref) {
                        <button type="button" class="figure" (click)="ledger.show(ref)">{{ p.label }}</button>
                      } @else {
                        {{ p.label }}
                      }
                      @if (p.note) {
                        <span class="quiet">{{ p.note }}</span>
                      }
                    </th>
                    <td class="mass">{{ units.mealMass(p.massG) }}</td>
                    <td class="bar" aria-hidden="true"><i [style.width.%]="(100 * p.massG) / d.parts[0].massG"></i></td>
                    <td class="share">{{ share(p.massG, d.totalG) }}</td>
                  </tr>
                }
              </tbody>
            </table>
            <h3>How it is worked out</h3>
            @for (line of d.how; track $index) {
              <p>{{ line }}</p>
            }
            @if (d.inputs.length) {
              <h3>What went in, and from where</h3>
              <dl>
                @for (i of d.inputs; track $index) {
                  <dt>{{ i.name }}</dt>
                  <dd>
                    {{ i.value }} <span class="quiet">{{ i.from }}</span>
                  </dd>
                }
              </dl>
            }
          </section>
        }
      </ng-container>
    </nz-drawer>
  `,
  styles: `
    .head {
      display: flex;
      justify-content: space-between;
      align-items: baseline;
      gap: 1rem;
    }
    h2 {
      font: 600 1.1875rem/1.25 var(--signs);
    }
    h3 {
      margin: 1.25rem 0 0.25rem;
    }
    kbd {
      margin-left: 0.375rem;
      font: inherit;
    }
    .total {
      margin: 2px 0 0.75rem;
      font: 700 2.5rem/1 var(--signs);
      color: var(--ember-text);
    }
    p {
      margin: 0 0 0.375rem;
    }
    table {
      width: 100%;
      border-collapse: collapse;
    }
    caption {
      text-align: left;
      caption-side: top;
      padding: 0 0 2px;
      color: var(--ink-quiet);
    }
    tr {
      border-top: 1px solid var(--hairline);
    }
    th {
      font-weight: 500;
      text-align: left;
      padding: 0.3125rem 0.5rem 0.3125rem 0;
    }
    th .quiet {
      display: block;
      font-size: 0.8125rem;
    }
    .mass,
    .share {
      text-align: right;
      white-space: nowrap;
      font-weight: 600;
    }
    .share {
      width: 2.75rem;
      color: var(--ink-quiet);
      font-weight: 500;
    }
    .bar {
      width: 6rem;
      padding-left: 0.625rem;
    }
    .bar i {
      display: block;
      height: 0.5rem;
      background: var(--ember);
    }
    dl {
      display: grid;
      grid-template-columns: max-content 1fr;
      gap: 3px 1rem;
      margin: 0;
    }
    dt {
      color: var(--ink-quiet);
    }
    dd {
      margin: 0;
    }
  `,
})
export class LedgerDrawer {
  protected readonly ledger = inject(LedgerService);
  protected readonly units = inject(Units);
  private readonly risk = inject(RiskService);
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);

  protected readonly derivation = computed(() => {
    const ref = this.ledger.open();
    const planned = this.plans.planned();
    return ref && planned && derive(ref, planned.trip, planned.plan, this.units, (c) => this.risk.of(c), this.store.rack());
  });

  protected share(massG: number, totalG: number): string {
    return totalG > 0 ? `${((100 * massG) / totalG).toFixed(0)} %` : '';
  }
}
