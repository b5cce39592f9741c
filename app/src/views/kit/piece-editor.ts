import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { BURNERS } from '@tinder/core/domain/catalogue';
import { addToKit, atHandInstead, editPiece, removePiece, simulatedReadingG } from '@tinder/core/domain/kit';
import {
  IGNITIONS,
  LIMITS,
  massOfG,
  PIECE_MATERIALS,
  pieceSchema,
  QUIRK_STEPS,
  ROLES,
  type Piece,
  type Role,
  type Shape,
} from '@tinder/core/domain/model';
import { Done } from '../../store/done';
import { sentenceStart } from '../../words/sentence-start';
import { WINDSCREEN_WORDS } from '../../words/choice-words';
import { optionsOf, PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { takeName } from '../../ui/take-name';
import { Tick } from '../../ui/tick';
import { HAVE_WORDS, IGNITION_WORDS, ROLE_WORDS, SHAPE_WORDS } from '../../words/kit-words';
import { Units } from '../../words/units';
import { KitStudy } from './kit-study';
import { measuresOf, shapeOfKind, withMeasure } from './piece-shape';

const same = <T extends string>(values: readonly T[]) => values.map((value) => ({ value, label: value }));
/** Everything about one piece: its weight by label and by scale, its measures, its jobs, price, life and quirks. */
@Component({
  selector: 'app-piece-editor',
  imports: [NzButtonComponent, NzInputDirective, PickField, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let p = piece();
    <div class="grid" role="group" [attr.aria-label]="p.name + ', everything about it'">
      <label class="name" [for]="'piece-name-' + p.id">Name</label>
      <input
        [id]="'piece-name-' + p.id"
        nz-input
        class="left wide"
        maxlength="80"
        [value]="p.name"
        (change)="rename($any($event.target))"
      />
      <app-pick-field label="Job" [options]="roles" [value]="p.role" (valueChange)="role($event)" />
      <app-pick-field label="Have" [options]="haves" [value]="p.have" (valueChange)="set('whether it is owned', { have: $event })" />
      <span class="name">By its label</span>
      <app-quantity-field
        label="Weight by its label"
        quantity="mass"
        [decimals]="1"
        [value]="p.massG"
        [limits]="L.massG"
        (valueChange)="set('weight', { massG: $event })"
      />
      <span class="name">By my scale</span>
      <app-quantity-field
        label="Weight by my own scale"
        quantity="mass"
        [decimals]="1"
        [value]="p.ownMassG"
        placeholder="not weighed"
        [limits]="L.massG"
        (valueChange)="set('weighed', { ownMassG: $event })"
      />
      @if (instead().length > 1) {
        <app-pick-field class="wide" label="Instead" [options]="instead()" value="" (valueChange)="replaceWith($event)" />
      }
      <span class="acts">
        <button nz-button nzSize="small" type="button" (click)="weigh()">Put it on the scale (simulated)</button>
        @if (p.ownMassG !== null) {
          <button nz-button nzSize="small" type="button" (click)="set('the label’s weight', { ownMassG: null })">Back to the label</button>
        }
      </span>
      <span class="name">Price</span>
      <app-quantity-field
        label="Price of the piece"
        quantity="price"
        [value]="p.price"
        placeholder="not known"
        [limits]="L.price"
        (valueChange)="set('price', { price: $event })"
      />
      @if (p.shapeAssumed) {
        <p class="acts assumed">
          Its measures are assumed, as of a usual piece of its kind.
          <button nz-button nzSize="small" type="button" (click)="set('measures taken as they are', { shapeAssumed: false })">
            They are right
          </button>
        </p>
      }
      <app-pick-field label="Form" [options]="shapes" [value]="p.shape.kind" (valueChange)="form($event)" />
      @for (m of measures(); track m.key) {
        <span class="name">{{ m.name }}</span>
        <app-quantity-field
          [label]="m.name + ', of the piece'"
          quantity="length"
          [decimals]="m.decimals"
          [value]="m.value"
          [limits]="m.limits"
          (valueChange)="measure(m.key, $event)"
        />
      }
      <app-pick-field label="Material" [options]="materials" [value]="p.material" (valueChange)="set('material', { material: $event })" />
      @if (p.role === 'burner') {
        <app-pick-field
          label="Burns like"
          [options]="burners"
          [value]="p.burnerId"
          (valueChange)="set('kind of stove', { burnerId: $event })"
        />
      }
      @if (p.role === 'windscreen') {
        <app-pick-field
          label="Kind"
          [options]="screens"
          [value]="p.windscreen"
          (valueChange)="set('kind of windscreen', { windscreen: $event })"
        />
      }
      @if (p.role === 'ignition') {
        <app-pick-field
          label="Kind"
          [options]="ignitions"
          [value]="p.ignition"
          (valueChange)="set('kind of ignition', { ignition: $event })"
        />
      }
      @if (p.role === 'container' || p.role === 'measure' || p.role === 'cup') {
        <span class="name">Holds</span>
        <app-quantity-field
          label="What it holds"
          quantity="volume"
          [value]="p.holdsMl ?? null"
          placeholder="not known"
          [limits]="L.holdsMl"
          (valueChange)="set('what it holds', { holdsMl: $event })"
        />
      }
      @if (p.role === 'burner' || p.role === 'support' || p.role === 'canFoot') {
        <span class="name">Arms span</span>
        <app-quantity-field
          label="Across its arms"
          quantity="length"
          [value]="p.spanMm ?? null"
          placeholder="not known"
          [limits]="L.sizeMm"
          (valueChange)="set('span', { spanMm: $event })"
        />
      }
      <span class="name">Good for</span>
      <span class="life wide">
        <app-quantity-field
          label="Trips it is good for"
          quantity="count"
          [bare]="true"
          [value]="p.life?.trips ?? null"
          placeholder="trips?"
          [limits]="L.lifeTrips"
          (valueChange)="set('life', { life: { trips: $event, used: p.life?.used ?? 0 } })"
        />
        <span class="quiet">trips, seen</span>
        <app-quantity-field
          label="Trips it has seen"
          quantity="count"
          [bare]="true"
          [value]="p.life?.used ?? null"
          placeholder="0"
          [limits]="{ min: 0, max: L.lifeTrips.max }"
          (valueChange)="set('trips seen', { life: { trips: p.life?.trips ?? 100, used: $event } })"
        />
      </span>
      <label class="name" [for]="'piece-note-' + p.id">Note</label>
      <input
        [id]="'piece-note-' + p.id"
        nz-input
        class="left wide"
        maxlength="300"
        [value]="p.note"
        (change)="set('note', { note: $any($event.target).value.trim() })"
      />
      <app-pick-field
        label="Quirk when"
        [options]="steps"
        [value]="p.quirk?.step ?? 'cooking'"
        (valueChange)="quirk($event, p.quirk?.words ?? '')"
      />
      <label class="name" [for]="'piece-quirk-' + p.id">It</label>
      <input
        [id]="'piece-quirk-' + p.id"
        nz-input
        class="left wide"
        maxlength="300"
        placeholder="what to mind then"
        [value]="p.quirk?.words ?? ''"
        (change)="quirk(p.quirk?.step ?? 'cooking', $any($event.target).value.trim())"
      />
    </div>
    <details>
      <summary>It does another job as well{{ also() }}</summary>
      <p class="jobs">
        @for (r of otherRoles(); track r.value) {
          <label
            ><input type="checkbox" [appTick]="r.on" (turned)="alsoDoes(r.value, !r.on)" /> <span>{{ r.label }}</span></label
          >
        }
      </p>
    </details>
    <button nz-button nzSize="small" type="button" (click)="remove()">Delete this piece everywhere</button>
  `,
  styles: `
    :host {
      display: block;
      padding: 0.25rem 0 0.5rem 0.625rem;
      border-left: 2px solid var(--hairline);
    }
    .grid {
      display: grid;
      grid-template-columns: 4.75rem minmax(0, 1fr) 5.25rem minmax(0, 1fr);
      gap: 3px 0.625rem;
      align-items: center;
    }
    .name {
      color: var(--ink-quiet);
    }
    input.left {
      width: 100%;
      text-align: left;
    }
    .wide {
      grid-column: 2 / -1;
    }
    .acts {
      grid-column: 1 / -1;
    }
    .assumed {
      margin: 0;
      color: var(--ember-text);
      font-size: 0.8125rem;
    }
    .life app-quantity-field {
      width: 4rem;
    }
    .life {
      display: flex;
      gap: 0.375rem;
      align-items: center;
    }
    .life .quiet {
      white-space: nowrap;
    }
    .jobs {
      columns: 3;
      margin: 0;
    }
    .jobs label {
      display: block;
    }
    .acts button + button {
      margin-left: 0.875rem;
    }
    .acts {
      line-height: 1.2;
    }
    @media (max-width: 480px) {
      .grid {
        grid-template-columns: 4.75rem minmax(0, 1fr);
      }
      .jobs {
        columns: 2;
      }
    }
  `,
})
export class PieceEditor {
  private readonly study = inject(KitStudy);
  private readonly done = inject(Done);
  private readonly units = inject(Units);
  readonly piece = input.required<Piece>();

  protected readonly L = LIMITS;
  protected readonly roles = optionsOf(ROLE_WORDS);
  protected readonly haves = optionsOf(HAVE_WORDS);
  protected readonly shapes = optionsOf(SHAPE_WORDS);
  protected readonly materials = same(PIECE_MATERIALS);
  protected readonly burners = BURNERS.filter((b) => b.family !== 'none').map((b) => ({ value: b.id, label: b.name }));
  protected readonly screens = optionsOf(WINDSCREEN_WORDS).filter((o) => o.value !== 'none');
  protected readonly ignitions = IGNITIONS.map((value) => ({ value, label: IGNITION_WORDS[value] }));
  protected readonly steps = same(QUIRK_STEPS);

  protected readonly measures = computed(() => measuresOf(this.piece().shape));
  protected readonly otherRoles = computed(() =>
    ROLES.filter((r) => r !== this.piece().role).map((value) => ({
      value,
      label: ROLE_WORDS[value],
      on: this.piece().alsoRoles.includes(value),
    })),
  );
  protected readonly also = computed(() => {
    const names = this.piece().alsoRoles.map((r) => ROLE_WORDS[r]);
    return names.length ? `: ${names.join(', ')}` : '';
  });

  /** What the walker has at hand for the same job. */
  protected readonly instead = computed(() => {
    const kit = this.study.kit();
    if (!kit) return [];
    const mine = atHandInstead(this.study.rack(), kit, this.piece().role);
    return [
      { value: '', label: 'Replace with mine…' },
      ...mine.map((p) => ({ value: p.id, label: `${p.name}, ${this.units.text(massOfG(p), 'mass')}` })),
    ];
  });

  protected replaceWith(id: string): void {
    const kit = this.study.kit();
    const mine = this.study.rack().pieces.find((p) => p.id === id);
    if (!kit || !mine) return;
    const { id: was, name } = this.piece();
    this.study.editRack(`${mine.name} instead of ${name}`, (r) => addToKit(r, kit.id, mine, () => mine.id, was));
  }

  protected rename(field: HTMLInputElement): void {
    this.set('name of the piece', { name: takeName(field, this.piece().name) });
  }

  protected set(label: string, change: Partial<Piece>): void {
    this.study.editRack(label, (r) => editPiece(r, this.piece().id, change));
  }

  /** Another job may need to know more: it starts with the commonest kind. */
  protected role(role: Role): void {
    const p = this.piece();
    const needs: Partial<Piece> = {
      ...(role === 'burner' && !p.burnerId ? { burnerId: 'gas-micro' } : {}),
      ...(role === 'windscreen' && !p.windscreen ? { windscreen: 'folded' as const } : {}),
      ...(role === 'ignition' && !p.ignition ? { ignition: 'lighter' as const } : {}),
      ...(role === 'pot' && p.shape.kind !== 'vessel' ? { shape: shapeOfKind('vessel', p.shape) } : {}),
    };
    this.set('job', { role, alsoRoles: p.alsoRoles.filter((r) => r !== role), ...needs });
  }

  protected alsoDoes(role: Role, on: boolean): void {
    const others = this.piece().alsoRoles.filter((r) => r !== role);
    this.set('another job', { alsoRoles: on ? [...others, role].slice(0, 6) : others });
  }

  protected form(kind: Shape['kind']): void {
    this.set('form', { shape: shapeOfKind(kind, this.piece().shape), shapeAssumed: false });
  }

  protected measure(key: string, value: number): void {
    const shape = withMeasure(this.piece().shape, key, value);
    if (pieceSchema.safeParse({ ...this.piece(), shape }).success) this.set('measures', { shape, shapeAssumed: false });
  }

  protected quirk(step: (typeof QUIRK_STEPS)[number], words: string): void {
    this.set('quirk', { quirk: words ? { step, words } : null });
  }

  protected weigh(): void {
    this.set('weighed on the simulated scale', { ownMassG: simulatedReadingG(this.piece()) });
  }

  protected remove(): void {
    const { id, name } = this.piece();
    if (this.study.editRack(`${name} off the rack`, (r) => removePiece(r, id)))
      this.done.tell(`${sentenceStart(name)} is off the list and out of every kit.`);
  }
}
