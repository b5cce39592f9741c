import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { until } from '../testing/until';
import { Tick } from './tick';

@Component({
  imports: [Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<input type="checkbox" [appTick]="on()" (turned)="turn()" />`,
})
class Host {
  readonly on = signal(false);
  readonly turns = signal(0);
  does: (now: boolean) => void = (now) => this.on.set(now);

  turn(): void {
    this.turns.update((n) => n + 1);
    this.does(!this.on());
  }
}

describe('a box to be ticked', () => {
  const begin = () => {
    const fixture = TestBed.createComponent(Host);
    fixture.autoDetectChanges();
    const host = fixture.componentInstance;
    const box = (fixture.nativeElement as HTMLElement).querySelector('input') as HTMLInputElement;
    return { host, box };
  };

  it('shows what it stands for, and tells of every turn once', async () => {
    const { host, box } = begin();
    expect(box.checked).toBe(false);
    for (const now of [true, false, true]) {
      box.click();
      await until(() => host.on() === now && box.checked === now, `the box to show ${now}`);
    }
    expect(host.turns()).toBe(3);
    host.on.set(false); // by another tab, or taken back
    await until(() => !box.checked, 'the box to follow');
  });

  it('does not go on showing what was refused', async () => {
    const { host, box } = begin();
    host.does = () => undefined;
    box.click();
    expect(box.checked).toBe(true); // the browser turns it over by itself
    await until(() => !box.checked, 'the box to be as it was');
    host.does = (now) => host.on.set(now);
    box.click();
    await until(() => host.on() && box.checked, 'the box to be ticked');
  });

  it('does not go on showing what was taken and taken back before the page has drawn it', async () => {
    const { host, box } = begin();
    host.does = (now) => {
      host.on.set(now);
      host.on.set(!now);
    };
    box.click();
    await until(() => !box.checked, 'the box to be as it was');
    expect(host.turns()).toBe(1);
  });
});
