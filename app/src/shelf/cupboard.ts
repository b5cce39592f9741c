import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { ContainerShape } from '../charts/container-shape';
import { coldestWords, leftWords, SHELF_KIND_WORDS } from '../words/shelf-words';
import { Units } from '../words/units';
import { ShelfStudy, type Shelved } from './shelf-study';

/** Everything in the cupboard, standing on its planks: drawn filled to its level, with what is left and how cold it may get. */
@Component({
  selector: 'app-cupboard',
  imports: [ContainerShape],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">Containers at home</h2>
    <ul>
      @for (r of rows(); track r.id) {
        <li>
          <button
            type="button"
            [class.on]="r.isOpen"
            [attr.aria-current]="r.isOpen ? 'true' : null"
            [attr.aria-label]="r.spoken"
            (click)="choose(r.id)"
          >
            <app-container-shape [container]="r.of.container" [scale]="1.15" />
            <span class="plank"></span>
            <span class="grams" [class.asks]="r.of.stock.asks">{{ r.left }}</span>
            <span class="quiet">{{ r.doubt }}</span>
            @if (r.coldest) {
              <span class="cold">{{ r.coldest }}</span>
            }
            <b>{{ r.of.item.name }}</b>
            @if (r.of.place !== 'home') {
              <span class="along">comes along</span>
            }
          </button>
        </li>
      } @empty {
        <li class="quiet">Nothing yet. Say what stands there, as it is: “230 g canister, weighs 293 g”.</li>
      }
    </ul>
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    ul {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(6.5rem, 1fr));
      gap: 0.875rem 0;
      margin: 0.5rem 0 0;
      padding: 0;
      list-style: none;
    }
    li.quiet {
      grid-column: 1 / -1;
    }
    button {
      display: grid;
      grid-template-rows: 6.25rem 0.3125rem;
      align-content: start;
      justify-items: start;
      width: 100%;
      height: 100%;
      padding: 0;
      border: 0;
      background: none;
      color: inherit;
      font: inherit;
      line-height: 1.2;
      text-align: left;
      cursor: pointer;
    }
    app-container-shape {
      align-self: end;
      padding-left: 0.25rem;
    }
    .plank {
      width: 100%;
      height: 0.3125rem;
      border-top: 2px solid var(--ink);
      background: var(--ground-sunk);
    }
    .on .plank {
      border-color: var(--ember);
    }
    b {
      padding-right: 0.625rem;
      font-weight: 600;
    }
    button:hover b,
    .on b {
      text-decoration: underline;
      text-decoration-color: var(--ember);
      text-underline-offset: 3px;
    }
    .grams {
      margin-top: 3px;
      font: 700 1.1875rem/1.2 var(--signs);
    }
    .asks {
      color: var(--ember-text);
    }
    .quiet,
    .cold,
    .along {
      font-size: 0.8125rem;
    }
    .cold {
      color: var(--glacier);
      font-weight: 600;
    }
    .along {
      color: var(--ember-text);
    }
  `,
})
export class Cupboard {
  protected readonly study = inject(ShelfStudy);
  private readonly units = inject(Units);
  /** One was chosen: it stands elsewhere, on a phone further down. */
  readonly chosen = output();

  protected choose(id: string): void {
    this.study.choose(id);
    this.chosen.emit();
  }

  protected readonly rows = computed(() => {
    const openId = this.study.open()?.item.id;
    return this.study.shelved().map((of) => ({
      id: of.item.id,
      of,
      isOpen: of.item.id === openId,
      left: of.stock.unknown ? '?' : this.units.text(of.stock.left.massG, 'mass'),
      doubt: of.stock.asks ? 'looks disagree' : `± ${this.units.text(of.stock.left.sdG, 'mass')}`,
      coldest: of.coldestC === undefined ? '' : `to ${this.units.text(of.coldestC, 'temperature')}`,
      spoken: this.spoken(of),
    }));
  });

  private spoken({ item, stock, coldestC, season }: Shelved): string {
    const cold = season ? `, ${coldestWords(coldestC, season, this.units)}` : '';
    return `${item.name}, ${SHELF_KIND_WORDS[item.kind]}: ${leftWords(stock, this.units)}${cold}`;
  }
}
