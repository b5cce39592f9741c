import { afterNextRender, DestroyRef, Directive, ElementRef, inject, input } from '@angular/core';
import { moveNaming, setAttrs } from './attrs';

const TAB = '[role=tab]';
const MOVES = /^(Home|End|Arrow.+)$/;

/**
 * Tabs whose panel is the view's own element, with `appPanel` as its id; each tab has the id `${appPanel}-${value}`. The keys of the tabs turn to a tab
 * at once. (NG-ZORRO gives a tab and its panel one id, waits for Enter and knows neither Home nor End.) aria-label on nz-tabs names the row of tabs.
 */
@Directive({ selector: 'nz-tabs[appPanel]', host: { '(keydown)': 'key($event)' } })
export class TabsA11y {
  /** Id of the element with `role="tabpanel"` that shows what is chosen. */
  readonly appPanel = input.required<string>();
  /** What the tabs stand for, in their order. */
  readonly appTabs = input.required<readonly { value: string }[]>();
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  /** Awake when tabs come or go, and when another is chosen. */
  private readonly changed = new MutationObserver(() => this.describe());

  constructor() {
    afterNextRender(() => {
      this.describe();
      this.changed.observe(this.host, { childList: true, subtree: true, attributeFilter: ['aria-selected', 'aria-label'] });
    });
    inject(DestroyRef).onDestroy(() => this.changed.disconnect());
  }

  private tabs(): HTMLElement[] {
    return [...this.host.querySelectorAll<HTMLElement>(TAB)];
  }

  private describe(): void {
    moveNaming(this.host, this.host.querySelector('[role=tablist]'));
    const panel = this.appPanel();
    this.tabs().forEach((tab, i) => {
      const isChosen = tab.getAttribute('aria-selected') === 'true';
      setAttrs(tab, { id: `${panel}-${this.appTabs()[i]?.value}`, 'aria-controls': isChosen ? panel : null });
    });
    // NG-ZORRO's own panels are empty
    for (const empty of this.host.querySelectorAll('[role=tabpanel]'))
      setAttrs(empty, { role: null, id: null, 'aria-labelledby': null, tabindex: null });
  }

  protected key(event: KeyboardEvent): void {
    const tabs = this.tabs();
    if (!(event.target instanceof HTMLElement) || !tabs.includes(event.target) || !MOVES.test(event.key)) return;
    event.preventDefault();
    // NG-ZORRO has moved the focus by the arrows already
    const to = { Home: tabs[0], End: tabs.at(-1) }[event.key] ?? tabs.find((tab) => tab === document.activeElement);
    to?.click();
    to?.focus();
  }
}
