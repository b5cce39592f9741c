import { ChangeDetectionStrategy, Component, signal, type WritableSignal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzPopconfirmDirective } from 'ng-zorro-antd/popconfirm';
import { NzTabComponent, NzTabsComponent } from 'ng-zorro-antd/tabs';
import { NzTagComponent } from 'ng-zorro-antd/tag';
import { Choice } from '../src/ui/choice';
import { DateField } from '../src/ui/date-field';
import { FileField } from '../src/ui/file-field';
import { FormItem } from '../src/ui/form-item';
import { Hint } from '../src/ui/hint';
import { Notice } from '../src/ui/notice';
import { MENU } from '../src/ui/nz/menu';
import { PopconfirmA11y } from '../src/ui/nz/popconfirm-a11y';
import { TabsA11y } from '../src/ui/nz/tabs-a11y';
import { Opened } from '../src/ui/opened';
import { PickField } from '../src/ui/pick-field';
import { ProgressBar } from '../src/ui/progress-bar';
import { QuantityField } from '../src/ui/quantity-field';
import { ScaleField } from '../src/ui/scale-field';
import { Steps } from '../src/ui/steps';
import { SwitchField } from '../src/ui/switch-field';
import { TablePick } from '../src/ui/table-pick';
import { Tick } from '../src/ui/tick';

const STOVES = ['Canister stove', 'Remote canister stove', 'Alcohol stove', 'Tablet tray', 'Wood box'];
const MANY = Array.from({ length: 20 }, (_, i) => ({ value: `dish-${i}`, label: `Dish ${i}` }));

/** Every control, for developers and for the tests: bound to values that are kept, unless “Refuse every change” is on. Not shipped. */
@Component({
  selector: 'app-root',
  imports: [
    Choice,
    DateField,
    FileField,
    FormItem,
    Hint,
    MENU,
    Notice,
    NzButtonComponent,
    NzPopconfirmDirective,
    NzTabComponent,
    NzTabsComponent,
    NzTagComponent,
    Opened,
    PickField,
    PopconfirmA11y,
    ProgressBar,
    QuantityField,
    ScaleField,
    Steps,
    SwitchField,
    TablePick,
    TabsA11y,
    Tick,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './controls-page.html',
  styles: `
    :host {
      display: block;
      max-width: 45rem;
      padding: 1rem;
    }
    .line {
      display: grid;
      grid-template-columns: 7.5rem minmax(0, 1fr);
      gap: 0.5rem;
      align-items: center;
      min-height: 2.75rem;
    }
    h1 {
      font-size: 1.75rem;
    }
  `,
})
export class ControlsPage {
  protected readonly stoves = STOVES.map((label) => ({ value: label, label }));
  protected readonly many = MANY;
  protected readonly waters = [
    { value: 'stream', label: 'Stream' },
    { value: 'snow', label: 'Snow' },
  ] as const;

  protected readonly refuses = signal(false);
  protected readonly stove = signal(STOVES[0]);
  protected readonly dish = signal('dish-3');
  protected readonly water = signal<'stream' | 'snow'>('stream');
  protected readonly lid = signal(true);
  protected readonly airC = signal(8);
  protected readonly waterMl = signal(600);
  protected readonly day = signal('2027-08-16');
  protected readonly bottle = signal(false);
  protected readonly sides = [
    { value: 'leg', label: 'This leg' },
    { value: 'legs', label: 'All legs' },
    { value: 'shop', label: 'Shopping' },
  ] as const;
  protected readonly side = signal('leg');
  protected readonly chosen = signal('nothing yet');

  /** Keeps a value, unless every change is refused. */
  protected take<T>(of: WritableSignal<T>, value: T): void {
    if (!this.refuses()) of.set(value);
  }

  protected turnLight(): void {
    const { dataset } = document.documentElement;
    dataset['theme'] = dataset['theme'] === 'day' ? 'headlamp' : 'day';
  }
}
