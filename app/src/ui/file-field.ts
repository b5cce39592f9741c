import { HttpClient } from '@angular/common/http';
import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { NzUploadComponent, type NzUploadFile } from 'ng-zorro-antd/upload';
import { UploadA11y } from './nz/upload-a11y';

/** A file that comes in, chosen by a button or dropped on it. Nothing is sent anywhere: it is read in the browser. */
@Component({
  selector: 'app-file-field',
  imports: [NzUploadComponent, UploadA11y],
  // NG-ZORRO asks for one although nothing is sent
  providers: [{ provide: HttpClient, useValue: {} }],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-upload [appAccept]="accept()" [appFile]="label()" [nzBeforeUpload]="take" [nzShowUploadList]="false">
      <span class="ant-btn ant-btn-default ant-btn-sm" [class.drop-here]="isOver()"><ng-content /></span>
    </nz-upload>
  `,
  host: { '(dragover)': 'isOver.set(true)', '(dragleave)': 'isOver.set(false)', '(drop)': 'isOver.set(false)' },
  styles: `
    :host {
      display: inline-block;
    }
    span {
      display: inline-flex;
      align-items: center;
    }
  `,
})
export class FileField {
  /** What the file is, for those who listen; what is seen is its content. */
  readonly label = input.required<string>();
  /** Endings and types that the browser offers: ".csv,text/csv". */
  readonly accept = input.required<string>();
  readonly chosen = output<File>();
  protected readonly isOver = signal(false);

  /** False: nothing is to be sent. */
  protected readonly take = (file: NzUploadFile, all: NzUploadFile[]): boolean => {
    if (file === all[0]) this.chosen.emit(file as unknown as File); // the browser’s own, whatever its type says
    return false;
  };
}
