import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { writeCsv } from '@tinder/core/tables';
import { writeIcs } from '@tinder/core/trail';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Sides } from '../commands/sides';
import { download } from '../platform/download';
import { downloadRackTable, tripFileName } from '../store/trip-files';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { PickField } from '../ui/pick-field';
import { StudyNote } from '../ui/study-note';
import { packMarkdown } from '../words/pack-markdown';
import { GROUP_WORDS, packItemWords, PLACE_WORDS, taskWords } from '../words/pack-words';
import { Units } from '../words/units';
import { CardPanel } from './card-panel';
import { LabelsPanel } from './labels-panel';
import { ListPanel } from './list-panel';
import { MakePanel } from './make-panel';
import { PackStudy } from './pack-study';
import { Paper, PAPER_SIZES, type PaperSize } from './paper';
import { StopsPanel } from './stops-panel';

const SIDES = [
  { value: 'list', label: 'the list' },
  { value: 'card', label: 'stove card' },
  { value: 'stops', label: 'home and stops' },
  { value: 'labels', label: 'labels' },
  { value: 'make', label: 'make it' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Pack: what was decided, on paper and in the hand. */
@Component({
  selector: 'app-pack-view',
  imports: [CardPanel, Choice, LabelsPanel, ListPanel, MakePanel, NzButtonComponent, Paper, PickField, Sides, StopsPanel, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Pack</h1>
    <app-sides
      label="What to take out of the screen"
      panelId="pack-side"
      [options]="sides"
      [value]="side()"
      (valueChange)="side.set($event)"
    />
    <div class="bar no-print">
      @if (side() === 'list' || side() === 'card') {
        <span class="departure">
          <app-pick-field label="departure" [options]="study.stops()" [value]="study.stopId()" (valueChange)="study.choose($event)" />
        </span>
      }
      @if (side() !== 'card') {
        <app-choice label="Paper" [options]="papers" [value]="paper()" (valueChange)="paper.set($event)" />
      }
      <button nz-button class="word" type="button" [disabled]="!study.asked.fresh()" (click)="print()">print</button>
      <button nz-button class="word" type="button" [disabled]="!study.asked.fresh()" (click)="csv()">lists as CSV</button>
      <button nz-button class="word" type="button" [disabled]="!study.asked.fresh()" (click)="markdown()">all of it as Markdown</button>
      <button nz-button class="word" type="button" [disabled]="!study.asked.fresh()" (click)="calendar()">
        home and post days, calendar
      </button>
    </div>
    <app-study-note [study]="study.asked" />
    @if (!study.packed() && !study.asked.problem()) {
      <p class="quiet">weighing everything…</p>
    }
    <div
      id="pack-side"
      role="tabpanel"
      [class.stale]="study.packed() && !study.asked.fresh()"
      [attr.aria-labelledby]="'pack-side-' + side()"
    >
      @switch (study.packed() ? side() : undefined) {
        @case ('list') {
          <app-list-panel />
        }
        @case ('card') {
          <app-paper size="A6"><app-card-panel /></app-paper>
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
  styleUrl: '../commands/sides-view.less',
  styles: `
    .bar {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 18px;
      align-items: baseline;
      margin: 6px 0;
    }
    .departure {
      display: grid;
      grid-template-columns: max-content minmax(120px, 260px);
      gap: 12px;
      align-items: baseline;
    }
  `,
})
export class PackView {
  protected readonly study = inject(PackStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('list');
  protected readonly papers = PAPER_SIZES.filter((p) => p !== 'A6').map((value) => ({ value, label: value }));
  protected readonly paper = signal<PaperSize>('A4');
  private readonly work = computed(() => this.study.packed()?.work ?? []);

  protected print(): void {
    window.print();
  }

  protected markdown(): void {
    const packed = this.study.packed();
    if (!packed) return;
    const trip = this.store.trip();
    download(tripFileName(trip, 'md'), new Blob([packMarkdown(trip.name, packed, this.units)], { type: 'text/markdown' }));
  }

  protected csv(): void {
    const rows = (this.study.packed()?.lists ?? []).flatMap((l) =>
      l.items.map((i) => [l.carry.from, GROUP_WORDS[i.group], packItemWords(i, this.units), PLACE_WORDS[i.place], +i.massG.toFixed(1)]),
    );
    downloadRackTable('packing-lists', writeCsv(['out of', 'group', 'what', 'where', 'massG'], rows));
  }

  protected calendar(): void {
    const trip = this.store.trip();
    const stamp = new Date().toISOString().replace(/[-:]|\.\d+/g, '');
    const also = this.work()
      // the posting days are in it already
      .filter((w) => w.task.code !== 'post')
      .map((w) => ({ id: `home-${w.id}`, date: w.by, title: taskWords(w.task, this.units), about: '' }));
    download(tripFileName(trip, 'ics'), new Blob([writeIcs(trip, stamp, also)], { type: 'text/calendar' }));
  }
}
