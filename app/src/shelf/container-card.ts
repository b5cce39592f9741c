import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { FUELS } from '@tinder/core/fuel';
import { FUEL_IN, LIMITS, type ShelfItem } from '@tinder/core/model';
import { usedBefore, withoutLook } from '@tinder/core/shelf';
import { ContainerShape } from '../charts/container-shape';
import { Done } from '../store/done';
import { sentenceStart } from '../words/sentence-start';
import { DateField } from '../ui/date-field';
import { Opened } from '../ui/opened';
import { PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { takeName } from '../ui/take-name';
import {
  coldestWords,
  disagreementWords,
  leftWords,
  lookProblemWords,
  lookWords,
  priceWords,
  SHELF_KIND_WORDS,
} from '../words/shelf-words';
import { Units } from '../words/units';
import { LookGuide } from './look-guide';
import { ShelfStudy } from './shelf-study';

/** Everything about one container: what is in it and how that is known, what it was bought for, every look at it, and the next one. */
@Component({
  selector: 'app-container-card',
  imports: [ContainerShape, DateField, LookGuide, NzButtonComponent, NzInputDirective, Opened, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.open(); as s) {
      @let c = s.item;
      <h2 class="sign">{{ kinds[c.kind] }}</h2>
      <div class="top">
        <app-container-shape [container]="s.container" [scale]="1.6" />
        <div>
          <input
            nz-input
            class="title"
            aria-label="What it is called"
            maxlength="80"
            [value]="c.name"
            (change)="rename(c, $any($event.target))"
          />
          <p class="left">{{ told()?.left }}</p>
          <p class="quiet">{{ told()?.weighs }}</p>
          @if (told()?.coldest; as words) {
            <p class="cold">{{ words }}</p>
          }
          <p class="quiet">{{ told()?.price }}</p>
        </div>
      </div>
      @if (asks(); as question) {
        <div class="asks" role="alert">
          <p>{{ question.words }}</p>
          @if (question.byG < 0) {
            <button nz-button nzSize="small" type="button" (click)="used(c, question.look)">It was used or leaked</button>
          }
          <button nz-button nzSize="small" type="button" (click)="strike(c, question.look)">Leave that reading out</button>
          @if (question.look > 0) {
            <button nz-button nzSize="small" type="button" (click)="strike(c, question.look - 1)">Leave the one before out</button>
          }
        </div>
      }
      @if (refusal(); as sentence) {
        <p class="error" role="alert">{{ sentence }}</p>
      }
      @if (looking()) {
        <app-look-guide [of]="s" (done)="looking.set(false)" />
      } @else {
        <button nz-button nzSize="small" class="again" type="button" (click)="looking.set(true)">Update the fill level</button>
      }
      <h3 class="sign">Readings</h3>
      <ol>
        @for (l of looks(); track $index) {
          <li>
            <b>{{ l.on }}</b> <span>{{ l.words }}</span>
            <button nz-button nzSize="small" type="button" [attr.aria-label]="'Delete the reading of ' + l.on" (click)="strike(c, l.at)">
              Delete
            </button>
          </li>
        } @empty {
          <li class="quiet">{{ c.openedOn ? 'Nobody has looked at it since it was opened.' : 'New: it holds what is printed on it.' }}</li>
        }
      </ol>
      <details appOpened #o="opened">
        <summary>Size, price and story</summary>
        @if (o.once()) {
          <div class="fields">
            <app-pick-field
              label="Holds"
              [options]="fuels()"
              [value]="c.fuelId"
              (valueChange)="set(c, 'what it holds', { fuelId: $event })"
            />
            <span class="name">When new</span>
            <app-quantity-field
              label="Fuel in it when new"
              quantity="mass"
              [value]="c.netG"
              [limits]="L.netG"
              (valueChange)="set(c, 'size', { netG: $event })"
            />
            <span class="name">Empty</span>
            <app-quantity-field
              label="The empty container"
              quantity="mass"
              [decimals]="1"
              [value]="c.tareG"
              placeholder="by its size"
              [limits]="L.grossG"
              (valueChange)="set(c, 'empty weight', { tareG: $event })"
            />
            <span class="name">Paid</span>
            <app-quantity-field
              label="Price of the container"
              quantity="price"
              [value]="c.price"
              placeholder="not known"
              [limits]="L.price"
              (valueChange)="set(c, 'price', { price: $event })"
            />
            <label class="name" for="bought-at">Bought at</label>
            <input
              id="bought-at"
              nz-input
              class="words"
              maxlength="300"
              [value]="c.boughtAt"
              (change)="set(c, 'where it was bought', { boughtAt: $any($event.target).value.trim() })"
            />
            <label class="name" for="opened-on">Opened on</label>
            <app-date-field
              fieldId="opened-on"
              [optional]="true"
              [value]="c.openedOn"
              (valueChange)="set(c, 'opened', { openedOn: $event || null })"
            />
            @if (c.kind === 'canister') {
              <span class="name">Across</span>
              <app-quantity-field
                label="Diameter of the canister"
                quantity="length"
                [value]="c.diameterMm ?? null"
                placeholder="by its size"
                [limits]="L.sizeMm"
                (valueChange)="set(c, 'diameter', { diameterMm: $event })"
              />
              <span class="name">High</span>
              <app-quantity-field
                label="Height of the canister"
                quantity="length"
                [value]="c.heightMm ?? null"
                placeholder="by its size"
                [limits]="L.sizeMm"
                (valueChange)="set(c, 'height', { heightMm: $event })"
              />
            }
            <label class="name" for="story">Used for</label>
            <input
              id="story"
              nz-input
              class="words wide"
              maxlength="300"
              [value]="c.story"
              (change)="set(c, 'story', { story: $any($event.target).value.trim() })"
            />
          </div>
        }
      </details>
      @if (c.story) {
        <p class="story">{{ c.story }}</p>
      }
      <button nz-button nzSize="small" type="button" (click)="remove(c)">Remove from the shelf</button>
    }
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    .top {
      display: grid;
      grid-template-columns: max-content minmax(0, 1fr);
      gap: 1.25rem;
      align-items: end;
    }
    .top p {
      margin: 0;
      line-height: 1.3;
    }
    .title {
      font: 700 1.25rem/1.2 var(--signs);
      text-align: left;
    }
    .left {
      font: 700 1.1875rem/1.3 var(--signs);
    }
    .cold {
      color: var(--glacier);
      font-weight: 600;
    }
    .asks {
      margin: 0.5rem 0;
      padding: 0.25rem 0 0.25rem 0.75rem;
      border-left: 3px solid var(--ember);
    }
    .asks p {
      margin: 0;
      line-height: 1.3;
    }
    .asks button + button {
      margin-left: 1.125rem;
    }
    .again {
      margin: 0.5rem 0;
    }
    h3 {
      margin: 0.5rem 0 0;
    }
    ol {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: 5.25rem minmax(0, 1fr) max-content;
      gap: 0 0.625rem;
      align-items: baseline;
      padding: 2px 0;
      border-bottom: 1px solid var(--hairline);
      line-height: 1.25;
    }
    li.quiet {
      display: block;
    }
    details {
      margin-top: 0.375rem;
    }
    summary {
      color: var(--ink-quiet);
      cursor: pointer;
    }
    .fields {
      display: grid;
      grid-template-columns: 4.5rem minmax(0, 1fr) 4.5rem minmax(0, 1fr);
      gap: 2px 0.75rem;
      align-items: center;
    }
    .words {
      text-align: left;
    }
    .wide {
      grid-column: 2 / -1;
    }
    .story {
      margin: 0.375rem 0;
      font-style: italic;
    }
    @media (max-width: 720px) {
      .fields {
        grid-template-columns: 5.25rem minmax(0, 1fr);
      }
      li {
        grid-template-columns: minmax(0, 1fr) max-content;
      }
      li b {
        grid-column: 1 / -1;
      }
    }
  `,
})
export class ContainerCard {
  protected readonly study = inject(ShelfStudy);
  private readonly done = inject(Done);
  private readonly units = inject(Units);
  protected readonly kinds = SHELF_KIND_WORDS;
  protected readonly L = LIMITS;
  protected readonly looking = signal(false);

  protected readonly fuels = computed(() => {
    const kind = this.study.open()?.item.kind;
    return FUELS.filter((f) => kind && f.kind === FUEL_IN[kind]).map((f) => ({ value: f.id, label: f.name }));
  });
  /** What is known of the open container, in words. */
  protected readonly told = computed(() => {
    const s = this.study.open();
    if (!s) return undefined;
    const { gross, tare } = s.stock;
    const known = s.item.tareG === null ? 'empty by its size' : 'empty';
    return {
      left: leftWords(s.stock, this.units),
      weighs: `should weigh ${this.units.text(gross.massG, 'mass')}; ${known} ${this.units.text(tare.massG, 'mass')}`,
      coldest: s.season && `${coldestWords(s.coldestC, s.season, this.units)} (at sea level)`,
      price: priceWords(s.item, s.perG, this.units),
    };
  });
  protected readonly looks = computed(() =>
    (this.study.open()?.item.looks ?? []).map((l, at) => ({ at, on: l.on, words: lookWords(l, this.units) })).reverse(),
  );
  protected readonly asks = computed(() => {
    const s = this.study.open();
    const asks = s?.stock.asks;
    return s && asks ? { ...asks, words: disagreementWords(asks, s.item.looks[asks.look], this.units) } : undefined;
  });

  protected readonly refusal = computed(() => {
    const refused = this.study.refused();
    if (!refused || refused.id !== this.study.open()?.item.id) return '';
    return `Nothing has changed: it would not go with the look of ${refused.on}. ${lookProblemWords(refused.problem, this.units)}`;
  });

  protected set(item: ShelfItem, what: string, change: Partial<ShelfItem>): void {
    this.study.editItem(`${what}: ${item.name}`, item.id, (c) => ({ ...c, ...change }));
  }

  protected rename(item: ShelfItem, field: HTMLInputElement): void {
    const name = takeName(field, item.name);
    if (name !== item.name) this.set(item, 'name', { name });
  }

  protected strike(item: ShelfItem, at: number): void {
    this.study.editItem(`strike a look out: ${item.name}`, item.id, (c) => withoutLook(c, at));
  }

  protected used(item: ShelfItem, at: number): void {
    this.study.editItem(`used in between: ${item.name}`, item.id, (c) => usedBefore(c, at));
  }

  protected remove(item: ShelfItem): void {
    if (this.study.edit(`${item.name} off the shelf`, (shelf) => shelf.filter((c) => c.id !== item.id)))
      this.done.tell(`${sentenceStart(item.name)} is off the shelf.`);
  }
}
