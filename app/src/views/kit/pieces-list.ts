import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { choosable, pieceOfPasted, putIntoKit, readWeights } from '@tinder/core/domain/kit';
import { writeKitsCsv, writePiecesCsv, writeScoresCsv, type RackTable } from '@tinder/core/output/tables';
import { massOfG, ROLES, type Piece, type Rack, type Role } from '@tinder/core/domain/model';
import { downloadRack, downloadTable } from '../../store/trip-files';
import { FileField } from '../../ui/file-field';
import { PickField } from '../../ui/pick-field';
import { TableIntake } from '../../ui/table-intake';
import { TableOffer } from '../../ui/table-offer';
import { Tick } from '../../ui/tick';
import { PASTE_PROBLEM_WORDS, rackTableWords } from '../../words/table-words';
import { Units } from '../../words/units';
import { HAVE_WORDS, ROLE_WORDS } from '../../words/kit-words';
import { KitStudy } from './kit-study';

/** Everything there is to build of: owned, lent, wished for and the catalogue; and the ways in and out by list and by file. */
@Component({
  selector: 'app-pieces-list',
  imports: [FileField, NzButtonComponent, NzInputDirective, PickField, TableOffer, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="titled">
      <h2 id="pieces-title">Gear list</h2>
      <button
        nz-button
        nzSize="small"
        type="button"
        [attr.aria-expanded]="pasting()"
        aria-controls="paste"
        (click)="pasting.set(!pasting())"
      >
        Paste weights
      </button>
    </div>
    @if (pasting()) {
      <div id="paste">
        <label class="quiet" for="paste-weights">Pieces with their weights</label>
        <textarea
          nz-input
          id="paste-weights"
          rows="3"
          placeholder="pot 3.5 oz, burner 2.5 oz&#10;lighter 11 g"
          [value]="pasted()"
          (input)="pasted.set($any($event.target).value)"
        ></textarea>
        @for (p of list().good; track $index) {
          <p class="read">
            {{ p.name }} <span class="quiet">{{ roles[p.role] }}</span> {{ units.text(p.massG, 'mass') }}
          </p>
        }
        @for (b of list().bad; track $index) {
          <p class="error">Line {{ b.line }}, “{{ b.text }}”: {{ whys[b.why] }}</p>
        }
        @if (list().good.length; as n) {
          <p class="quiet">
            Their measures are assumed, as of usual pieces of that kind, until you measure them. Into {{ study.kit()?.name ?? 'no kit' }}:
          </p>
          <p class="acts">
            <button nz-button nzSize="small" type="button" [disabled]="!study.kit()" (click)="takePasted('replace')">
              In place of what does the same job
            </button>
            <button nz-button nzSize="small" type="button" [disabled]="!study.kit()" (click)="takePasted('add')">
              Beside what is in it
            </button>
            <button nz-button nzSize="small" type="button" (click)="takePasted('rack')">To the gear list only</button>
          </p>
        }
      </div>
    }
    <label class="switch">
      <input type="checkbox" [appTick]="study.rack().onlyOwned" (turned)="switchOwned()" />
      <span>Only gear I own or have on loan, everywhere</span>
    </label>
    <div class="line find">
      <label class="hidden-text" for="find-piece">Find a piece by name</label>
      <input
        id="find-piece"
        nz-input
        class="left"
        type="search"
        placeholder="Find by name"
        autocomplete="off"
        [value]="sought()"
        (input)="sought.set($any($event.target).value)"
      />
      <app-pick-field label="Job" [quietly]="true" [options]="jobs" [value]="job()" (valueChange)="job.set($event)" />
    </div>
    <ul class="pieces" tabindex="0" aria-labelledby="pieces-title">
      @for (r of rows(); track r.piece.id) {
        <li [class.in]="r.inKit">
          <span class="what">{{ r.piece.name }}</span>
          <span class="quiet">{{ r.where }}</span>
          <span class="grams">{{ units.text(r.massG, 'mass') }}</span>
          @if (r.inKit) {
            <span class="quiet in">in it</span>
          } @else {
            <button nz-button nzSize="small" type="button" [attr.aria-label]="'Add ' + r.piece.name" (click)="study.addPiece(r.piece)">
              Add
            </button>
          }
        </li>
      } @empty {
        <li class="quiet">No gear of that name{{ study.rack().onlyOwned ? ' among what you own' : '' }}.</li>
      }
    </ul>

    <details>
      <summary>Files: pieces, kits and scores</summary>
      <p class="acts">
        <button nz-button nzSize="small" type="button" (click)="save('rack')">Everything, JSON</button>
        <button nz-button nzSize="small" type="button" (click)="save('pieces')">Pieces, CSV</button>
        <button nz-button nzSize="small" type="button" (click)="save('kits')">Kits, CSV</button>
        <button nz-button nzSize="small" type="button" (click)="save('scores')">Scores, CSV</button>
        <app-file-field label="CSV file of pieces, kits or scores" accept=".csv,text/csv" (chosen)="intake.choose($event)"
          >Read CSV</app-file-field
        >
      </p>
      <p class="quiet">Import a gear list in JSON with “Import a file” in the trip menu.</p>
    </details>
    @if (intake.offer(); as o) {
      <app-table-offer [offer]="o" (taken)="intake.take()" (left)="intake.leave()" />
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    .titled {
      display: flex;
      gap: 0.875rem;
      align-items: baseline;
      justify-content: space-between;
    }
    .titled h2 {
      flex: 1;
    }
    .switch {
      display: block;
      padding: 3px 0;
    }
    .find {
      grid-template-columns: minmax(0, 1fr) 6.5rem;
    }
    input.left {
      text-align: left;
    }
    .pieces {
      height: 16.75rem;
      margin: 0.25rem 0;
      padding: 0;
      overflow-y: auto;
      list-style: none;
    }
    .pieces li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content max-content;
      gap: 0 0.625rem;
      align-items: baseline;
      padding: 2px 0.25rem 2px 0;
      border-bottom: 1px solid var(--hairline);
      line-height: 1.25;
      // laid out when it is scrolled to
      content-visibility: auto;
      contain-intrinsic-height: auto 2.625rem;
    }
    .pieces .what {
      grid-area: 1 / 1;
    }
    .pieces .quiet:not(.in) {
      grid-area: 2 / 1;
      font-size: 0.8125rem;
    }
    .pieces .grams {
      grid-area: 1 / 2;
      font-weight: 600;
    }
    .pieces li > :last-child {
      grid-area: 1 / 3;
      text-align: right;
    }
    details {
      margin-top: 0.25rem;
    }
    .read,
    .error {
      margin: 0;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 1.125rem;
      margin: 0.25rem 0;
    }
    button + button {
      margin-left: 1.125rem;
    }
    .acts button {
      margin-left: 0;
    }
  `,
})
export class PiecesList {
  protected readonly study = inject(KitStudy);
  protected readonly units = inject(Units);
  protected readonly roles = ROLE_WORDS;
  protected readonly whys = PASTE_PROBLEM_WORDS;
  protected readonly jobs = [{ value: 'all', label: 'Every job' }, ...ROLES.map((value) => ({ value, label: ROLE_WORDS[value] }))] as {
    value: Role | 'all';
    label: string;
  }[];

  protected readonly sought = signal('');
  protected readonly job = signal<Role | 'all'>('all');
  protected readonly pasting = signal(false);
  protected readonly pasted = signal('');
  protected readonly list = computed(() => readWeights(this.pasted(), this.units.unit('mass')));
  protected readonly intake = new TableIntake<Rack, RackTable>({
    into: () => this.study.rack(),
    read: (reader, file, rack) => reader.rackTable(file, rack),
    offered: (file, table) => ({
      words: rackTableWords(file, table),
      take: table.count ? `take the ${table.count} good ${table.count === 1 ? 'row' : 'rows'}` : undefined,
    }),
    take: (table) => this.study.editRack(`${table.kind} from CSV`, () => table.rack),
  });

  protected readonly rows = computed(() => {
    const rack = this.study.rack();
    const here = new Set(this.study.kit()?.pieceIds);
    const words = this.sought().trim().toLowerCase();
    const named = new Set(rack.pieces.map((p) => p.role + p.name));
    const generic = (p: Piece): boolean => p.id.startsWith('generic-') && !rack.pieces.includes(p);
    return choosable(rack)
      .filter((p) => !generic(p) || !named.has(p.role + p.name))
      .filter((p) => this.job() === 'all' || p.role === this.job() || p.alsoRoles.includes(this.job() as Role))
      .filter((p) => !words || `${p.name} ${ROLE_WORDS[p.role]}`.toLowerCase().includes(words))
      .sort((a, b) => ROLES.indexOf(a.role) - ROLES.indexOf(b.role))
      .map((piece) => ({
        piece,
        massG: massOfG(piece),
        inKit: here.has(piece.id),
        where: `${ROLE_WORDS[piece.role]}, ${generic(piece) ? 'catalogue' : HAVE_WORDS[piece.have]}`,
      }));
  });

  protected switchOwned(): void {
    this.study.editRack('only what I own', (r) => ({ ...r, onlyOwned: !r.onlyOwned }));
  }

  protected takePasted(how: 'replace' | 'add' | 'rack'): void {
    const fresh = this.list().good.map((p) => pieceOfPasted(p, crypto.randomUUID()));
    const kit = this.study.kit();
    const taken = this.study.editRack('a pasted list', (r) =>
      kit && how !== 'rack' ? putIntoKit(r, kit.id, fresh, how) : { ...r, pieces: [...r.pieces, ...fresh] },
    );
    if (!taken) return;
    this.pasted.set('');
    this.pasting.set(false);
  }

  protected save(what: 'rack' | 'pieces' | 'kits' | 'scores'): void {
    const rack = this.study.rack();
    if (what === 'rack') downloadRack(rack);
    else if (what === 'pieces') downloadTable('pieces', writePiecesCsv(rack.pieces));
    else downloadTable(what, what === 'kits' ? writeKitsCsv(rack) : writeScoresCsv(rack));
  }
}
