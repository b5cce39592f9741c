import { ChangeDetectionStrategy, Component, computed, effect, inject, linkedSignal, signal, viewChild } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { packingSteps } from '@tinder/core/domain/kit';
import type { RackKit } from '@tinder/core/domain/model';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { downloadFigurePng, downloadFigureSvg } from '../../platform/export-figure';
import { StudyNote } from '../../ui/study-note';
import { Units } from '../../words/units';
import { cutaway } from '../../charts/cutaway-geometry';
import { misfitWords, sizeText } from '../../words/kit-words';
import { cutawayWords, roomWords } from '../../words/nest-words';
import { KitStudy } from './kit-study';
import { NEST_DRAWING, NestDrawing } from './nest-drawing';
import { Hint } from '../../ui/hint';
import { Icon } from '../../ui/icon';
import { MENU } from '../../ui/nz/menu';

const STEP_MS = 900;
const HOW = { rolled: 'rolled along the wall', set: '', stuffed: 'stuffed into the gaps' };

/** The cutaway: the pot to scale with everything nested in it, packed step by step; and how the kit stands when it cooks. */
@Component({
  selector: 'app-nest-panel',
  imports: [Hint, Icon, MENU, NestDrawing, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-study-note [study]="nests" />
    @if (drawn(); as d) {
      <div class="drawn">
        <h2>In the pot, cut open</h2>
        <app-nest-drawing [drawn]="d" [shown]="shown()" [steps]="last()" [lid]="lid()" [dims]="dims()" [spoken]="spoken()" />
        <p class="acts">
          <button nz-button nzSize="small" type="button" [disabled]="shown() === 0" (click)="to(shown() - 1)">Back</button>
          <button nz-button nzSize="small" type="button" [disabled]="shown() === last()" (click)="to(shown() + 1)">Next</button>
          <button nz-button nzSize="small" type="button" (click)="play()">{{ playing() ? 'Stop' : 'Pack from the start' }}</button>
          <button
            nz-button
            nz-dropdown
            nzSize="small"
            type="button"
            nzTrigger="click"
            [nzDropdownMenu]="exports"
            aria-label="Export the drawing"
            title="Export the drawing"
          >
            <app-icon name="more" />
          </button>
          <nz-dropdown-menu #exports="nzDropdownMenu">
            <ul nz-menu>
              <li nz-menu-item appMenuItem (chosen)="saveSvg()">Export drawing (SVG)</li>
              <li nz-menu-item appMenuItem (chosen)="savePng()">Export drawing (PNG)</li>
            </ul>
          </nz-dropdown-menu>
        </p>
      </div>
      <div>
        <h2>In packing order</h2>
        <ol aria-label="Packing order">
          @for (s of steps(); track s.id) {
            <li [class.now]="$index + 1 === shown() && shown() < last()">
              <span [title]="s.size"
                ><b>{{ $index + 1 }}</b> {{ s.name }} <span class="quiet">{{ s.more }}</span></span
              >
              <button nz-button nzSize="small" type="button" [attr.aria-label]="'Keep outside: ' + s.name" (click)="keep(s.id, true)">
                Keep outside
              </button>
              @if (s.quirk) {
                <span class="quirk">{{ s.quirk }}</span>
              }
            </li>
          }
        </ol>
        <p class="quiet">{{ room() }}</p>
      </div>
      <div>
        <h2 appHint="outside">Outside the pot</h2>
        <ul>
          @for (m of outside(); track m.id) {
            <li>
              <span
                ><b>{{ m.name }}</b
                >&ngsp;<span class="quiet">{{ m.words }}</span></span
              >
              @if (m.kept) {
                <button nz-button nzSize="small" type="button" [attr.aria-label]="'Put inside: ' + m.name" (click)="keep(m.id, false)">
                  Put inside
                </button>
              }
            </li>
          } @empty {
            <li class="quiet">Nothing: all of it fits.</li>
          }
        </ul>
      </div>
    } @else if (nests.problem()) {
      <p class="quiet">What goes into what is not known.</p>
    } @else if (busy()) {
      <p class="quiet">Working it out…</p>
    } @else {
      <p class="quiet">No pot in this kit yet. Add one with its inner measures, and see what goes into it.</p>
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    :host {
      display: grid;
      grid-template-columns: 20rem minmax(0, 1fr) minmax(0, 0.8fr);
      gap: 0 1.75rem;
      align-items: start;
    }
    @media (max-width: 1000px) {
      :host {
        grid-template-columns: minmax(0, 1fr);
      }
    }
    app-study-note,
    :host > p {
      grid-column: 1 / -1;
    }
    h2 {
      margin: 0 0 0.25rem;
    }
    ol,
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      padding: 0.25rem 0;
      border-top: 1px solid var(--hairline);
      line-height: 1.3;
    }
    li.now {
      box-shadow: inset 3px 0 var(--ember);
      padding-left: 0.5rem;
    }
    ol li,
    ul li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 0 0.625rem;
    }
    .quirk {
      grid-column: 1 / -1;
      color: var(--ember-text);
      font-size: 0.8125rem;
    }
    p {
      margin: 0.25rem 0;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0.375rem;
    }
  `,
})
export class NestPanel {
  private readonly study = inject(KitStudy);
  private readonly units = inject(Units);
  private readonly drawing = viewChild(NestDrawing);
  private readonly worker = inject(StudyWorker);
  protected readonly nests = study(
    RESTING,
    () => {
      const built = this.study.built();
      return built && { built, rack: this.study.rack() };
    },
    ({ built, rack }, run) => this.worker.ask('nest', { rack }, { kitId: built.kit.id }, run),
  );
  private timer: ReturnType<typeof setInterval> | undefined;

  protected readonly playing = signal(false);
  protected readonly busy = computed(() => this.nests.last()?.of.built.kit.id !== this.study.kit()?.id);

  private readonly nest = computed(() => {
    const found = this.busy() ? undefined : this.nests.last()?.answer;
    return found?.ok ? found.value : undefined;
  });
  /** Those that the nest was found for: while an edit is being worked out the drawing stays whole. */
  private readonly pieces = computed(() => this.nests.last()?.of.built.pieces ?? []);
  private readonly order = computed(() => {
    const nest = this.nest();
    return nest ? packingSteps(nest) : [];
  });
  protected readonly last = computed(() => this.order().length);
  /** Steps that are drawn; all of them until the walker goes back or plays. */
  protected readonly shown = linkedSignal(() => this.last());
  protected readonly drawn = computed(() => {
    const nest = this.nest();
    return (
      nest &&
      cutaway(
        nest,
        this.pieces(),
        this.order().map((s) => s.id),
        NEST_DRAWING.width,
        NEST_DRAWING.height,
      )
    );
  });
  protected readonly lid = computed(() => this.pieces().some((p) => p.role === 'lid'));
  protected readonly steps = computed(() =>
    this.order().flatMap(({ id, into, how }) => {
      const piece = this.piece(id);
      if (!piece) return [];
      const { name, shape, shapeAssumed, quirk } = piece;
      const where = into === this.nest()?.root ? '' : `into the ${this.piece(into)?.name ?? ''}`;
      return {
        id,
        name,
        size: sizeText(shape, this.units),
        more: [where, HOW[how], shapeAssumed ? 'size assumed' : ''].filter(Boolean).join(', '),
        quirk: quirk?.step === 'packing' ? quirk.words : '',
      };
    }),
  );
  protected readonly outside = computed(() =>
    (this.nest()?.outside ?? []).map((m) => ({
      id: m.id,
      name: this.piece(m.id)?.name ?? '',
      words: misfitWords(m, this.units),
      kept: m.why === 'kept',
    })),
  );
  protected readonly dims = computed(() => {
    const nest = this.nest();
    const shape = this.piece(nest?.root ?? '')?.shape;
    if (!nest || shape?.kind !== 'vessel') return { across: '', high: '', free: '' };
    const mm = (x: number) => this.units.text(x, 'length');
    return {
      across: `${mm(shape.innerDiameterMm)} inside`,
      high: mm(shape.innerHeightMm),
      free: `${this.units.text(nest.freeHeightMm, 'length', nest.freeHeightMm < 10 ? 1 : 0)} free`,
    };
  });
  protected readonly room = computed(() => roomWords(this.nest()?.freeMl ?? 0, this.units));
  protected readonly spoken = computed(() => cutawayWords(this.steps().map((s) => s.name)));

  constructor() {
    // what plays stops with an edit, and with the panel
    effect((onCleanup) => {
      this.study.built();
      onCleanup(() => this.stop());
    });
  }

  protected to(step: number): void {
    this.stop();
    this.shown.set(step);
  }

  /** Packs it piece by piece; at once where no motion is wanted. */
  protected play(): void {
    if (this.playing()) return this.stop();
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) return this.shown.set(this.shown() === this.last() ? 0 : this.shown() + 1);
    this.shown.set(0);
    this.playing.set(true);
    this.timer = setInterval(() => {
      if (this.shown() >= this.last()) this.stop();
      else this.shown.update((n) => n + 1);
    }, STEP_MS);
  }

  protected keep(id: string, out: boolean): void {
    this.study.editKit(out ? 'keep it outside' : 'let it in', (k: RackKit) => ({
      ...k,
      outside: out ? [...k.outside, id] : k.outside.filter((o) => o !== id),
    }));
  }

  protected saveSvg(): void {
    const svg = this.drawing()?.figure().nativeElement;
    if (svg) downloadFigureSvg(svg, 'nest');
  }

  protected savePng(): void {
    const svg = this.drawing()?.figure().nativeElement;
    if (svg) void downloadFigurePng(svg, 'nest');
  }

  private piece(id: string) {
    return this.pieces().find((p) => p.id === id);
  }

  private stop(): void {
    clearInterval(this.timer);
    this.playing.set(false);
  }
}
