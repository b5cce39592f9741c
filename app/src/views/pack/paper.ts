import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  DOCUMENT,
  effect,
  type ElementRef,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { WorkspaceStore } from '../../store/workspace-store';
import { today } from '../../ui/today';

export const PAPER_SIZES = ['A4', 'Letter', 'A6'] as const;
export type PaperSize = (typeof PAPER_SIZES)[number];

/** What is left of a card inside its margins of 5 mm, and a CSS millimetre. */
const A6_INK_MM = { wide: 95, high: 138 };
const PX_PER_MM = 96 / 25.4;

/** As a style sheet knows it: A6 has no name there. */
const CSS_SIZE: Record<PaperSize, string> = { A4: 'A4', Letter: 'letter', A6: '105mm 148mm' };

const PAGE_STYLE_ID = 'page-size';

/** A sheet of paper on the screen, as wide as it is in the hand; printed it is the page itself, black on white. */
@Component({
  selector: 'app-paper',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="sheet {{ size() }}">
      <div #inside>
        <p class="of">
          <span>{{ trip().name }}</span> <span>{{ printedOn }}</span>
        </p>
        <ng-content />
      </div>
    </div>
    @if (sides() > 1) {
      <p class="no-print" role="status">It takes {{ sides() === 2 ? 'both sides' : sides() + ' sides' }} of the paper.</p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .sheet {
      --ground: #fff;
      --field: #fff;
      --ground-sunk: #fff;
      --ink: #000;
      --ink-quiet: #333;
      --hairline: #999;
      --ember-text: #000;
      --lichen-text: #000;
      --glacier: #000;
      box-sizing: border-box;
      max-width: 100%;
      padding: 6mm;
      border: 1px solid #999;
      background: #fff;
      color: #000;
      line-height: 1.2;
    }
    .of {
      display: flex;
      justify-content: space-between;
      gap: 4mm;
      margin: 0 0 1mm;
      color: var(--ink-quiet);
    }
    .A6 {
      width: 105mm;
      min-height: 148mm;
      padding: 5mm;
      font-size: 9pt;
    }
    .A4 {
      width: 210mm;
      min-height: 120mm;
      padding: 12mm;
      font-size: 10pt;
    }
    .Letter {
      width: 215.9mm;
      min-height: 120mm;
      padding: 12mm;
      font-size: 10pt;
    }
    /* white paper would blind who reads by headlamp */
    @media screen {
      :host-context([data-theme='headlamp']) .sheet {
        filter: invert(0.95) sepia(1) brightness(0.7);
      }
    }
    @media print {
      .sheet {
        width: auto;
        min-height: 0;
        padding: 0;
        border: 0;
      }
    }
  `,
})
export class Paper {
  readonly size = input.required<PaperSize>();
  protected readonly trip = inject(WorkspaceStore).trip;
  protected readonly printedOn = today();
  private readonly inside = viewChild.required<ElementRef<HTMLElement>>('inside');
  private readonly inked = signal({ widthPx: 0, heightPx: 0 });
  /** Sides that a small card takes, as far as the screen is as wide as the card. */
  protected readonly sides = computed(() => {
    const { widthPx, heightPx } = this.inked();
    const isWide = this.size() === 'A6' && widthPx > 0.98 * A6_INK_MM.wide * PX_PER_MM;
    return isWide ? Math.ceil(heightPx / (A6_INK_MM.high * PX_PER_MM)) : 1;
  });

  constructor() {
    const document = inject(DOCUMENT);
    const destroyed = inject(DestroyRef);
    effect(() => {
      if (typeof ResizeObserver === 'undefined') return;
      const observer = new ResizeObserver(([{ contentRect }]) =>
        this.inked.set({ widthPx: contentRect.width, heightPx: contentRect.height }),
      );
      observer.observe(this.inside().nativeElement);
      destroyed.onDestroy(() => observer.disconnect());
    });
    // only a style of the document itself can say how large a page is
    effect(() => {
      const size = this.size();
      const style = document.getElementById(PAGE_STYLE_ID) ?? document.head.appendChild(document.createElement('style'));
      style.id = PAGE_STYLE_ID;
      style.textContent = `@page { size: ${CSS_SIZE[size]}; margin: ${size === 'A6' ? 5 : 12}mm; }`;
    });
  }
}
