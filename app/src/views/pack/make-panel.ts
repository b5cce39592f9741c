import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS, type CutMeasures } from '@tinder/core/domain/model';
import type { Pattern } from '@tinder/core/output/pack';
import { download } from '../../platform/download';
import { QuantityField } from '../../ui/quantity-field';
import { MATERIAL_WORDS, measuresWords, PATTERN_WORDS } from '../../words/pack-words';
import { Units } from '../../words/units';
import { PackStudy } from './pack-study';
import { RULE_MM, sheetSvg, tilesOf } from './pattern-svg';

/** What can be cut for this very pot and bottle, at 1:1, with a rule to check the printer by. */
@Component({
  selector: 'app-make-panel',
  imports: [NzButtonComponent, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="fields no-print">
      @for (f of fields(); track f.name) {
        <span class="name">{{ f.name }}</span>
        <app-quantity-field [label]="f.name" quantity="length" [value]="f.value" [limits]="limit" (valueChange)="f.set($event)" />
      }
    </div>
    <p class="no-print quiet">Print at 100 %, without fitting to the page; the rule must measure 100 mm.</p>
    @for (p of patterns(); track p.key) {
      <section>
        <h2>{{ p.name }}</h2>
        <p>{{ p.measures }}</p>
        <p class="no-print"><button nz-button nzSize="small" type="button" (click)="save(p.pattern)">As SVG at 1:1</button></p>
        @for (t of p.tiles; track t.key) {
          <figure>
            <svg
              [attr.width]="t.widthMm + 'mm'"
              [attr.height]="t.heightMm + 'mm'"
              [attr.viewBox]="t.viewBox"
              role="img"
              [attr.aria-label]="p.name + t.spoken"
            >
              @for (c of p.pattern.cuts; track c) {
                <path class="cut" [attr.d]="c" />
              }
              @for (f of p.pattern.folds; track f) {
                <path class="fold" [attr.d]="f" />
              }
              @for (k of p.pattern.ticks; track k.yMm) {
                <path class="cut" [attr.d]="'M0,' + k.yMm + ' h' + k.lengthMm" />
                <text [attr.x]="k.lengthMm + 0.8" [attr.y]="k.yMm + 1">{{ k.text }}</text>
              }
            </svg>
            @if (p.tiles.length > 1) {
              <figcaption>{{ t.caption }}</figcaption>
            }
          </figure>
        }
        <svg
          class="rule"
          [attr.width]="rule + 2 + 'mm'"
          height="8mm"
          [attr.viewBox]="'-1 0 ' + (rule + 2) + ' 8'"
          role="img"
          aria-label="A rule of 100 mm"
        >
          <path class="rule-line" [attr.d]="'M0,4 h' + rule" />
          <path class="cut" [attr.d]="'M0,1 v6 M' + rule + ',1 v6 M' + rule / 2 + ',2 v4'" />
          <text x="3" y="3.2">100 mm on paper</text>
        </svg>
        @for (c of p.cautions; track c) {
          <p>{{ c }}</p>
        }
      </section>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .fields {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(9.375rem, max-content) 5.625rem);
      gap: 2px 0.875rem;
      align-items: baseline;
    }
    // a pattern may be longer than a page: its parts are kept whole, not all of it
    section {
      margin-bottom: 8mm;
    }
    h2 {
      margin: 0;
      break-after: avoid;
      font: 700 1.2em/1.2 var(--signs);
    }
    p {
      margin: 1mm 0;
    }
    figure {
      margin: 2mm 0;
    }
    svg {
      display: block;
      overflow: visible;
    }
    .cut {
      fill: none;
      stroke: #000;
      stroke-width: 0.25;
    }
    .fold {
      fill: none;
      stroke: #000;
      stroke-width: 0.25;
      stroke-dasharray: 2 1.5;
    }
    .rule-line {
      stroke: #000;
      stroke-width: 0.3;
    }
    text {
      font-size: 2.6px;
    }
    // a screen may be narrower than what is cut: there it is drawn smaller, on paper never
    @media screen {
      svg {
        max-width: 100%;
        height: auto;
      }
    }
    @media print {
      figure {
        break-inside: avoid;
      }
    }
  `,
})
export class MakePanel {
  private readonly study = inject(PackStudy);
  private readonly units = inject(Units);
  protected readonly limit = LIMITS.cutMm;
  protected readonly rule = RULE_MM;
  /** Widest piece that fits between the margins of a sheet, mm. */
  private readonly page = signal({ widthMm: 184, heightMm: 230 });

  protected readonly fields = computed(() => {
    const cut = this.study.cut();
    const line = (name: string, value: number, change: (mm: number) => Partial<CutMeasures>) => ({
      name,
      value,
      set: (mm: number) => this.study.recut(change(mm)),
    });
    return [
      line('gap to the pot', cut.gapMm, (gapMm) => ({ gapMm })),
      line('flame to pot', cut.potGapMm, (potGapMm) => ({ potGapMm })),
      line('stove height', cut.burnerHeightMm, (burnerHeightMm) => ({ burnerHeightMm })),
      line('cone wider at foot by', cut.flareMm, (flareMm) => ({ flareMm })),
      line('foam', cut.foamMm, (foamMm) => ({ foamMm })),
      line('bottle, inside at foot', cut.vessel.footMm, (footMm) => ({ vessel: { ...cut.vessel, footMm } })),
      line('bottle, inside at top', cut.vessel.topMm, (topMm) => ({ vessel: { ...cut.vessel, topMm } })),
      line('bottle, inside height', cut.vessel.heightMm, (heightMm) => ({ vessel: { ...cut.vessel, heightMm } })),
    ];
  });
  protected readonly patterns = computed(() =>
    (this.study.packed()?.patterns ?? []).map((pattern, i) => ({
      key: `${pattern.id} ${i}`,
      pattern,
      name: PATTERN_WORDS[pattern.id],
      measures: measuresWords(pattern, this.units),
      tiles: tilesOf(pattern, this.page()),
      cautions: pattern.cautions.map((c) => MATERIAL_WORDS[c]),
    })),
  );

  protected save(pattern: Pattern): void {
    download(`${pattern.id}.svg`, new Blob([sheetSvg(pattern)], { type: 'image/svg+xml' }));
  }
}
