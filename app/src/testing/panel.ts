import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { By } from '@angular/platform-browser';
import { NzSelectComponent } from 'ng-zorro-antd/select';
import { NzSliderComponent } from 'ng-zorro-antd/slider';
import { Slider } from '../ui/slider';
import { untilQuiet } from './until';

/** Is it what a walker would find by that name? Whether a word begins with a capital is no part of a name. */
const isNamed = (e: Element, name: string): boolean => e.textContent?.trim().toLowerCase() === name.toLowerCase();

/** The same of words that are part of what it says. */
const says = (text: string | null, words: string): boolean => !!text?.toLowerCase().includes(words.toLowerCase());

/** A panel on the page with the ways a test works it: by the names a walker reads. */
export class Panel<T> {
  readonly fixture: ComponentFixture<T>;

  constructor(type: Type<T>, inputs: Record<string, unknown> = {}) {
    this.fixture = TestBed.createComponent(type);
    this.give(inputs);
  }

  get element(): HTMLElement {
    return this.fixture.nativeElement as HTMLElement;
  }

  get text(): string {
    return this.element.textContent?.replace(/\s+/g, ' ') ?? '';
  }

  give(inputs: Record<string, unknown>): void {
    for (const [name, value] of Object.entries(inputs)) this.fixture.componentRef.setInput(name, value);
    this.fixture.detectChanges();
  }

  /** Until nothing is worked out any more. */
  async settle(): Promise<void> {
    await untilQuiet();
    this.fixture.detectChanges();
  }

  private find<E extends HTMLElement>(selector: string): E {
    const found = this.element.querySelector<E>(selector) ?? document.querySelector<E>(selector);
    if (!found) throw new Error(`nothing matches ${selector}`);
    return found;
  }

  private labelled(name: string, within: ParentNode = this.element): HTMLElement {
    const label = [...within.querySelectorAll('label')].find((l) => isNamed(l, name));
    return this.find(label?.htmlFor ? `[id="${label.htmlFor}"]` : `[aria-label="${name}" i]`);
  }

  /** Types into the field of that name and leaves it. */
  type(name: string, text: string): void {
    const field = this.labelled(name) as HTMLInputElement;
    field.value = text;
    for (const event of ['input', 'change', 'blur']) field.dispatchEvent(new Event(event));
    this.fixture.detectChanges();
  }

  /** What the field of that name shows. */
  shown(name: string): string {
    return (this.labelled(name) as HTMLInputElement).value;
  }

  /** The list to pick from that is named so, as NG-ZORRO has it. */
  private list(name: string, within: ParentNode = this.element): NzSelectComponent | HTMLSelectElement {
    const field = this.labelled(name, within);
    if (field instanceof HTMLSelectElement) return field;
    const found = this.fixture.debugElement
      .queryAll(By.directive(NzSelectComponent))
      .find((d) => (d.nativeElement as HTMLElement).contains(field));
    if (!found) throw new Error(`“${name}” is no list`);
    return found.injector.get(NzSelectComponent);
  }

  /** Chooses the value in the list named so; `within` is a part of the panel. */
  choose(name: string, value: string, within?: ParentNode): void {
    const list = this.list(name, within);
    if (list instanceof HTMLSelectElement) {
      list.value = value;
      list.dispatchEvent(new Event('change'));
    } else list.onChange(value);
    this.fixture.detectChanges();
  }

  /** What the list named so offers, in words. */
  options(name: string): string[] {
    const list = this.list(name);
    return list instanceof HTMLSelectElement ? [...list.options].map((o) => o.text.trim()) : list.nzOptions.map((o) => o.label as string);
  }

  /** Chooses the words of a group named so. */
  pick(group: string, words: string): void {
    const labels = [...this.find(`[aria-label="${group}" i]`).querySelectorAll('label')];
    const label = labels.find((l) => isNamed(l, words));
    if (!label) throw new Error(`“${group}” has no “${words}” but ${labels.map((l) => l.textContent?.trim()).join(', ')}`);
    label.click();
    this.fixture.detectChanges();
  }

  /** Drags the scale of that label through some values. */
  drag(label: string, values: readonly number[]): void {
    const found = this.fixture.debugElement
      .queryAll(By.directive(Slider))
      .find((d) => (d.componentInstance as Slider).label() === label)
      ?.query(By.directive(NzSliderComponent));
    if (!found) throw new Error(`there is no scale “${label}”`);
    const slider = found.injector.get(NzSliderComponent);
    for (const v of values) slider.onValueChange(v);
    slider.nzOnAfterChange.emit(values[values.length - 1]);
    this.fixture.detectChanges();
  }

  /** Turns the switch of that name over. */
  turn(name: string): void {
    const label = [...this.element.querySelectorAll('app-switch-field label')].find((l) => isNamed(l, name));
    if (!label) throw new Error(`there is no switch “${name}”`);
    label.closest('app-switch-field')?.querySelector('button')?.click();
    this.fixture.detectChanges();
  }

  /** Chooses a file of that name and text, and waits for it to be read. */
  async chooseFile(name: string, text: string): Promise<void> {
    const input = this.find<HTMLInputElement>('input[type=file]');
    const file = Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
    Object.defineProperty(input, 'files', { value: [file], configurable: true });
    Object.defineProperty(input, 'value', { value: '', writable: true, configurable: true });
    input.dispatchEvent(new Event('change'));
    await this.settle();
  }

  /** Opens what stands under that summary; `within` is a part of the panel. */
  open(words: string, within: ParentNode = this.element): void {
    const summary = [...within.querySelectorAll('summary')].find((s) => says(s.textContent, words));
    if (!summary) throw new Error(`nothing to open says ${words}`);
    const details = summary.parentElement as HTMLDetailsElement;
    details.open = true;
    details.dispatchEvent(new Event('toggle'));
    this.fixture.detectChanges();
  }

  press(words: string): void {
    const button = [...this.element.querySelectorAll('button')].find((b) => says(b.getAttribute('aria-label') ?? b.textContent, words));
    if (!button) throw new Error(`no button says ${words}`);
    button.click();
    this.fixture.detectChanges();
  }

  tick(words: string): void {
    const label = [...this.element.querySelectorAll('label')].find((l) => says(l.textContent, words));
    if (!label) throw new Error(`no box says ${words}`);
    label.querySelector('input')?.dispatchEvent(new Event('change'));
    this.fixture.detectChanges();
  }
}
