import { ChangeDetectionStrategy, Component, DOCUMENT, effect, inject, input } from '@angular/core';

export const PAPER_SIZES = ['A4', 'Letter', 'A6'] as const;
export type PaperSize = (typeof PAPER_SIZES)[number];

const PAGE_STYLE_ID = 'page-size';

/** A sheet of paper on the screen, as wide as it is in the hand; printed it is the page itself, black on white. */
@Component({
  selector: 'app-paper',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div class="sheet {{ size() }}"><ng-content /></div>`,
  styles: `
    :host {
      display: block;
    }
    .sheet {
      --ground: #fff;
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
    .A6 {
      width: 105mm;
      min-height: 148mm;
      padding: 5mm;
      font-size: 8.5pt;
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
    @media print {
      .sheet {
        width: auto;
        min-height: 0;
        padding: 0;
        border: 0;
        break-after: page;
      }
    }
  `,
})
export class Paper {
  readonly size = input.required<PaperSize>();

  constructor() {
    const document = inject(DOCUMENT);
    // only a style of the document itself can say how large a page is
    effect(() => {
      const size = this.size();
      const style = document.getElementById(PAGE_STYLE_ID) ?? document.head.appendChild(document.createElement('style'));
      style.id = PAGE_STYLE_ID;
      style.textContent = `@page { size: ${size}; margin: ${size === 'A6' ? 5 : 12}mm; }`;
    });
  }
}
