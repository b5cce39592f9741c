import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { Rack } from '@tinder/core/model';
import { writeShelfCsv, type ShelfTable } from '@tinder/core/shelf';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { chosenFile } from '../platform/chosen-file';
import { downloadRackTable, downloadShelf } from '../store/trip-files';
import { WorkspaceStore } from '../store/workspace-store';
import { readTable, type TableRead } from '../ui/read-table';
import { TableOffer } from '../ui/table-offer';
import { shelfTableWords } from '../words/table-words';
import { ShelfStudy } from './shelf-study';

/** The shelf as files: out as JSON and CSV, in from CSV. */
@Component({
  selector: 'app-shelf-files',
  imports: [NzButtonComponent, TableOffer],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details>
      <summary>files: the shelf as CSV and JSON</summary>
      <p>
        <button nz-button class="word" type="button" (click)="json()">the shelf, JSON</button>
        <button nz-button class="word" type="button" (click)="csv()">the shelf, CSV</button>
        <label
          ><span>read CSV</span
          ><input class="hidden-text" type="file" accept=".csv,text/csv" aria-label="CSV file of containers" (change)="read($event)"
        /></label>
      </p>
      <p class="quiet">A row for every look; JSON comes in by “import” on the left.</p>
    </details>
    @if (offer(); as o) {
      <app-table-offer [offer]="o" (taken)="take()" (left)="offer.set(undefined)" />
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 14px;
    }
    summary {
      color: var(--ink-quiet);
      cursor: pointer;
    }
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 0 18px;
      margin: 4px 0;
    }
    label span {
      display: inline-block;
      padding: var(--thumb-pad, 0) 0;
      color: var(--ink-quiet);
      font: 600 15px/1.4 var(--signs);
      cursor: pointer;
    }
    label:focus-within span {
      outline: 2px solid var(--ink);
    }
  `,
})
export class ShelfFiles {
  private readonly store = inject(WorkspaceStore);
  private readonly study = inject(ShelfStudy);
  protected readonly offer = signal<TableRead<ShelfTable> | undefined>(undefined);
  /** The file that is on offer, and the rack it was read into. */
  private offered: { file: File; rack: Rack } | undefined;

  protected json(): void {
    downloadShelf(this.study.items());
  }

  protected csv(): void {
    downloadRackTable('shelf', writeShelfCsv(this.study.items()));
  }

  protected async read(event: Event): Promise<void> {
    const file = chosenFile(event);
    if (file) await this.offerTable(file);
  }

  private async offerTable(file: File): Promise<void> {
    const rack = this.store.rack();
    const offered = (table: ShelfTable) => ({
      words: shelfTableWords(file.name, table),
      take: table.count ? `take the ${table.count} good ${table.count === 1 ? 'container' : 'containers'}` : undefined,
    });
    this.offer.set(await readTable(file, async (reader) => await reader.shelfTable(file, rack), offered));
    this.offered = { file, rack };
  }

  protected async take(): Promise<void> {
    // the shelf may have changed since: what the table makes of it is worked out anew
    if (this.offered && this.offered.rack !== this.store.rack()) await this.offerTable(this.offered.file);
    const table = this.offer()?.table;
    if (!table || this.study.edit('the shelf from CSV', () => table.rack.shelf)) this.offer.set(undefined);
  }
}
