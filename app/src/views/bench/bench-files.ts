import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { writeTestsCsv } from '@tinder/core/output/tables';
import { downloadBench, downloadTable } from '../../store/trip-files';
import { BenchStudy } from './bench-study';

/** The bench as files. */
@Component({
  selector: 'app-bench-files',
  imports: [NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details>
      <summary>Files: the burns as CSV and JSON</summary>
      <p>
        <button nz-button nzSize="small" type="button" (click)="json()">The bench, JSON</button>
        <button nz-button nzSize="small" type="button" (click)="csv()">Every burn, CSV</button>
      </p>
      <p class="quiet">
        Import JSON with “Import a file” in the trip menu; it is added to what is here. A logger’s CSV is read under “Cooling”.
      </p>
    </details>
  `,
  styleUrl: '../../ui/files.less',
})
export class BenchFiles {
  private readonly study = inject(BenchStudy);

  protected json(): void {
    downloadBench(this.study.bench());
  }

  protected csv(): void {
    downloadTable('burns', writeTestsCsv(this.study.bench()));
  }
}
