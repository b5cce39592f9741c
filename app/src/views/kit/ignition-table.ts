import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { burnerById, type BurnerFamily } from '@tinder/core/domain/catalogue';
import { ignitesOf, pieceFor } from '@tinder/core/domain/kit';
import { IGNITES, IGNITIONS, type Ignites, type Ignition } from '@tinder/core/domain/model';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { TablePick } from '../../ui/table-pick';
import { FAMILY_WORDS, IGNITES_WORDS, IGNITION_WORDS } from '../../words/kit-words';
import { KitStudy } from './kit-study';

/** What lights what: common practice to start with, changed by what the walker has seen. */
@Component({
  selector: 'app-ignition-table',
  imports: [NzButtonComponent, TablePick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <table class="stacks" aria-label="What lights what">
      <thead>
        <tr>
          <th scope="col">Stove</th>
          @for (i of ignitions; track i) {
            <th scope="col">{{ ignitionWords[i] }}</th>
          }
        </tr>
      </thead>
      <tbody>
        @for (f of shown(); track f.family) {
          <tr [class.on]="f.isOwn">
            <th scope="row">{{ f.words }}</th>
            @for (c of f.cells; track c.ignition) {
              <td [attr.data-label]="ignitionWords[c.ignition]">
                <app-table-pick
                  [label]="ignitionWords[c.ignition] + ' on ' + f.words"
                  [options]="answers"
                  [value]="c.value"
                  (valueChange)="lights(f.family, c.ignition, $event)"
                />
              </td>
            }
          </tr>
        }
      </tbody>
    </table>
    <button nz-button nzSize="small" type="button" [attr.aria-expanded]="every()" (click)="every.set(!every())">
      {{ every() ? 'Only the stove of this kit' : 'Every kind of stove' }}
    </button>
    <p class="quiet">Common practice to start with. Change it to what you have seen; hints and losses follow.</p>
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    td {
      min-width: 6.5rem;
      &::before {
        flex: 0 0 6.25rem;
        align-self: center;
      }
    }
    button {
      margin-top: 0.5rem;
    }
  `,
})
export class IgnitionTable {
  private readonly study = inject(KitStudy);

  protected readonly ignitions = IGNITIONS;
  protected readonly ignitionWords = IGNITION_WORDS;
  protected readonly answers = IGNITES.map((value) => ({ value, label: IGNITES_WORDS[value] }));
  /** Shown beyond the stove of the open kit. */
  protected readonly every = signal(false);

  private readonly table = computed(() => {
    const rack = this.study.rack();
    const own = pieceFor(this.study.built()?.pieces ?? [], 'burner')?.burnerId;
    return (Object.keys(FAMILY_WORDS) as (keyof typeof FAMILY_WORDS)[]).map((family) => ({
      family,
      words: FAMILY_WORDS[family],
      isOwn: own !== undefined && burnerById(own).family === family,
      cells: IGNITIONS.map((ignition) => ({ ignition, value: ignitesOf(rack, family, ignition) })),
    }));
  });
  protected readonly shown = computed(() => {
    const own = this.table().filter((f) => f.isOwn);
    return this.every() || !own.length ? this.table() : own;
  });

  protected lights(family: BurnerFamily, ignition: Ignition, value: Ignites): void {
    this.study.editRack('what lights what', (r) => ({
      ...r,
      ignites: { ...r.ignites, [family]: { ...r.ignites[family], [ignition]: value } },
    }));
  }
}
