import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { NzTimelineModule } from 'ng-zorro-antd/timeline';
import { FUELS } from '@tinder/core/physics/fuel';
import { FUEL_IN, LIMITS, type ShelfItem } from '@tinder/core/domain/model';
import { usedBefore, withoutLook } from '@tinder/core/domain/shelf';
import { ContainerShape } from '../../charts/container-shape';
import { Done } from '../../store/done';
import { sentenceStart } from '../../words/sentence-start';
import { DateField } from '../../ui/date-field';
import { Hint } from '../../ui/hint';
import { Opened } from '../../ui/opened';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { takeName } from '../../ui/take-name';
import {
  disagreementWords,
  leftWords,
  lookProblemWords,
  lookWords,
  priceWords,
  SEASON_WORDS,
  SHELF_KIND_WORDS,
} from '../../words/shelf-words';
import { Units } from '../../words/units';
import { ShelfStudy } from './shelf-study';
import { dateText } from '../../words/date-text';

/** Everything about one container: what is in it and how that is known, what it was bought for, every look at it, and the next one. */
@Component({
  selector: 'app-container-card',
  imports: [ContainerShape, DateField, Hint, NzButtonComponent, NzInputDirective, NzTimelineModule, Opened, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.open(); as s) {
      @let c = s.item;
      <h2>{{ told()?.kind }}</h2>
      <input
        nz-input
        class="title"
        aria-label="What it is called"
        maxlength="80"
        [value]="c.name"
        (change)="rename(c, $any($event.target))"
      />
      <p class="sum">
        <span class="big">{{ told()?.left }}</span>
        <span class="quiet">{{ told()?.doubt }}</span>
      </p>
      <app-container-shape [container]="s.container" [scale]="1.25" />
      <dl>
        <dt appHint="Should weigh">Should weigh</dt>
        <dd>{{ told()?.gross }}</dd>
        <dt>{{ c.tareG === null ? 'Empty, by its size' : 'Empty' }}</dt>
        <dd>{{ told()?.tare }}</dd>
        @if (told()?.coldest; as coldest) {
          <dt appHint="Works down to">Works down to</dt>
          <dd class="cold">{{ coldest }}</dd>
        }
      </dl>
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
      <h3>Readings</h3>
      @if (looks().length) {
        <nz-timeline>
          @for (l of looks(); track $index) {
            <nz-timeline-item>
              <div class="entry">
                <b>{{ dateText(l.on) }}</b> <span>{{ l.words }}</span>
                <button
                  nz-button
                  nzSize="small"
                  type="button"
                  [attr.aria-label]="'Delete the reading of ' + dateText(l.on)"
                  (click)="strike(c, l.at)"
                >
                  Delete
                </button>
              </div>
            </nz-timeline-item>
          }
        </nz-timeline>
      } @else {
        <p class="quiet">{{ c.openedOn ? 'No reading since it was opened.' : 'New: it holds what is printed on it.' }}</p>
      }
      <details appOpened #o="opened">
        <summary>Size, price, where it was used</summary>
        @if (o.once()) {
          @if (told()?.price; as words) {
            <p class="quiet">{{ words }}</p>
          }
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
  styleUrls: ['../../parts/answer/sums.less', '../../parts/answer/answer-sums.less'],
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    h2 {
      line-height: 1.3;
    }
    .title {
      width: 100%;
      text-align: left;
    }
    .cold {
      color: var(--glacier);
    }
    p {
      margin: 0.25rem 0;
      line-height: 1.35;
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
    h3 {
      margin: 0.5rem 0 0;
    }
    .entry {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 0 0.625rem;
      align-items: center;
      line-height: 1.25;
    }
    .entry b {
      grid-column: 1;
    }
    .entry span {
      grid-row: 2;
    }
    .entry button {
      grid-row: 1 / span 2;
      grid-column: 2;
    }
    .fields {
      display: grid;
      grid-template-columns: 5.25rem minmax(0, 1fr);
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
  `,
})
export class ContainerCard {
  protected readonly dateText = dateText;
  protected readonly study = inject(ShelfStudy);
  private readonly done = inject(Done);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;

  protected readonly fuels = computed(() => {
    const kind = this.study.open()?.item.kind;
    return FUELS.filter((f) => kind && f.kind === FUEL_IN[kind]).map((f) => ({ value: f.id, label: f.name }));
  });
  /** What is known of the open container, in words. */
  protected readonly told = computed(() => {
    const s = this.study.open();
    if (!s) return undefined;
    const { gross, tare, left, share, unknown } = s.stock;
    const number = this.study.shelved().indexOf(s) + 1;
    const mass = (massG: number) => this.units.text(massG, 'mass');
    return {
      kind: `${sentenceStart(SHELF_KIND_WORDS[s.item.kind])} #${number}`,
      left: unknown ? '?' : mass(left.massG),
      doubt: unknown ? leftWords(s.stock, this.units) : `left, ± ${mass(left.sdG)}, ${Math.round(100 * share)} % full`,
      gross: mass(gross.massG),
      tare: mass(tare.massG),
      coldest:
        s.coldestC === undefined ? '' : `${this.units.text(s.coldestC, 'temperature')}${s.season ? `, ${SEASON_WORDS[s.season]}` : ''}`,
      price: priceWords(s.item, s.perG, this.units),
    };
  });
  protected readonly looks = computed(() =>
    (this.study.open()?.item.looks ?? []).map((l, at) => ({ at, on: l.on, words: sentenceStart(lookWords(l, this.units)) })).reverse(),
  );
  protected readonly asks = computed(() => {
    const s = this.study.open();
    const asks = s?.stock.asks;
    return s && asks ? { ...asks, words: disagreementWords(asks, s.item.looks[asks.look], this.units) } : undefined;
  });

  protected readonly refusal = computed(() => {
    const refused = this.study.refused();
    if (!refused || refused.id !== this.study.open()?.item.id) return '';
    return `Nothing has changed: it does not fit the reading of ${dateText(refused.on)}. ${lookProblemWords(refused.problem, this.units)}`;
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
