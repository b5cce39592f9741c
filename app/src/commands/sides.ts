import { FocusKeyManager } from '@angular/cdk/a11y';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  type ElementRef,
  Injector,
  inject,
  input,
  type OnInit,
  output,
  viewChildren,
} from '@angular/core';
import type { Option } from '../ui/choice';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router } from '@angular/router';
import { filter, startWith } from 'rxjs';
import { Commands, type Command } from './commands';

/** The query parameter that names a side of a view. */
const SIDE = 'side';

/**
 * The sides of a view, one shown at a time: tabs whose panel the view gives, with `panelId` as its id. Arrow keys, Home and End go along them,
 * and two keys turn to the next and the one before from anywhere. The address names the side that was turned to (`?side=find`; its label
 * will do), so that it can be linked to and comes back after a reload.
 * (NG-ZORRO's tabs give tab and panel the same id, so that neither can be named by the other.)
 */
@Component({
  selector: 'app-sides',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div role="tablist" [attr.aria-label]="label()">
      @for (o of options(); track o.value) {
        <button
          #tab
          type="button"
          role="tab"
          [id]="panelId() + '-' + o.value"
          [attr.aria-selected]="o.value === value()"
          [attr.aria-controls]="o.value === value() ? panelId() : null"
          [tabIndex]="o.value === value() ? 0 : -1"
          (click)="turnTo(o.value)"
          (keydown)="move($event)"
        >
          {{ o.label }}
        </button>
      }
    </div>
  `,
  styles: `
    :host {
      display: block;
    }
    div {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.5rem;
    }
    button {
      min-height: var(--touch, 2.5rem);
      padding: 0.25rem 0;
      border: 0;
      border-bottom: 3px solid transparent;
      background: none;
      color: var(--ink);
      font: inherit;
      cursor: pointer;
    }
    [aria-selected='true'] {
      border-color: var(--ink);
      font-weight: 700;
    }
  `,
})
export class Sides<T extends string> implements OnInit {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  /** Id of the element with `role="tabpanel"` that shows the side. */
  readonly panelId = input.required<string>();
  /** The query parameter of the address that names the side. */
  readonly param = input(SIDE);
  readonly valueChange = output<T>();

  private readonly tabs = viewChildren<ElementRef<HTMLElement>>('tab');
  private readonly keys = new FocusKeyManager<Tab>(
    computed(() => this.tabs().map(({ nativeElement }): Tab => ({ focus: () => nativeElement.focus() }))),
    inject(Injector),
  )
    .withHorizontalOrientation('ltr')
    .withHomeAndEnd()
    .withWrap();

  private readonly commands = inject(Commands);
  private readonly router = inject(Router);
  private readonly destroyed = inject(DestroyRef);

  constructor() {
    effect(() => this.keys.updateActiveItem(this.options().findIndex((o) => o.value === this.value())));
  }

  ngOnInit(): void {
    // two keys turn the sides of the view; those within a side are reached by Tab
    if (this.param() === SIDE) {
      this.destroyed.onDestroy(this.commands.add(() => [this.turn('side:next', ']', 1), this.turn('side:before', '[', -1)]));
    }
    this.router.events
      .pipe(
        filter((e) => e instanceof NavigationEnd),
        startWith(undefined),
        takeUntilDestroyed(this.destroyed),
      )
      .subscribe(() => this.takeAddress());
  }

  /** Shows the side that the address asks for, where it asks for one of these. */
  private takeAddress(): void {
    const asked: unknown = this.router.parseUrl(this.router.url).queryParams[this.param()];
    const side = this.options().find((o) => o.value === asked || o.label === asked);
    if (side && side.value !== this.value()) this.valueChange.emit(side.value);
  }

  protected turnTo(side: T): void {
    this.valueChange.emit(side);
    void this.router.navigate([], {
      queryParams: { [this.param()]: side },
      queryParamsHandling: this.param() === SIDE ? 'replace' : 'merge',
      replaceUrl: true,
    });
  }

  /** Turns to the next side or the one before, round and round. */
  private turn(id: string, keys: string, by: 1 | -1): Command {
    const options = this.options();
    const at = options.findIndex((o) => o.value === this.value());
    const to = options[(at + by + options.length) % options.length];
    return { id, label: `Turn to “${to.label}”`, keys, enabled: true, run: () => this.turnTo(to.value) };
  }

  protected move(event: KeyboardEvent): void {
    const before = this.keys.activeItemIndex;
    this.keys.onKeydown(event);
    const at = this.keys.activeItemIndex;
    if (at !== null && at !== before) this.turnTo(this.options()[at].value);
  }
}

interface Tab {
  focus: () => void;
}
