import { ChangeDetectionStrategy, Component, computed, input, type Signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { studyProblemWords } from '../words/study-words';
import { ProgressBar } from './progress-bar';

/** As much of a study as is told about it while it has no answer. */
export interface StudyState {
  problem: Signal<string | undefined>;
  progress: Signal<{ done: number; of: number } | undefined>;
  stopped: Signal<boolean>;
  stop(): void;
  again(): void;
}

/** How a study stands: how far it has come, with a stop; that it was stopped, or failed, with another try. Nothing while all is well. */
@Component({
  selector: 'app-study-note',
  imports: [NzButtonComponent, ProgressBar],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study().problem(); as why) {
      <p class="error" role="alert">
        {{ words() }}
        <button nz-button nzSize="small" type="button" (click)="study().again()">Try again</button>
      </p>
    } @else if (study().stopped()) {
      <p class="quiet" role="status">
        Stopped: what is shown may belong to an older trip.
        <button nz-button nzSize="small" type="button" (click)="study().again()">Go on</button>
      </p>
    } @else if (study().progress(); as p) {
      <p class="quiet" role="status">
        <app-progress-bar [done]="p.done" [of]="p.of" [label]="of() + ' worked out'" /> {{ p.done }} of {{ p.of }} {{ of() }}
        <button nz-button nzSize="small" type="button" (click)="study().stop()">Stop</button>
      </p>
    }
  `,
  styles: `
    p {
      margin: 2px 0;
    }
  `,
})
export class StudyNote {
  readonly study = input.required<StudyState>();
  /** What the progress counts. */
  readonly of = input('steps');
  protected readonly words = computed(() => studyProblemWords(this.study().problem() ?? ''));
}
