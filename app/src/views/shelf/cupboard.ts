import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { ContainerShape } from '../../charts/container-shape';
import { coldestWords, leftWords, SHELF_KIND_WORDS } from '../../words/shelf-words';
import { Units } from '../../words/units';
import { ShelfStudy, type Shelved } from './shelf-study';

/** Everything in the cupboard, standing on its planks: drawn filled to its level, with what is left and how cold it may get. */
@Component({
  selector: 'app-cupboard',
  imports: [ContainerShape],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="hidden-text">Containers at home</h2>
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
            <span class="label"
              ><span>#{{ r.number }}</span> <b>{{ r.left }}</b></span
            >
            <span class="called">{{ r.of.item.name }}</span>
            @if (r.of.stock.asks) {
              <span class="asks">Readings disagree</span>
            } @else if (r.coldest) {
              <span class="cold">{{ r.coldest }}</span>
            }
            @if (r.of.place !== 'home') {
              <span class="along">Comes along</span>
            }
          </button>
        </li>
      } @empty {
        <li class="quiet">No containers yet. Press “Add container” and type what it is: “230 g canister, weighs 293 g”.</li>
      }
    </ul>
  `,
  styles: `
    ul {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(7.5rem, 1fr));
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
      grid-template-rows: 6.25rem 3px auto;
      align-content: start;
      justify-items: center;
      width: 100%;
      height: 100%;
      padding: 0;
      border: 0;
      background: none;
      color: inherit;
      font: inherit;
      line-height: 1.25;
      text-align: center;
      cursor: pointer;
    }
    app-container-shape {
      align-self: end;
    }
    .plank {
      width: 100%;
      background: var(--ink);
    }
    .label {
      display: flex;
      gap: 0.375rem;
      justify-content: center;
      min-width: 4.5rem;
      margin-bottom: 0.25rem;
      padding: 0.25rem 0.625rem;
      border: 1px solid var(--control-line);
      border-top: 0;
      border-radius: 0 0 0.25rem 0.25rem;
      background: var(--field);
    }
    button:hover .label {
      border-color: var(--ink);
    }
    .on .label {
      border-color: var(--ink);
      background: var(--ink);
      color: var(--ground);
    }
    .called {
      padding: 0 0.375rem;
      font-size: 0.875rem;
    }
    .called::first-letter {
      text-transform: uppercase;
    }
    .asks,
    .along {
      color: var(--ember-text);
      font-size: 0.8125rem;
      font-weight: 600;
    }
    .cold {
      color: var(--glacier);
      font-size: 0.8125rem;
      font-weight: 600;
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
    return this.study.shelved().map((of, at) => ({
      id: of.item.id,
      of,
      isOpen: of.item.id === openId,
      number: at + 1,
      left: of.stock.unknown ? '?' : this.units.text(of.stock.left.massG, 'mass'),
      coldest: of.coldestC === undefined ? '' : `works to ${this.units.text(of.coldestC, 'temperature')}`,
      spoken: this.spoken(of),
    }));
  });

  private spoken({ item, stock, coldestC, season }: Shelved): string {
    const cold = season ? `, ${coldestWords(coldestC, season, this.units)}` : '';
    return `${item.name}, ${SHELF_KIND_WORDS[item.kind]}: ${leftWords(stock, this.units)}${cold}`;
  }
}
