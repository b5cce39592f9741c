import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { Rack } from '@tinder/core/domain/model';
import { writeShelfCsv, type ShelfTable } from '@tinder/core/output/tables';
import { downloadTable, downloadShelf } from '../../store/trip-files';
import { WorkspaceStore } from '../../store/workspace-store';
import { FileField } from '../../ui/file-field';
import { TableIntake } from '../../ui/table-intake';
import { TableOffer } from '../../ui/table-offer';
import { shelfTableWords } from '../../words/table-words';
import { ShelfStudy } from './shelf-study';

/** The shelf as files: out as JSON and CSV, in from CSV. */
@Component({
  selector: 'app-shelf-files',
  imports: [FileField, NzButtonComponent, TableOffer],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details>
      <summary>Files: the shelf as CSV and JSON</summary>
      <p>
        <button nz-button nzSize="small" type="button" (click)="json()">The shelf, JSON</button>
        <button nz-button nzSize="small" type="button" (click)="csv()">The shelf, CSV</button>
        <app-file-field label="CSV file of containers" accept=".csv,text/csv" (chosen)="intake.choose($event)">Read CSV</app-file-field>
      </p>
      <p class="quiet">A row for every reading. Import JSON with “Import a file” in the trip menu.</p>
    </details>
    @if (intake.offer(); as o) {
      <app-table-offer [offer]="o" (taken)="intake.take()" (left)="intake.leave()" />
    }
  `,
  styleUrl: '../../ui/files.less',
})
export class ShelfFiles {
  private readonly store = inject(WorkspaceStore);
  private readonly study = inject(ShelfStudy);
  protected readonly intake = new TableIntake<Rack, ShelfTable>({
    into: () => this.store.rack(),
    read: (reader, file, rack) => reader.shelfTable(file, rack),
    offered: (file, table) => ({
      words: shelfTableWords(file, table),
      take: table.count ? `take the ${table.count} good ${table.count === 1 ? 'container' : 'containers'}` : undefined,
    }),
    take: (table) => this.study.edit('the shelf from CSV', () => table.rack.shelf),
  });

  protected json(): void {
    downloadShelf(this.study.items());
  }

  protected csv(): void {
    downloadTable('shelf', writeShelfCsv(this.study.items()));
  }
}
