import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Choice } from '../../ui/choice';
import { CloserService } from './closer-service';
import { ColdPanel } from './cold-panel';
import { DosePanel } from './dose-panel';
import { FlamePanel } from './flame-panel';
import { RestPanel } from './rest-panel';

/** Depth behind the plain answer: one subject at a time, for the marked day's meal. */
@Component({
  selector: 'app-closer-look',
  imports: [Choice, ColdPanel, DosePanel, FlamePanel, RestPanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2>A closer look at the</h2>
      <app-choice
        label="Subject of the closer look"
        [options]="subjects"
        [value]="service.subject()"
        (valueChange)="service.subject.set($event)"
      />
    </div>
    @switch (service.subject()) {
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
      min-height: 23.75rem;
      margin-bottom: 1.5rem;
    }
    .head {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 1rem;
      align-items: baseline;
      margin-bottom: 0.5rem;
      border-bottom: 1px solid var(--hairline);
    }
  `,
})
export class CloserLook {
  protected readonly service = inject(CloserService);
  protected readonly subjects = [
    { value: 'flame', label: 'Flame' },
    { value: 'cold', label: 'Cold' },
    { value: 'dose', label: 'Dose' },
    { value: 'rest', label: 'Rest' },
  ] as const;
}
