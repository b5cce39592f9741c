import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS } from '@tinder/core/domain/model';
import { writeCsv } from '@tinder/core/output/tables';
import { Sides } from '../../commands/sides';
import { downloadPicture } from '../../platform/export-figure';
import { downloadCalendar, downloadMarkdown, downloadPacked, downloadTable } from '../../store/trip-files';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { Icon } from '../../ui/icon';
import { MENU } from '../../ui/nz/menu';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { packMarkdown } from '../../words/pack-markdown';
import { GROUP_WORDS, packItemWords, PLACE_WORDS, taskWords } from '../../words/pack-words';
import { Units } from '../../words/units';
import { BriefPanel } from './brief-panel';
import { CardPanel } from './card-panel';
import { LabelsPanel } from './labels-panel';
import { ListPanel } from './list-panel';
import { MakePanel } from './make-panel';
import { OnePagePanel } from './one-page-panel';
import { listPicture } from './list-picture';
import { AppUpdates } from '../../platform/app-updates';
import { PackAnswer } from './pack-answer';
import { PackStudy } from './pack-study';
import { Paper, PAPER_SIZES, type PaperSize } from './paper';
import { StopsPanel } from './stops-panel';

const SIDES = [
  { value: 'list', label: 'Packing list' },
  { value: 'card', label: 'Stove card' },
  { value: 'page', label: 'One page' },
  { value: 'stops', label: 'Home and resupply' },
  { value: 'brief', label: 'Safety' },
  { value: 'labels', label: 'Labels' },
  { value: 'make', label: 'Templates' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Pack: what was decided, on paper and in the hand. */
@Component({
  selector: 'app-pack-view',
  imports: [
    BriefPanel,
    CardPanel,
    Choice,
    LabelsPanel,
    ListPanel,
    MakePanel,
    Icon,
    MENU,
    NgTemplateOutlet,
    NzButtonComponent,
    OnePagePanel,
    PackAnswer,
    Paper,
    PickField,
    QuantityField,
    Sides,
    StopsPanel,
    StudyNote,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Pack</h1>
    <div class="tools">
      <app-sides
        label="What to take out of the screen"
        panelId="pack-side"
        [options]="sides"
        [value]="side()"
        (valueChange)="side.set($event)"
      />
      <div class="acts no-print">
        @if (side() === 'list') {
          <button nz-button type="button" (click)="study.untick()">Untick all</button>
        }
        @if (side() !== 'card') {
          <app-choice label="Paper" [options]="papers" [value]="paper()" (valueChange)="paper.set($event)" />
        }
        <button nz-button type="button" [disabled]="!ready()" (click)="print()">Print</button>
        <button nz-button nz-dropdown type="button" nzTrigger="click" [nzDropdownMenu]="menu" [disabled]="!study.asked.fresh()">
          Export<app-icon name="down" />
        </button>
        <nz-dropdown-menu #menu="nzDropdownMenu">
          <ul nz-menu>
            @for (f of files; track f.name) {
              <li nz-menu-item appMenuItem (chosen)="f.save()">{{ f.name }}</li>
            }
          </ul>
        </nz-dropdown-menu>
      </div>
    </div>
    @if (ofDeparture()) {
      <div class="bar no-print">
        <span class="departure">
          <app-pick-field label="Departure" [options]="study.stops()" [value]="study.stopId()" (valueChange)="study.choose($event)" />
        </span>
        <ng-container [ngTemplateOutlet]="cup" />
      </div>
    }
    @if (side() === 'labels') {
      <div class="bar no-print"><ng-container [ngTemplateOutlet]="cup" /></div>
    }
    <ng-template #cup>
      <span class="mark">
        <span class="name">One mark of the cup</span>
        <app-quantity-field
          label="One mark of the cup"
          quantity="volume"
          placeholder="no cup"
          [value]="trip().cupMarkMl"
          [limits]="markLimits"
          (valueChange)="mark($event)"
        />
        @if (trip().cupMarkMl !== null) {
          <button nz-button nzSize="small" type="button" (click)="mark(null)">No cup</button>
        }
      </span>
    </ng-template>
    <app-study-note [study]="study.asked" />
    @if (side() === 'card' || side() === 'page') {
      <app-study-note [study]="study.wires" />
    }
    @if (!study.packed() && !study.asked.problem()) {
      <p class="quiet">Weighing everything…</p>
    }
    <div
      id="pack-side"
      role="tabpanel"
      [class.stale]="study.packed() && !study.asked.fresh()"
      [class.one-look]="side() === 'list'"
      [attr.aria-labelledby]="'pack-side-' + side()"
    >
      @switch (study.packed() ? side() : undefined) {
        @case ('list') {
          <app-list-panel />
          <app-pack-answer class="answer" />
        }
        @case ('card') {
          <app-paper size="A6"><app-card-panel /></app-paper>
        }
        @case ('page') {
          <app-paper [size]="paper()"><app-one-page-panel /></app-paper>
        }
        @case ('brief') {
          <app-paper [size]="paper()"><app-brief-panel /></app-paper>
        }
        @case ('stops') {
          <app-paper [size]="paper()"><app-stops-panel /></app-paper>
        }
        @case ('labels') {
          <app-paper [size]="paper()"><app-labels-panel /></app-paper>
        }
        @case ('make') {
          <app-paper [size]="paper()"><app-make-panel /></app-paper>
        }
      }
    </div>
  `,
  styleUrls: ['../../commands/sides-view.less', '../../parts/answer/one-look.less'],
  styles: `
    .bar {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 1.125rem;
      align-items: baseline;
      margin: 0.375rem 0;
    }
    .mark {
      display: grid;
      grid-template-columns: max-content 5.25rem max-content;
      gap: 0.625rem;
      align-items: baseline;
    }
    .mark .name {
      color: var(--ink-quiet);
    }
    .departure {
      display: grid;
      grid-template-columns: max-content minmax(7.5rem, 16.25rem);
      gap: 0.75rem;
      align-items: baseline;
    }
  `,
})
export class PackView {
  protected readonly study = inject(PackStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  private readonly updates = inject(AppUpdates);
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('list');
  protected readonly papers = PAPER_SIZES.filter((p) => p !== 'A6').map((value) => ({ value, label: value }));
  protected readonly paper = signal<PaperSize>('A4');

  protected readonly markLimits = LIMITS.cupMarkMl;
  protected readonly trip = this.store.trip;
  /** One departure is looked at, chosen over the paper. */
  protected readonly ofDeparture = computed(() => this.side() === 'card' || this.side() === 'page');
  /** Nothing is printed that is still being reckoned. */
  protected readonly ready = computed(
    () => this.study.asked.fresh() && (this.study.wires.fresh() || (this.side() !== 'card' && this.side() !== 'page')),
  );
  protected readonly files = [
    { name: 'Export lists (CSV)', save: () => this.csv() },
    { name: 'Export lists (JSON)', save: () => this.json() },
    { name: 'Export this list (PNG)', save: () => void this.png() },
    { name: 'Export everything (Markdown)', save: () => this.markdown() },
    { name: 'Export home and post days (calendar)', save: () => this.calendar() },
  ];

  protected mark(cupMarkMl: number | null): void {
    this.store.editTripWith('cup mark', { cupMarkMl });
  }

  protected json(): void {
    const packed = this.study.packed();
    if (packed) downloadPacked(this.trip(), packed);
  }

  protected async png(): Promise<void> {
    const list = this.study.list();
    if (list) await downloadPicture('packing-list', listPicture(list, this.units));
  }

  protected print(): void {
    window.print();
  }

  protected markdown(): void {
    const packed = this.study.packed();
    if (!packed) return;
    const trip = this.trip();
    downloadMarkdown(trip, packMarkdown(trip.name, packed, this.units));
  }

  protected csv(): void {
    const rows = (this.study.packed()?.lists ?? []).flatMap((l) =>
      l.items.map((i) => [l.carry.from, GROUP_WORDS[i.group], packItemWords(i, this.units), PLACE_WORDS[i.place], +i.massG.toFixed(1)]),
    );
    downloadTable('packing-lists', writeCsv(['Leaving', 'Group', 'Item', 'Where', 'Weight, g'], rows));
  }

  protected calendar(): void {
    const also = (this.study.packed()?.work ?? [])
      // the posting days are in it already
      .filter((w) => w.task.code !== 'post')
      .map((w) => ({ id: `home-${w.id}`, date: w.by, title: taskWords(w.task, this.units), about: '' }));
    downloadCalendar(this.store.trip(), new Date(), also).catch((e: unknown) => this.updates.partIsGone(e));
  }
}
