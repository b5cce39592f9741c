import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS } from '@tinder/core/domain/model';
import { joinPlan, paybackCans, seasonOf } from '@tinder/core/domain/shelf';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { today } from '../../ui/today';
import { JOIN_CAUTIONS } from '../../words/look-guide-words';
import { coldestWords, fuelWords, leftWords, notJoinedWords } from '../../words/shelf-words';
import { Units } from '../../words/units';
import { ShelfStudy } from './shelf-study';
import { Hint } from '../../ui/hint';

/** A valve costs about this, and a sender in the hand is about so warm (common practice): a start to be typed over. */
const USUAL_VALVE_PRICE = 15;
const HAND_WARM_C = 20;

/** Leftovers joined in one can, pass by pass, behind the cautions: what each pass moves, what stays, and whether a valve pays. */
@Component({
  selector: 'app-join-panel',
  imports: [Hint, NzButtonComponent, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Combine leftovers</h2>
    <ul class="cautions">
      @for (c of cautions; track c) {
        <li>{{ c }}</li>
      }
    </ul>
    @if (!read()) {
      <button nz-button nzSize="small" type="button" (click)="read.set(true)">I have read this: show the result</button>
    } @else if (cans().length < 2) {
      <p class="quiet">It takes two canisters of one blend that have been opened.</p>
    } @else {
      <div class="fields">
        <app-pick-field label="Into" [options]="receivers()" [value]="into().item.id" (valueChange)="chosenInto.set($event)" />
        <span class="name">Senders at</span>
        <app-quantity-field
          label="Temperature of the sending canisters"
          quantity="temperature"
          [value]="senderC()"
          [limits]="{ min: 0, max: 40 }"
          (valueChange)="senderC.set($event)"
        />
        <span class="name">A valve costs</span>
        <app-quantity-field
          label="Price of a transfer valve"
          quantity="price"
          [value]="valvePrice()"
          [limits]="L.price"
          (valueChange)="valvePrice.set($event)"
        />
      </div>
      @if (plan(); as p) {
        <table class="stacks">
          <thead>
            <tr>
              <th scope="col">Out of</th>
              <th scope="col" class="number" appHint="moves at most">Moves at most</th>
              <th scope="col" class="number" appHint="stays in it">Stays in it</th>
              <th scope="col" class="number" appHint="then in the other">Then in the other</th>
            </tr>
          </thead>
          <tbody>
            @for (r of p.rows; track r.id) {
              <tr>
                <th scope="row">{{ r.name }}</th>
                @if (r.why) {
                  <td colspan="3" data-label="Nothing">{{ r.why }}</td>
                } @else {
                  <td data-label="Moves at most" class="number">{{ r.moved }}</td>
                  <td data-label="Stays in it" class="number">{{ r.stays }}</td>
                  <td data-label="Then in the other" class="number">{{ r.then }}</td>
                }
              </tr>
            }
          </tbody>
        </table>
        <p>{{ p.comes }}</p>
        @if (p.payback) {
          <p>{{ p.payback }}</p>
        }
        <button nz-button nzSize="small" type="button" [disabled]="!p.isAny" (click)="write()">
          I did it: write it down, to be weighed
        </button>
      }
    }
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    :host {
      max-width: 53.75rem;
      margin-top: 0;
    }
    th,
    td {
      white-space: normal;
    }
    .cautions {
      margin: 0.375rem 0;
      padding-left: 1.25rem;
      line-height: 1.35;
    }
    .fields {
      display: grid;
      grid-template-columns: max-content minmax(0, 13.75rem) max-content 5.625rem max-content 5.625rem;
      gap: 0.25rem 0.875rem;
      align-items: center;
      margin: 0.5rem 0;
    }
    .name {
      color: var(--ink-quiet);
    }
    @media (max-width: 720px) {
      .fields {
        grid-template-columns: 6.25rem minmax(0, 1fr);
      }
    }
  `,
})
export class JoinPanel {
  private readonly study = inject(ShelfStudy);
  private readonly units = inject(Units);
  protected readonly cautions = JOIN_CAUTIONS;
  protected readonly L = LIMITS;
  protected readonly read = signal(false);
  protected readonly chosenInto = signal<string | undefined>(undefined);
  protected readonly senderC = signal(HAND_WARM_C);
  protected readonly valvePrice = signal(USUAL_VALVE_PRICE);

  protected readonly cans = computed(() => this.study.shelved().filter((s) => s.item.kind === 'canister' && s.item.openedOn !== null));
  protected readonly into = computed(() => {
    const cans = this.cans();
    return cans.find((s) => s.item.id === this.chosenInto()) ?? cans[0];
  });
  protected readonly receivers = computed(() =>
    this.cans().map((s) => ({ value: s.item.id, label: `${s.item.name}: ${leftWords(s.stock, this.units)}, ${fuelWords(s.item)}` })),
  );
  private readonly joined = computed(() => {
    const into = this.into();
    const senders = this.cans().filter((s) => s !== into);
    return {
      into,
      senders,
      plan: joinPlan(
        into.item,
        senders.map((s) => s.item),
        this.senderC(),
      ),
    };
  });
  protected readonly plan = computed(() => {
    const { into, senders, plan } = this.joined();
    const g = (massG: number, decimals?: number): string => this.units.text(massG, 'mass', decimals);
    const nameOf = (id: string): string => senders.find((s) => s.item.id === id)?.item.name ?? '';
    const last = plan.passes.at(-1);
    const movedG = plan.passes.reduce((sum, p) => sum + p.movedG, 0);
    const coldest = last && this.study.coldestC(last.blend);
    const cans =
      into.perG === undefined || !plan.passes.length ? undefined : paybackCans(this.valvePrice(), movedG / plan.passes.length, into.perG);
    return {
      isAny: plan.passes.length > 0,
      rows: [
        ...plan.passes.map((p) => ({
          id: p.senderId,
          name: nameOf(p.senderId),
          why: '',
          moved: g(p.movedG),
          stays: g(p.senderG, 1),
          then: g(p.receiverG),
        })),
        ...plan.idle.map((i) => ({ id: i.id, name: nameOf(i.id), why: notJoinedWords(i.why, this.units), moved: '', stays: '', then: '' })),
      ],
      comes: last
        ? `“${into.item.name}” then holds ${g(last.receiverG)} of the ${g(into.item.netG)} it is rated for, and ${coldestWords(coldest, seasonOf(coldest), this.units)}.`
        : 'Nothing can be joined here.',
      payback:
        cans === undefined
          ? ''
          : `At ${this.units.text(this.valvePrice(), 'price')} a valve has paid for itself after ${cans} such canisters.`,
    };
  });

  /** What was poured is reckoned until both cans have been weighed. */
  protected write(): void {
    const { into, plan, senders } = this.joined();
    const on = today();
    this.study.edit(`join leftovers in ${into.item.name}`, (shelf) =>
      shelf.map((c) => {
        const own = plan.passes.find((p) => p.senderId === c.id);
        if (own) return { ...c, looks: [...c.looks, { how: 'joined', on, fuelG: -own.movedG, with: into.item.name }] };
        if (c.id !== into.item.id) return c;
        const got = plan.passes.map((p) => {
          const from = senders.find((s) => s.item.id === p.senderId)?.item.name ?? 'another canister';
          return { how: 'joined' as const, on, fuelG: p.movedG, with: from };
        });
        return { ...c, looks: [...c.looks, ...got] };
      }),
    );
  }
}
