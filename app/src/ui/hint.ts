import { DOCUMENT } from '@angular/common';
import { addAriaReferencedId, removeAriaReferencedId } from '@angular/cdk/a11y';
import {
  afterNextRender,
  ApplicationRef,
  computed,
  createComponent,
  Directive,
  ElementRef,
  EnvironmentInjector,
  inject,
  Injectable,
  input,
  signal,
} from '@angular/core';
import type { NzTooltipComponent } from 'ng-zorro-antd/tooltip';
import { setAttrs } from './nz/attrs';
import { narrowScreen } from './wide-screen';

/** How long a finger rests on a word until its hint is shown, ms: what browsers take for a long press (common practice). */
const LONG_PRESS_MS = 500;
/** How long the pointer may take on its way from a word to its hint, ms. */
const GRACE_MS = 200;
const ID = 'hint';

/** The one bubble in which hints are said; it and what words mean are fetched with the first of them. */
@Injectable({ providedIn: 'root' })
class HintBubble {
  private readonly document = inject(DOCUMENT);
  private readonly app = inject(ApplicationRef);
  private readonly injector = inject(EnvironmentInjector);
  private bubble: NzTooltipComponent | undefined;
  private described: Element | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private turn = 0;
  readonly isNarrow = narrowScreen();

  /** Says what `word` means beside `at`; read aloud with `describes`. */
  async show(word: string, at: HTMLElement, describes: Element): Promise<void> {
    const turn = ++this.turn;
    clearTimeout(this.timer);
    const [{ meaningOf }, { NzTooltipComponent }] = await Promise.all([import('../words/glossary'), import('ng-zorro-antd/tooltip')]);
    const entry = meaningOf(word);
    if (turn !== this.turn) return;
    this.hide();
    if (!entry) return;
    const bubble = (this.bubble ??= this.make(NzTooltipComponent));
    bubble.nzTitle = entry.field ? `${entry.says} Also: ${entry.field}.` : entry.says;
    bubble.setOverlayOrigin(new ElementRef(at));
    bubble.show();
    bubble.updatePosition();
    this.describe(bubble, describes);
  }

  /** Takes it away soon, unless the pointer goes to it. */
  leave(): void {
    this.turn++;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.hide(), GRACE_MS);
  }

  /** Takes it away, and what is still on its way. */
  hide(): void {
    this.turn++;
    this.bubble?.hide();
    if (this.described) removeAriaReferencedId(this.described, 'aria-describedby', ID);
    this.described = undefined;
  }

  /** One for all words: NG-ZORRO's directive would make one for each of them. */
  private make(tooltip: typeof NzTooltipComponent): NzTooltipComponent {
    const { hostView, instance } = createComponent(tooltip, { environmentInjector: this.injector });
    this.app.attachView(hostView);
    instance.nzOverlayClassName = '';
    instance.nzPlacement = ['bottomLeft', 'topLeft', 'bottomRight', 'topRight'];
    this.document.addEventListener('keydown', (e) => e.key === 'Escape' && this.hide());
    this.document.addEventListener('scroll', () => this.hide(), { capture: true, passive: true });
    return instance;
  }

  /** NG-ZORRO's bubble is a box like any other to those who listen. */
  private describe({ overlay }: NzTooltipComponent, described: Element): void {
    const box = overlay.overlayRef.overlayElement;
    setAttrs(box.querySelector('.ant-tooltip'), { role: 'tooltip', id: ID });
    box.onpointerenter = () => clearTimeout(this.timer);
    box.onpointerleave = () => this.leave();
    this.described = described;
    addAriaReferencedId(described, 'aria-describedby', ID); // a field is described by its unit as well
  }
}

/**
 * A short word that says what it means: under the pointer, with the focus, under a finger that rests on it. Words that stand alone (`dt`,
 * `th`) are one stop of Tab for the whole list or row of headings, and the arrows go along them; a field speaks when the keyboard comes to it,
 * its name under the pointer.
 */
@Directive({
  selector: '[appHint]',
  host: {
    '[attr.tabindex]': 'stop()',
    '[class.hinted]': 'isAlone',
    '(pointerenter)': 'over($event)',
    '(pointerleave)': 'off()',
    '(pointerdown)': 'press($event)',
    '(pointerup)': 'lift()',
    '(pointercancel)': 'lift()',
    '(focusin)': 'focused($event.target)',
    '(focusout)': 'off()',
    '(click)': 'opened()',
    '(keydown)': 'key($event)',
  },
})
export class Hint {
  readonly appHint = input.required<string>();
  protected readonly bubble = inject(HintBubble);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly isHeading = /^(DT|TH|H2|H3)$/.test(this.host.tagName);
  /** A heading that sorts has a button in it, which is its stop. */
  protected readonly isAlone = this.isHeading && !this.host.hasAttribute('data-sorts');
  private readonly isFirst = signal(/^H/.test(this.host.tagName));
  /** On a phone the headings of a table are there for those who listen only: nobody could see the focus on them. */
  protected readonly stop = computed(() => {
    if (!this.isAlone || (this.host.tagName === 'TH' && this.bubble.isNarrow())) return null;
    return this.isFirst() ? 0 : -1;
  });
  /** The word itself, not the field that it names. */
  private readonly isWord = this.isHeading || /^(LABEL|LEGEND|SPAN)$/.test(this.host.tagName);
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor() {
    if (!this.isHeading) return;
    afterNextRender(() => {
      this.isFirst.update((is) => is || this.fellows()[0] === this.host);
      if (this.host.tagName === 'TH') this.listenForFingers();
    });
  }

  /** The words that mean something in the same list or row. */
  private fellows(): HTMLElement[] {
    return [...(this.host.closest('tr, dl')?.querySelectorAll<HTMLElement>('.hinted') ?? [])];
  }

  /** On a phone cells repeat their heading, and it is they that a finger finds. */
  private listenForFingers(): void {
    const table = this.host.closest('table');
    table?.addEventListener('pointerdown', (event) => {
      const cell = event.target instanceof Element ? event.target.closest<HTMLElement>('td[data-label]') : null;
      if (this.bubble.isNarrow() && cell?.dataset['label'] === this.host.textContent?.trim()) this.press(event, cell);
    });
    for (const end of ['pointerup', 'pointercancel']) table?.addEventListener(end, () => this.lift());
  }

  private show(describes: Element = this.host, at: HTMLElement = this.host): void {
    this.bubble.show(this.appHint(), at, describes).catch(() => undefined); // the words did not come: the next look fetches them again
  }

  protected over(event: PointerEvent): void {
    if (event.pointerType !== 'touch' && this.isWord) this.show();
  }

  protected focused(on: EventTarget | null): void {
    if (on instanceof Element && on.matches(':focus-visible')) this.show(on);
  }

  protected key(event: KeyboardEvent): void {
    this.bubble.hide();
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (!this.isAlone || by === undefined) return;
    event.preventDefault();
    const fellows = this.fellows();
    fellows[fellows.indexOf(this.host) + by]?.focus();
  }

  /** A list that opens would be covered by its hint. */
  protected opened(): void {
    if (this.host.tagName === 'NZ-SELECT') this.bubble.hide();
  }

  protected press(event: PointerEvent, at: HTMLElement = this.host): void {
    if (event.pointerType === 'touch' && this.isWord) this.timer = setTimeout(() => this.show(at, at), LONG_PRESS_MS);
  }

  protected lift(): void {
    clearTimeout(this.timer);
  }

  protected off(): void {
    this.lift();
    this.bubble.leave();
  }
}
