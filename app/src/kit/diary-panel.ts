import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { DateField } from '../ui/date-field';
import { today } from '../ui/today';
import { KitStudy } from './kit-study';

/** What was carried when, and why it was changed. */
@Component({
  selector: 'app-diary-panel',
  imports: [DateField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">what I carried, and why I changed it</h2>
    <div class="new">
      <span class="on">
        <label class="quiet" for="diary-date">on</label>
        <app-date-field fieldId="diary-date" [value]="date()" (valueChange)="date.set($event)" />
      </span>
      <label
        ><span class="quiet">with {{ study.kit()?.name ?? 'no kit' }}, because</span
        ><input
          class="ant-input left"
          maxlength="300"
          [value]="words()"
          (input)="words.set($any($event.target).value)"
          (keydown.enter)="add()"
      /></label>
      <button class="ant-btn word" type="button" [disabled]="!date() || !words().trim() || !study.kit()" (click)="add()">
        write it down
      </button>
    </div>
    <ol>
      @for (e of entries(); track e.id) {
        <li>
          <b>{{ e.date }}</b> <span class="kit">{{ e.kitName }}</span>
          <p>{{ e.words }}</p>
          <button class="ant-btn word" type="button" [attr.aria-label]="'strike out the entry of ' + e.date" (click)="strike(e.id)">
            strike out
          </button>
        </li>
      } @empty {
        <li class="quiet">Nothing written yet. A line now saves the same mistake in two years.</li>
      }
    </ol>
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    :host {
      max-width: 860px;
    }
    .new {
      display: grid;
      grid-template-columns: max-content minmax(0, 1fr) max-content;
      gap: 4px 20px;
      align-items: end;
      margin: 6px 0 12px;
    }
    label span {
      display: block;
      font-size: 13px;
    }
    input.left {
      text-align: left;
    }
    ol {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: 92px 200px minmax(0, 1fr) max-content;
      gap: 0 16px;
      padding: 4px 0;
      border-bottom: 1px solid var(--hairline);
    }
    li.quiet {
      display: block;
    }
    .kit {
      font-weight: 600;
    }
    p {
      margin: 0;
    }
    @media (max-width: 700px) {
      .new,
      li {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class DiaryPanel {
  protected readonly study = inject(KitStudy);
  protected readonly date = signal(today());
  protected readonly words = signal('');
  protected readonly entries = computed(() => [...this.study.rack().diary].sort((a, b) => b.date.localeCompare(a.date)));

  protected add(): void {
    const kitName = this.study.kit()?.name;
    const words = this.words().trim();
    const date = this.date();
    if (!kitName || !words || !date) return;
    this.study.editRack('diary', (r) => ({ ...r, diary: [...r.diary, { id: crypto.randomUUID(), date, kitName, words }] }));
    this.words.set('');
  }

  protected strike(id: string): void {
    this.study.editRack('strike out', (r) => ({ ...r, diary: r.diary.filter((e) => e.id !== id) }));
  }
}
