import type { ElementRef } from '@angular/core';
import { ChangeDetectionStrategy, Component, computed, effect, inject, linkedSignal, signal, viewChild } from '@angular/core';
import { packingSteps } from '@tinder/core/kit';
import type { RackKit } from '@tinder/core/model';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { RESTING, study } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { downloadFigurePng, downloadFigureSvg } from '../platform/export-figure';
import { StudyNote } from '../ui/study-note';
import { Units } from '../words/units';
import { cutaway, type DrawnPiece } from '../charts/cutaway-geometry';
import { misfitWords, sizeText } from '../words/kit-words';
import { KitStudy } from './kit-study';

const DRAWING = { width: 200, height: 210, left: 70, right: 76, top: 44, bottom: 30 };
const STEP_MS = 900;
const HOW = { rolled: 'rolled along the wall', set: '', stuffed: 'stuffed into the gaps' };

/** The cutaway: the pot to scale with everything nested in it, packed step by step; and how the kit stands when it cooks. */
@Component({
  selector: 'app-nest-panel',
  imports: [NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">what goes into the pot</h2>
    <app-study-note [study]="nests" />
    @if (drawn(); as d) {
      <svg
        #figure
        [attr.viewBox]="'0 0 ' + boxWidth + ' ' + (D.top + d.root.height + D.bottom)"
        [attr.width]="boxWidth"
        [attr.height]="D.top + d.root.height + D.bottom"
        role="img"
        [attr.aria-label]="spoken()"
      >
        <g [attr.transform]="'translate(' + (D.left + D.width / 2) + ',' + (D.top + d.root.height) + ')'">
          @for (r of d.rolled; track r.id) {
            @if (r.step <= shown()) {
              <rect
                class="sheet"
                [attr.x]="-d.root.innerWidth / 2 + r.inset"
                [attr.y]="-d.root.floor - r.height"
                [attr.width]="r.wall"
                [attr.height]="r.height"
              />
              <rect
                class="sheet"
                [attr.x]="d.root.innerWidth / 2 - r.inset - r.wall"
                [attr.y]="-d.root.floor - r.height"
                [attr.width]="r.wall"
                [attr.height]="r.height"
              />
            }
          }
          @for (p of d.pieces; track p.id) {
            <g class="piece" [class.away]="p.step > shown()" [class]="p.role">
              @if (p.wall) {
                <path class="vessel" [attr.d]="cup(p.x, p.y, p.width, p.height)" />
              } @else {
                <path class="body" [attr.d]="body(p)" />
              }
              <text class="step" [attr.x]="p.x + p.width / 2" [attr.y]="p.wall ? p.y + 14 : p.y + p.height / 2 + 5" text-anchor="middle">
                {{ p.step }}
              </text>
            </g>
          }
          <path
            class="pot"
            [attr.d]="cup(-d.root.width / 2, -d.root.height, d.root.width, d.root.height)"
            [attr.stroke-width]="d.root.side + 1"
          />
          @if (lid()) {
            <path class="pot lid" [class.away]="shown() < last()" [attr.d]="lidPath(d.root.width, d.root.height)" />
          }
          <g class="dims">
            <line [attr.x1]="-d.root.innerWidth / 2" [attr.x2]="d.root.innerWidth / 2" y1="14" y2="14" />
            <text x="0" y="27" text-anchor="middle">{{ dims().across }}</text>
            <line
              [attr.x1]="-d.root.width / 2 - 12"
              [attr.x2]="-d.root.width / 2 - 12"
              [attr.y1]="-d.root.floor"
              [attr.y2]="-d.root.floor - d.root.innerHeight"
            />
            <text [attr.x]="-d.root.width / 2 - 18" [attr.y]="-d.root.height / 2" text-anchor="end">{{ dims().high }}</text>
            <line
              class="full"
              [attr.x1]="d.root.width / 2 + 4"
              [attr.x2]="d.root.width / 2 + 16"
              [attr.y1]="-d.root.floor - d.full"
              [attr.y2]="-d.root.floor - d.full"
            />
            <text [attr.x]="d.root.width / 2 + 18" [attr.y]="-d.root.floor - d.full + 4">{{ dims().free }}</text>
          </g>
        </g>
      </svg>
      <p class="acts">
        <button nz-button class="word" type="button" [disabled]="shown() === 0" (click)="to(shown() - 1)">a step back</button>
        <button nz-button class="word" type="button" [disabled]="shown() === last()" (click)="to(shown() + 1)">next step</button>
        <button nz-button class="word" type="button" (click)="play()">{{ playing() ? 'stop' : 'pack it from the start' }}</button>
        <button nz-button class="word" type="button" (click)="saveSvg()">SVG</button>
        <button nz-button class="word" type="button" (click)="savePng()">PNG</button>
      </p>
      <ol aria-label="packing order">
        @for (s of steps(); track s.id) {
          <li [class.now]="$index + 1 === shown() && shown() < last()">
            <span
              ><b>{{ $index + 1 }}</b> {{ s.name }} <span class="quiet">{{ s.size }}{{ s.more }}</span></span
            >
            <button nz-button class="word" type="button" [attr.aria-label]="'keep ' + s.name + ' outside'" (click)="keep(s.id, true)">
              keep out
            </button>
            @if (s.quirk) {
              <span class="quirk">{{ s.quirk }}</span>
            }
          </li>
        }
      </ol>
      <h3 class="sign">outside</h3>
      <ul>
        @for (m of outside(); track m.id) {
          <li>
            <span
              >{{ m.name }} <span class="quiet">{{ m.words }}</span></span
            >
            @if (m.kept) {
              <button nz-button class="word" type="button" [attr.aria-label]="'let ' + m.name + ' in'" (click)="keep(m.id, false)">
                let it in
              </button>
            }
          </li>
        } @empty {
          <li class="quiet">nothing: all of it fits.</li>
        }
      </ul>
      <p class="quiet">{{ roomWords() }}</p>
    } @else if (nests.problem()) {
      <p class="quiet">What goes into what is not known.</p>
    } @else if (busy()) {
      <p class="quiet">working it out…</p>
    } @else {
      <p class="quiet">Nothing in this kit is hollow: add a pot with its inner measures, and see what goes into it.</p>
    }
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    svg {
      display: block;
      max-width: 100%;
      height: auto;
    }
    .pot {
      fill: none;
      stroke: var(--ink);
      stroke-linejoin: round;
    }
    .lid {
      stroke-width: 3;
      transition: opacity 300ms;
    }
    .vessel {
      fill: none;
      stroke: var(--ink-quiet);
      stroke-width: 2;
    }
    .body {
      fill: var(--hill-foot);
      stroke: var(--hill-line);
      stroke-width: 1.5;
    }
    .container .body {
      fill: var(--ember-pale);
      stroke: var(--ember);
    }
    .burner .body {
      fill: var(--hill-top);
    }
    .sheet {
      fill: var(--hill-line);
    }
    .piece {
      transition:
        opacity 300ms,
        transform 500ms ease-in;
    }
    .away {
      opacity: 0;
    }
    .piece.away {
      transform: translateY(-120px);
    }
    .step {
      font: 700 15px var(--signs);
      paint-order: stroke;
      stroke: var(--ground);
      stroke-width: 3px;
    }
    .dims line {
      stroke: var(--ink-quiet);
      stroke-width: 1;
    }
    .dims .full {
      stroke-dasharray: 3 2;
    }
    ol,
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      padding: 1px 0;
      border-bottom: 1px solid var(--hairline);
      line-height: 1.3;
    }
    li.now {
      box-shadow: inset 3px 0 var(--ember);
      padding-left: 8px;
    }
    ol li,
    ul li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 0 10px;
    }
    .quirk {
      grid-column: 1 / -1;
      color: var(--ember-text);
      font-size: 13px;
    }
    h3 {
      margin-top: 8px;
    }
    p {
      margin: 4px 0;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0 16px;
    }
  `,
})
export class NestPanel {
  private readonly study = inject(KitStudy);
  private readonly units = inject(Units);
  private readonly figure = viewChild<ElementRef<SVGSVGElement>>('figure');
  private readonly worker = inject(StudyWorker);
  protected readonly nests = study(
    RESTING,
    () => {
      const built = this.study.built();
      return built && { built, rack: this.study.rack() };
    },
    ({ built, rack }, { signal }) => this.worker.ask('nest', { rack }, { kitId: built.kit.id }, signal),
  );
  private timer: ReturnType<typeof setInterval> | undefined;

  protected readonly D = DRAWING;
  protected readonly boxWidth = DRAWING.left + DRAWING.width + DRAWING.right;
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
        DRAWING.width,
        DRAWING.height,
      )
    );
  });
  protected readonly lid = computed(() => this.pieces().some((p) => p.role === 'lid'));
  protected readonly steps = computed(() =>
    this.order().map((s) => {
      const piece = this.piece(s.id);
      const into = s.into === this.nest()?.root ? '' : ` into the ${this.piece(s.into)?.name ?? ''}`;
      return {
        id: s.id,
        name: piece?.name ?? '',
        size: piece ? sizeText(piece.shape, this.units) : '',
        more: `${into}${HOW[s.how] ? `, ${HOW[s.how]}` : ''}`,
        quirk: piece?.quirk?.step === 'packing' ? piece.quirk.words : '',
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
  protected readonly roomWords = computed(() => {
    const nest = this.nest();
    if (!nest) return '';
    const room = this.units.text(nest.freeMl, 'volume');
    return nest.freeMl > 30
      ? `${room} of room is left between them: a cloth keeps it from rattling.`
      : `${room} of room is left: it will not rattle.`;
  });
  protected readonly spoken = computed(() => {
    const steps = this.steps().map((s) => s.name);
    return steps.length ? `The pot cut open, from the bottom: ${steps.join(', ')}` : 'The pot cut open, empty';
  });
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
    const svg = this.figure()?.nativeElement;
    if (svg) downloadFigureSvg(svg, 'nest');
  }

  protected savePng(): void {
    const svg = this.figure()?.nativeElement;
    if (svg) void downloadFigurePng(svg, 'nest');
  }

  /** The outline of an open vessel. */
  protected cup(x: number, y: number, width: number, height: number): string {
    return `M${x},${y} V${y + height - 6} q0,6 6,6 H${x + width - 6} q6,0 6,-6 V${y}`;
  }

  /** A can has a domed shoulder and a collar, everything else is drawn as its box. */
  protected body({ x, y, width, height, role }: DrawnPiece): string {
    if (role !== 'container') return `M${x + 1},${y + 1} h${width - 2} v${height - 2} h${2 - width}Z`;
    const shoulder = Math.min(14, height / 3);
    const half = width / 2;
    return `M${x + 1},${y + height - 1} V${y + shoulder} Q${x + 1},${y + 5} ${x + half - 9},${y + 4} v-3 h18 v3 Q${x + width - 1},${y + 5} ${x + width - 1},${y + shoulder} V${y + height - 1}Z`;
  }

  protected lidPath(width: number, height: number): string {
    return `M${-width / 2 - 3},${-height - 5} H${width / 2 + 3} M-9,${-height - 5} v-7 h18 v7`;
  }

  private piece(id: string) {
    return this.pieces().find((p) => p.id === id);
  }

  private stop(): void {
    clearInterval(this.timer);
    this.playing.set(false);
  }
}
