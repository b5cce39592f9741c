import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { massOfG, type Piece } from '@tinder/core/domain/model';
import { ROLE_WORDS } from '../../words/kit-words';
import { Units } from '../../words/units';
import { KitStudy } from './kit-study';
import { PieceEditor } from './piece-editor';

/** The gear of the open kit, each with its weight as a bar beside the heaviest; pressed, it is edited. */
@Component({
  selector: 'app-kit-pieces',
  imports: [NzButtonComponent, PieceEditor],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>In this kit</h2>
    <ul aria-label="Pieces of the kit">
      @for (r of rows(); track r.piece.id) {
        <li>
          <button type="button" class="open" [title]="r.role" [attr.aria-expanded]="opened() === r.piece.id" (click)="toggle(r.piece.id)">
            {{ r.piece.name }}
          </button>
          <span class="bar" [style.width.%]="r.share"></span>
          <span class="grams" [class.quiet]="r.withFuel">{{ r.withFuel ? 'with the fuel' : units.text(r.massG, 'mass') }}</span>
          <button nz-button nzSize="small" type="button" [attr.aria-label]="'Remove: ' + r.piece.name" (click)="takeOut(r.piece)">
            Remove
          </button>
          @if (opened() === r.piece.id) {
            <app-piece-editor [piece]="r.piece" />
          }
        </li>
      } @empty {
        <li class="quiet">Nothing in it yet. Add gear from the list beside, the stove and the pot first.</li>
      }
    </ul>
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 4.5rem 4.25rem max-content;
      gap: 0 0.625rem;
      align-items: center;
      border-top: 1px solid var(--hairline);
    }
    li.quiet {
      display: block;
      padding: 0.375rem 0;
    }
    .open {
      min-height: var(--touch, 0);
      padding: 2px 0;
      border: 0;
      background: none;
      color: inherit;
      font: inherit;
      text-align: left;
      text-decoration: underline;
      text-decoration-color: var(--hairline);
      text-underline-offset: 3px;
      cursor: pointer;
    }
    .open::first-letter {
      text-transform: uppercase;
    }
    .open:hover {
      text-decoration-color: var(--ink);
    }
    .bar {
      justify-self: end;
      height: 0.5rem;
      background: var(--hill-foot);
    }
    .grams {
      font-weight: 600;
      text-align: right;
    }
    app-piece-editor {
      grid-column: 1 / -1;
    }
    @media (max-width: 720px) {
      li {
        grid-template-columns: minmax(0, 1fr) 4.25rem max-content;
      }
      .bar {
        display: none;
      }
    }
  `,
})
export class KitPieces {
  private readonly study = inject(KitStudy);
  protected readonly units = inject(Units);
  protected readonly opened = signal<string | undefined>(undefined);

  protected readonly rows = computed(() => {
    const pieces = this.study.built()?.pieces ?? [];
    const heaviestG = Math.max(1, ...pieces.filter((p) => p.role !== 'container').map(massOfG));
    return pieces.map((piece) => {
      const withFuel = piece.role === 'container';
      const massG = massOfG(piece);
      const role = [piece.role, ...piece.alsoRoles].map((r) => ROLE_WORDS[r]).join(' and ');
      return { piece, massG, withFuel, role, share: withFuel ? 0 : (100 * massG) / heaviestG };
    });
  });

  protected toggle(id: string): void {
    this.opened.update((o) => (o === id ? undefined : id));
  }

  protected takeOut(piece: Piece): void {
    this.study.editKit(`remove ${piece.name}`, (k) => ({
      ...k,
      pieceIds: k.pieceIds.filter((id) => id !== piece.id),
      outside: k.outside.filter((id) => id !== piece.id),
    }));
  }
}
