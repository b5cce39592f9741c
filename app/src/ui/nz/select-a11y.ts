import { afterNextRender, ChangeDetectorRef, DestroyRef, Directive, ElementRef, inject } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NzSelectComponent } from 'ng-zorro-antd/select';
import { newId, setAttrs } from './attrs';

/** Keys that say nothing to a list. */
const OTHER_KEYS = /^(Control|Shift|Alt|Meta|CapsLock|F\d+)$/;
const LIST = '.cdk-virtual-scroll-content-wrapper';

/**
 * Makes nz-select a combobox with a listbox: roles, what is chosen, what the arrows stand on; Home, End and the first letter go along the list where
 * nothing is typed to search; Escape closes it at once. (NG-ZORRO's field is a plain text box to assistive technology.) Name it by `nzId` and a label.
 */
@Directive({ selector: 'nz-select', host: { '(keydown)': 'key($event)' } })
export class SelectA11y {
  private readonly select = inject(NzSelectComponent, { self: true });
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly view = inject(ChangeDetectorRef);
  /** Before the key that is pressed. */
  private wasOpen = false;
  private readonly listId = newId('list');
  /** Awake when what is chosen changes, and while the list is open. */
  private readonly chosen = new MutationObserver(() => this.describeField());
  private readonly list = new MutationObserver(() => this.describeList());

  constructor() {
    const end = inject(DestroyRef);
    afterNextRender(() => {
      queueMicrotask(() => this.describeField()); // NG-ZORRO empties the field first
      this.chosen.observe(this.host, { childList: true, subtree: true, characterData: true });
      const overlay = this.select.cdkConnectedOverlay;
      overlay.attach.pipe(takeUntilDestroyed(end)).subscribe(() => {
        this.list.observe(overlay.overlayRef.overlayElement, {
          childList: true,
          subtree: true,
          attributes: true,
          attributeFilter: ['class'],
        });
        this.describeList();
      });
      overlay.detach.pipe(takeUntilDestroyed(end)).subscribe(() => this.leaveList());
    });
    this.host.addEventListener('keydown', () => (this.wasOpen = this.select.nzOpen), { capture: true });
    this.select.nzOpenChange.pipe(takeUntilDestroyed(end)).subscribe((open) => (open ? this.beginAtChosen() : this.leaveList()));
    end.onDestroy(() => [this.chosen, this.list].forEach((o) => o.disconnect()));
  }

  private get field(): HTMLInputElement | null {
    return this.host.querySelector('input');
  }

  private describeField(): void {
    const { field } = this;
    if (!field) return;
    const chosen = this.host.querySelector<HTMLElement>('.ant-select-selection-item');
    setAttrs(chosen, { id: chosen?.id || newId('chosen'), 'aria-hidden': true });
    setAttrs(field, {
      role: 'combobox',
      'aria-haspopup': 'listbox',
      'aria-expanded': this.select.nzOpen,
      'aria-autocomplete': this.select.nzShowSearch ? 'list' : 'none',
    });
    // one that is not typed in says what is chosen as its value, one that is describes itself by it
    if (field.readOnly) field.value = chosen?.textContent?.trim() ?? '';
    else setAttrs(field, { 'aria-describedby': chosen?.id });
  }

  private describeList(): void {
    const list = this.select.cdkConnectedOverlay.overlayRef?.overlayElement.querySelector(LIST);
    const { field } = this;
    if (!list || !field || !this.select.nzOpen) return;
    const name = field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent?.trim();
    setAttrs(list, { role: 'listbox', id: this.listId, 'aria-label': name });
    const labels = this.items().map((item) => String(item.nzLabel));
    for (const option of list.querySelectorAll<HTMLElement>('.ant-select-item-option')) describeOption(option, labels);
    const active = list.querySelector('.ant-select-item-option-active');
    setAttrs(field, { 'aria-expanded': true, 'aria-controls': this.listId, 'aria-activedescendant': active?.id });
  }

  private leaveList(): void {
    this.list.disconnect();
    setAttrs(this.field, { 'aria-expanded': false, 'aria-controls': null, 'aria-activedescendant': null });
    queueMicrotask(() => this.describeField()); // NG-ZORRO has emptied the field
  }

  /** NG-ZORRO begins at the first option where the value came after the options. */
  private beginAtChosen(): void {
    const [chosen] = this.select.listOfValue as unknown[];
    if (chosen !== undefined) this.select.activatedValue = chosen;
  }

  private items() {
    return this.select.listOfContainerItem.filter((item) => item.type === 'item');
  }

  protected key(event: KeyboardEvent): void {
    const { select, field } = this;
    if (event.ctrlKey || event.metaKey || event.altKey || OTHER_KEYS.test(event.key)) {
      if (!this.wasOpen) select.setOpenState(false); // NG-ZORRO opens by any key: by that of a command as well
      return;
    }
    if (event.key === 'Escape') {
      if (!this.wasOpen) return;
      // NG-ZORRO's list closes only once it is drawn: a quick Escape would close what lies under it
      select.setOpenState(false);
      event.preventDefault();
      event.stopPropagation();
      return;
    }
    if (!field?.readOnly) return;
    const items = this.items().filter((item) => !item.nzDisabled);
    const at = items.findIndex((item) => item.nzValue === select.activatedValue);
    const begins = (item: { nzLabel: unknown }) =>
      event.key.length === 1 && event.key !== ' ' && String(item.nzLabel).toLowerCase().startsWith(event.key.toLowerCase());
    const to = { Home: items[0], End: items.at(-1) }[event.key] ?? [...items.slice(at + 1), ...items].find(begins);
    if (!to) return;
    event.preventDefault();
    event.stopPropagation(); // no command of the app is meant
    select.activatedValue = to.nzValue as unknown;
    this.view.markForCheck();
  }
}

function describeOption(option: HTMLElement, labels: readonly string[]): void {
  const is = (state: string) => option.classList.contains(`ant-select-item-option-${state}`);
  setAttrs(option, {
    role: 'option',
    id: option.id || newId('option'),
    'aria-selected': is('selected'),
    'aria-disabled': is('disabled') || null,
    'aria-setsize': labels.length,
    'aria-posinset': labels.indexOf(option.textContent?.trim() ?? '') + 1 || null,
  });
}
