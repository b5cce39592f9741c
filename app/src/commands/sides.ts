import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, input, type OnInit, output } from '@angular/core';
import type { Option } from '../ui/choice';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router } from '@angular/router';
import { NzTabComponent, NzTabsComponent } from 'ng-zorro-antd/tabs';
import { filter, startWith } from 'rxjs';
import { TabsA11y } from '../ui/nz/tabs-a11y';
import { Commands, type Command } from './commands';

/** The query parameter that names a side of a view. */
const SIDE = 'side';

/**
 * The sides of a view, one shown at a time: tabs whose panel the view gives, with `panelId` as its id. Arrow keys, Home and End go along them,
 * and two keys turn to the next and the one before from anywhere. The address names the side that was turned to (`?side=find`; its label
 * will do), so that it can be linked to and comes back after a reload.
 */
@Component({
  selector: 'app-sides',
  imports: [NzTabComponent, NzTabsComponent, TabsA11y],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-tabs [attr.aria-label]="label()" [appPanel]="panelId()" [appTabs]="options()" [nzSelectedIndex]="at()" [nzAnimated]="false">
      @for (o of options(); track o.value) {
        <nz-tab [nzTitle]="o.label" (nzClick)="turnTo(o.value)" />
      }
    </nz-tabs>
  `,
  styles: `
    :host {
      display: block;
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

  protected readonly at = computed(() => this.options().findIndex((o) => o.value === this.value()));
  private readonly commands = inject(Commands);
  private readonly router = inject(Router);
  private readonly destroyed = inject(DestroyRef);

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
    const to = options[(this.at() + by + options.length) % options.length];
    return { id, label: `Turn to “${to.label}”`, group: 'go', keys, enabled: true, run: () => this.turnTo(to.value) };
  }
}
