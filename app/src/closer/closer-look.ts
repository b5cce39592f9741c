import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { Choice } from '../ui/choice';
import { ColdPanel } from './cold-panel';
import { DosePanel } from './dose-panel';
import { FlamePanel } from './flame-panel';
import { RestPanel } from './rest-panel';

type Subject = 'flame' | 'cold' | 'dose' | 'rest';

/** Depth behind the plain answer: one subject at a time, for the marked day's meal. */
@Component({
  selector: 'app-closer-look',
  imports: [Choice, ColdPanel, DosePanel, FlamePanel, RestPanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2 class="sign">a closer look at the</h2>
      <app-choice label="Subject of the closer look" [options]="subjects" [value]="subject()" (valueChange)="subject.set($event)" />
    </div>
    @switch (subject()) {
      @case ('flame') {
        <app-flame-panel />
      }
      @case ('cold') {
        <app-cold-panel />
      }
      @case ('dose') {
        <app-dose-panel />
      }
      @case ('rest') {
        <app-rest-panel />
      }
    }
  `,
  styles: `
    :host {
      display: block;
      min-height: 380px;
      margin-bottom: 24px;
    }
    .head {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 16px;
      align-items: baseline;
      margin-bottom: 8px;
      border-bottom: 1px solid var(--hairline);
    }
  `,
})
export class CloserLook {
  protected readonly subjects = [
    { value: 'flame', label: 'flame' },
    { value: 'cold', label: 'cold' },
    { value: 'dose', label: 'dose' },
    { value: 'rest', label: 'rest' },
  ] as const;
  protected readonly subject = signal<Subject>('flame');
}
