import { ChangeDetectionStrategy, Component, computed, input, inject } from '@angular/core';
import { NzSelectComponent } from 'ng-zorro-antd/select';
import type { Option } from './choice';
import { PageScale } from '../platform/page-scale';
import { FormValue } from './form-value';
import { Hint } from './hint';
import { Icon } from './icon';
import { SelectA11y } from './nz/select-a11y';
import { StoredValue } from './nz/stored-value';
import { sentenceStart } from '../words/sentence-start';
import { narrowScreen } from './wide-screen';

/** A longer list can be searched. */
const SEARCHED_FROM = 13;
/** Height of an option, px: as the style sheet has it, for NG-ZORRO lays out only those that are seen. */
const OPTION_PX = 36;
const THUMB_OPTION_PX = 44;
const UNLISTED = 'unlisted';

/** A name and one of a list to pick, laid into the two first columns of the line around it. */
@Component({
  selector: 'app-pick-field',
  imports: [Hint, Icon, NzSelectComponent, SelectA11y, StoredValue],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="name" [class.hidden-text]="quietly()" [appHint]="label()" [attr.for]="id()">{{ label() }}</label>
    <nz-select
      [appHint]="label()"
      [nzId]="id()"
      [nzOptions]="shown()"
      [nzShowSearch]="searched()"
      [nzOptionHeightPx]="optionPx()"
      [nzOptionOverflowSize]="12"
      [nzDropdownMatchSelectWidth]="false"
      [nzSuffixIcon]="arrow"
      [appStored]="chosen"
      (offered)="$event !== undefined && offer($event)"
    />
    <ng-template #arrow><app-icon name="down" /></ng-template>
  `,
  styles: `
    :host {
      display: contents;
    }
    nz-select {
      width: 100%;
      min-width: 0;
    }
    app-icon {
      color: var(--ink);
      font-size: 1rem;
    }
  `,
})
export class PickField<T extends string> extends FormValue<T | undefined, T> {
  private static count = 0;
  private readonly serial = PickField.count++;

  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  /** Shown as chosen where the value is none of the options. */
  readonly unlisted = input<string>();
  /** Its name is only for those who listen: what stands around it says it to those who see. */
  readonly quietly = input(false);

  protected readonly id = computed(() => `pick-${this.label().replaceAll(' ', '-')}-${this.serial}`);
  private readonly scale = inject(PageScale);
  private readonly isNarrow = narrowScreen();
  protected readonly optionPx = computed(() => (this.isNarrow() ? THUMB_OPTION_PX : OPTION_PX) * this.scale.now());
  protected readonly shown = computed(() => {
    const unlisted = this.unlisted();
    return unlisted ? [...this.options(), { value: UNLISTED as T, label: unlisted, disabled: true }] : [...this.options()];
  });
  protected readonly chosen = computed(() => (this.unlisted() ? (UNLISTED as T) : this.held()));
  protected readonly searched = computed(() => this.options().length >= SEARCHED_FROM);
}

/** Options from a record of words, in its order. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>): Option<T>[] =>
  (Object.keys(words) as T[]).map((value) => ({ value, label: sentenceStart(words[value]) }));
