import { ChangeDetectionStrategy, Component, inject, output, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { readSaid, simulatedGrossG, type SaidProblem } from '@tinder/core/domain/shelf';
import { saidProblemWords } from '../../words/shelf-words';
import { Units } from '../../words/units';
import { today } from '../../ui/today';
import { ShelfStudy } from './shelf-study';

/** One line puts a container on the shelf, as a walker would say it. */
@Component({
  selector: 'app-add-container',
  imports: [NzButtonComponent, NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label for="said">Put one on the shelf: say size and kind, then what you know</label>
    <div>
      <input
        nz-input
        id="said"
        autocomplete="off"
        maxlength="200"
        placeholder="230 g canister, weighs 293 g"
        [value]="said()"
        [attr.aria-invalid]="problem() ? true : null"
        [attr.aria-describedby]="problem() ? 'said-problem' : 'said-hint'"
        (input)="type($any($event.target).value)"
        (keydown.enter)="add()"
      />
      <button nz-button nzSize="small" type="button" [disabled]="!said().trim()" (click)="weigh()">Weigh it (simulated)</button>
      <button nz-button nzSize="small" type="button" [disabled]="!said().trim()" (click)="add()">Add to the shelf</button>
    </div>
    @if (problem(); as p) {
      <p class="error" role="alert" id="said-problem">{{ words(p) }}</p>
    } @else {
      <p class="quiet" id="said-hint">
        “100 g canister, empty 99 g, weighs 139 g”, “500 mL spirit, holds 310 mL”, “9 tablets of 14 g”, “tin of gel, weighs 171 g”. An empty
        weight nobody knows is that of its size, give or take 4 g.
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 0.625rem;
    }
    div {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content max-content;
      gap: 0.875rem;
      align-items: baseline;
      max-width: 35rem;
    }
    label {
      color: var(--ink-quiet);
    }
    input {
      text-align: left;
    }
    @media (max-width: 720px) {
      div {
        grid-template-columns: max-content max-content;
      }
      input {
        grid-column: 1 / -1;
      }
    }
    p {
      max-width: 76ch;
      margin: 3px 0 0;
      font-size: 0.8125rem;
      line-height: 1.3;
    }
  `,
})
export class AddContainer {
  private readonly study = inject(ShelfStudy);
  private readonly units = inject(Units);
  readonly added = output();
  protected readonly said = signal('');
  protected readonly problem = signal<SaidProblem | undefined>(undefined);

  protected type(text: string): void {
    this.said.set(text);
    this.problem.set(undefined);
  }

  /** Writes what the simulated scale shows behind what was said. */
  protected weigh(): void {
    const read = this.read('weighed');
    if (!read.ok) return this.problem.set(read.problem);
    this.said.update((text) => `${text.trim()}, weighs ${this.units.plain(simulatedGrossG(read.value), 'mass')} (simulated)`);
  }

  private read(id: string) {
    return readSaid(this.said(), today(), id, { mass: this.units.unit('mass'), volume: this.units.unit('volume') });
  }

  protected add(): void {
    const id = crypto.randomUUID();
    const read = this.read(id);
    if (!read.ok) return this.problem.set(read.problem);
    if (!this.study.edit(`put ${read.value.name} on the shelf`, (shelf) => [...shelf, read.value])) return;
    this.study.choose(id);
    this.type('');
    this.added.emit();
  }

  protected words(problem: SaidProblem): string {
    return saidProblemWords(problem, this.units);
  }
}
