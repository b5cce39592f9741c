import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { NzTimelineModule } from 'ng-zorro-antd/timeline';
import { DateField } from '../../ui/date-field';
import { today } from '../../ui/today';
import { KitStudy } from './kit-study';
import { dateText } from '../../words/date-text';

/** What was carried when, and why it was changed. */
@Component({
  selector: 'app-diary-panel',
  imports: [DateField, NzButtonComponent, NzInputDirective, NzTimelineModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Gear log</h2>
    <div class="new">
      <span class="on">
        <label class="quiet" for="diary-date">On</label>
        <app-date-field fieldId="diary-date" [value]="date()" (valueChange)="date.set($event)" />
      </span>
      <label
        ><span class="quiet">With {{ study.kit()?.name ?? 'no kit' }}, because</span
        ><input
          nz-input
          class="left"
          maxlength="300"
          [value]="words()"
          (input)="words.set($any($event.target).value)"
          (keydown.enter)="add()"
      /></label>
      <button nz-button nzSize="small" type="button" [disabled]="!date() || !words().trim() || !study.kit()" (click)="add()">Save</button>
    </div>
    @if (entries().length) {
      <nz-timeline>
        @for (e of entries(); track e.id) {
          <nz-timeline-item>
            <div class="entry">
              <b>{{ dateText(e.date) }}</b> <span class="kit">{{ e.kitName }}</span>
              <p>{{ e.words }}</p>
              <button
                nz-button
                nzSize="small"
                type="button"
                [attr.aria-label]="'Delete the entry of ' + dateText(e.date)"
                (click)="strike(e.id)"
              >
                Delete
              </button>
            </div>
          </nz-timeline-item>
        }
      </nz-timeline>
    } @else {
      <p class="quiet">Nothing written yet. A line now saves the same mistake in two years.</p>
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    :host {
      max-width: 53.75rem;
    }
    .new {
      display: grid;
      grid-template-columns: max-content minmax(0, 1fr) max-content;
      gap: 0.25rem 1.25rem;
      align-items: end;
      margin: 0.375rem 0 0.75rem;
    }
    label span {
      display: block;
      font-size: 0.8125rem;
    }
    input.left {
      text-align: left;
    }
    .entry {
      display: grid;
      grid-template-columns: 5.75rem 12.5rem minmax(0, 1fr) max-content;
      gap: 0 1rem;
      align-items: start;
    }
    .kit {
      font-weight: 600;
    }
    p {
      margin: 0;
    }
    @media (max-width: 700px) {
      .new,
      .entry {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class DiaryPanel {
  protected readonly study = inject(KitStudy);
  protected readonly date = signal(today());
  protected readonly words = signal('');
  protected readonly dateText = dateText;
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
    this.study.editRack('delete an entry', (r) => ({ ...r, diary: r.diary.filter((e) => e.id !== id) }));
  }
}
