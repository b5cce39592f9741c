import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { applyMend, hardwareOfG, hintsFor, settingsOf, standing, tripAfterRackEdit, tripKitOf, type Mend } from '@tinder/core/kit';
import { massOfG, type Piece } from '@tinder/core/model';
import { WorkspaceStore } from '../store/workspace-store';
import { takeName } from '../ui/take-name';
import { Units } from '../words/units';
import { hintWords, mendWords, NOT_PLANNABLE_WORDS, ROLE_WORDS, standingWords } from '../words/kit-words';
import { KitStudy } from './kit-study';
import { PieceEditor } from './piece-editor';

/** The open kit: its pieces, what it lacks with a mend each, and carrying it on this trip. */
@Component({
  selector: 'app-kit-builder',
  imports: [NzButtonComponent, NzInputDirective, PieceEditor],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.kit(); as k) {
      <h2 class="sign">Open kit</h2>
      <div class="line head">
        <label class="hidden-text" for="kit-name">Name of the kit</label>
        <input id="kit-name" nz-input class="left" maxlength="80" [value]="k.name" (change)="rename($any($event.target))" />
        <b class="total">{{ units.text(totalG(), 'mass') }}</b>
      </div>
      <p class="acts">
        @switch (state()) {
          @case ('inStep') {
            <span class="quiet">Carried on {{ store.trip().name }}: edits here move its plan.</span>
          }
          @case ('changed') {
            <span>Carried on {{ store.trip().name }} and changed there since.</span>
            <button nz-button nzSize="small" type="button" (click)="takeChanges()">Take its flame, measure and fuel here</button>
            <button nz-button nzSize="small" type="button" (click)="study.carry(k)">Carry it as it is here</button>
          }
          @case ('other') {
            <button nz-button nzSize="small" type="button" (click)="study.carry(k)">Carry it on {{ store.trip().name }}</button>
          }
          @default {
            <span class="error">It cannot be carried yet: {{ state() }}.</span>
          }
        }
      </p>
      <ul class="pieces" aria-label="Pieces of the kit">
        @for (r of rows(); track r.piece.id) {
          <li>
            <button type="button" class="open" [attr.aria-expanded]="opened() === r.piece.id" (click)="toggle(r.piece.id)">
              {{ r.piece.name }}
            </button>
            <span class="quiet role">{{ r.role }}</span>
            <span class="grams" [class.quiet]="r.withFuel">{{ r.withFuel ? 'with the fuel' : units.text(r.massG, 'mass') }}</span>
            <button nz-button nzSize="small" type="button" [attr.aria-label]="'Remove: ' + r.piece.name" (click)="takeOut(r.piece)">
              Remove
            </button>
            @if (opened() === r.piece.id) {
              <app-piece-editor [piece]="r.piece" />
            }
          </li>
        } @empty {
          <li class="quiet">Nothing in it yet. Add pieces from the list on the left, the stove and the pot first.</li>
        }
      </ul>
      @if (hints().length) {
        <h3 class="sign">What it lacks on this trip</h3>
        <ul class="hints">
          @for (h of hints(); track h.words) {
            <li>
              {{ h.words }}
              @if (h.mend; as m) {
                <button nz-button nzSize="small" class="mend" type="button" (click)="mend(m)">{{ h.mendWords }}</button>
              }
            </li>
          }
        </ul>
      } @else if (rows().length) {
        <p class="quiet">It lacks nothing that this trip and menu ask for.</p>
      }
      @if (stands().length) {
        <h3 class="sign">How it stands</h3>
        <ul class="hints">
          @for (s of stands(); track s.words) {
            <li [class.bad]="s.bad">{{ s.words }}</li>
          }
        </ul>
      }
      <label class="keep">
        <span class="quiet">I keep this one anyway, because</span>
        <input nz-input class="left" maxlength="300" [value]="k.keepBecause" (change)="keep($any($event.target).value)" />
      </label>
    } @else {
      <p class="quiet">No kit is open.</p>
    }
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    .head {
      grid-template-columns: minmax(0, 1fr) max-content;
    }
    input.left {
      width: 100%;
      text-align: left;
    }
    .head input {
      font-size: 1.125rem;
    }
    .total {
      font-size: 1.125rem;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0 0.875rem;
      margin: 2px 0 0.25rem;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .pieces li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content 4.75rem max-content;
      gap: 0 0.625rem;
      align-items: baseline;
      border-bottom: 1px solid var(--hairline);
    }
    .open {
      min-height: var(--touch, 0);
      padding: 2px 0;
      border: 0;
      background: none;
      color: inherit;
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    .open:hover {
      text-decoration: underline;
    }
    .role {
      font-size: 0.8125rem;
    }
    .grams {
      font-weight: 600;
      text-align: right;
    }
    app-piece-editor {
      grid-column: 1 / -1;
    }
    h3 {
      margin-top: 0.625rem;
    }
    .hints li {
      padding: 2px 0;
      border-bottom: 1px solid var(--hairline);
      line-height: 1.3;
    }
    li.bad {
      color: var(--ember-text);
    }
    .mend {
      display: block;
      white-space: normal;
    }
    .keep {
      display: block;
      margin-top: 0.625rem;
    }
  `,
})
export class KitBuilder {
  protected readonly study = inject(KitStudy);
  protected readonly store = inject(WorkspaceStore);
  protected readonly units = inject(Units);
  protected readonly opened = signal<string | undefined>(undefined);

  protected readonly rows = computed(() =>
    (this.study.built()?.pieces ?? []).map((piece) => ({
      piece,
      massG: massOfG(piece),
      withFuel: piece.role === 'container',
      role: [piece.role, ...piece.alsoRoles].map((r) => ROLE_WORDS[r]).join(' and '),
    })),
  );
  protected readonly totalG = computed(() => hardwareOfG(this.rows().map((r) => r.piece)));
  protected readonly hints = computed(() => {
    const kit = this.study.kit();
    if (!kit) return [];
    return hintsFor(this.study.rack(), this.store.trip(), kit).map((h) => ({
      words: hintWords(h),
      mend: h.mend,
      mendWords: h.mend ? mendWords(h.mend, this.units) : '',
    }));
  });
  protected readonly stands = computed(() => standingWords(standing(this.store.trip(), this.study.built()?.pieces ?? []), this.units));
  /** How the trip stands to this kit, or why it cannot be carried. */
  protected readonly state = computed(() => {
    const built = this.study.built();
    const carried = this.study.carried();
    if (built && carried?.id === built.kit.id) return carried.inStep ? 'inStep' : 'changed';
    const kit = built && tripKitOf(built);
    return kit && !kit.ok ? NOT_PLANNABLE_WORDS[kit.problem.code] : 'other';
  });

  protected toggle(id: string): void {
    this.opened.update((o) => (o === id ? undefined : id));
  }

  protected rename(field: HTMLInputElement): void {
    const name = takeName(field, this.study.kit()?.name ?? '');
    this.study.editKit('name of the kit', (k) => ({ ...k, name }));
  }

  protected takeOut(piece: Piece): void {
    this.study.editKit(`remove ${piece.name}`, (k) => ({
      ...k,
      pieceIds: k.pieceIds.filter((id) => id !== piece.id),
      outside: k.outside.filter((id) => id !== piece.id),
    }));
  }

  protected takeChanges(): void {
    const settings = settingsOf(this.store.trip().kit);
    this.study.editKit('take the trip’s habits', (k) => ({ ...k, settings }));
  }

  protected keep(words: string): void {
    this.study.editKit('why it stays', (k) => ({ ...k, keepBecause: words.trim() }));
  }

  protected mend(mend: Mend): void {
    const id = this.study.kit()?.id;
    if (!id) return;
    this.store.editRackAndTrip('mend the kit', (rack, trip) => {
      const mended = applyMend(rack, trip, id, mend, () => crypto.randomUUID());
      return { rack: mended.rack, trip: tripAfterRackEdit(mended.trip, rack, mended.rack) };
    });
  }
}
