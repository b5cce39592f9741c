import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Router } from '@angular/router';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';
import { RiskService } from '../../planning/risk-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Units } from '../../words/units';
import { derive, type ChangePlace } from '../../words/derivation';
import { sentenceStart } from '../../words/sentence-start';
import { HeatStreams } from './heat-streams';
import { LedgerService } from './ledger-service';
import { Dialog } from '../../ui/dialog';
import { DRAWER } from '../../ui/nz/drawer';

/** The view and side that each input is set on. */
const CHANGE_URLS: Record<ChangePlace, string> = {
  day: '/trail?side=days',
  dish: '/menu?side=dishes',
  kit: '/kit?side=build',
  stove: '/bench?side=burner',
  leg: '/carry?side=leg',
  shelf: '/shelf?side=cupboard',
};

/** Where the grams go: the open figure's parts as bars, its formula and its inputs. */
@Component({
  selector: 'app-ledger-drawer',
  imports: [DRAWER, Dialog, HeatStreams, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="!!derivation()" nzPlacement="right" nzWidth="30rem" [nzClosable]="false" (nzOnClose)="ledger.close()">
      <ng-container *nzDrawerContent>
        @if (derivation(); as d) {
          <section appDialog aria-labelledby="ledger-title">
            <div class="head">
              <h2 id="ledger-title">{{ d.title }}</h2>
              <button nz-button nzSize="small" type="button" (click)="ledger.close()">Close <kbd>Esc</kbd></button>
            </div>
            <p class="sum">
              <span class="total">{{ units.mealMass(d.totalG) }}</span> <span class="quiet">{{ d.of }}</span>
            </p>
            <h3 id="ledger-parts">Where the grams go</h3>
            <div class="where">
              @if (d.streams; as streams) {
                <app-heat-streams [intoG]="streams.intoG" [pastG]="streams.pastG" [totalG]="d.totalG" />
              }
              <table aria-labelledby="ledger-parts">
                <tbody>
                  @for (p of d.parts; track $index) {
                    <tr>
                      <th scope="row">
                        @if (p.ref; as ref) {
                          <button type="button" class="figure" (click)="ledger.show(ref)">{{ sentenceStart(p.label) }}</button>
                        } @else {
                          {{ sentenceStart(p.label) }}
                        }
                        @if (p.note) {
                          <span class="quiet">{{ p.note }}</span>
                        }
                        <i aria-hidden="true" [style.width.%]="(100 * p.massG) / d.parts[0].massG"></i>
                      </th>
                      <td class="mass">{{ units.mealMass(p.massG) }}</td>
                      <td class="share">{{ share(p.massG, d.totalG) }}</td>
                    </tr>
                  }
                </tbody>
              </table>
            </div>
            @if (d.inputs.length) {
              <h3 id="ledger-inputs">What went in</h3>
              <table aria-labelledby="ledger-inputs">
                <tbody>
                  @for (i of d.inputs; track $index) {
                    <tr>
                      <th scope="row" class="quiet">{{ sentenceStart(i.name) }}</th>
                      <td>{{ i.value }}</td>
                      <td class="from">{{ sentenceStart(i.from) }}</td>
                      <td class="change">
                        @if (i.changeAt; as place) {
                          <button nz-button nzSize="small" type="button" (click)="change(place)">
                            Change<span class="hidden-text"> {{ i.name }}</span>
                          </button>
                        }
                      </td>
                    </tr>
                  }
                </tbody>
              </table>
            }
            <details>
              <summary>How it is worked out</summary>
              @for (line of d.how; track $index) {
                <p>{{ line }}</p>
              }
            </details>
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
    .sum {
      display: flex;
      flex-wrap: wrap;
      gap: 0 0.75rem;
      align-items: center;
      margin: 0.25rem 0 0;
    }
    .total {
      font-size: 3.25rem;
      font-weight: 700;
      line-height: 1.1;
    }
    .sum .quiet {
      flex: 1 1 7rem;
      line-height: 1.25;
    }
    .where {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 1.25rem;
      align-items: center;
      table {
        flex: 1 1 14rem;
      }
    }
    p {
      margin: 0 0 0.375rem;
    }
    table {
      width: 100%;
      border-collapse: collapse;
    }
    tr {
      border-top: 1px solid var(--hairline);
    }
    th,
    td {
      padding: 0.3125rem 0.5rem 0.3125rem 0;
      font-weight: 500;
      text-align: left;
      vertical-align: top;
    }
    th .quiet {
      display: block;
      font-size: 0.875rem;
    }
    th i {
      display: block;
      height: 0.3125rem;
      margin-top: 2px;
      background: var(--ember);
    }
    .mass,
    .share {
      text-align: right;
      white-space: nowrap;
      font-weight: 600;
    }
    .share,
    .from {
      color: var(--ink-quiet);
      font-weight: 500;
    }
    .from {
      max-width: 9rem;
      font-size: 0.875rem;
    }
    .change {
      padding-right: 0;
      text-align: right;
    }
  `,
})
export class LedgerDrawer {
  protected readonly ledger = inject(LedgerService);
  protected readonly units = inject(Units);
  private readonly risk = inject(RiskService);
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly router = inject(Router);

  protected readonly derivation = computed(() => {
    const ref = this.ledger.open();
    const planned = this.plans.planned();
    return ref && planned && derive(ref, planned.trip, planned.plan, this.units, (c) => this.risk.of(c), this.store.rack());
  });

  protected readonly sentenceStart = sentenceStart;

  /** Goes to where an input is set, with the day of the figure marked. */
  protected change(place: ChangePlace): void {
    const ref = this.ledger.open();
    if (ref?.kind === 'meal') this.marker.goTo(ref.day);
    this.ledger.close();
    void this.router.navigateByUrl(CHANGE_URLS[place]);
  }

  protected share(massG: number, totalG: number): string {
    return totalG > 0 ? `${((100 * massG) / totalG).toFixed(0)} %` : '';
  }
}
