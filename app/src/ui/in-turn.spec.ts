import { ChangeDetectionStrategy, Component, ErrorHandler, signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { InTurn, Turns } from './in-turn';
import { until } from '../testing/until';

@Component({
  selector: 'app-nested',
  imports: [InTurn],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<b>outer</b><b *appInTurn>inner</b>`,
})
class Nested {}

@Component({ selector: 'app-broken', changeDetection: ChangeDetectionStrategy.OnPush, template: '' })
class Broken {
  constructor() {
    throw new Error('it does not come');
  }
}

@Component({
  imports: [Broken, InTurn, Nested],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <b *appInTurn="3">third</b>
    @if (broken()) {
      <app-broken *appInTurn="1" />
    }
    <app-nested *appInTurn="1" />
    @if (wanted()) {
      <b *appInTurn="2">second</b>
    }
    <b *appInTurn="second()">after it</b>
  `,
})
class Parts {
  readonly broken = signal(false);
  readonly wanted = signal(true);
  readonly second = signal(2);
}

describe('parts that are built in turn', () => {
  let parts: ComponentFixture<Parts>;
  const built = (): string[] => [...(parts.nativeElement as HTMLElement).querySelectorAll('b')].map((b) => b.textContent ?? '');
  /** The parts in the order they came in. */
  async function order(last: string): Promise<string[]> {
    const seen = new Set<string>();
    await until(() => {
      const [before, now] = [seen.size, built()];
      now.forEach((words) => seen.add(words));
      expect(seen.size - before).toBeLessThan(2); // one a task
      return seen.has(last);
    }, last);
    return [...seen];
  }

  beforeEach(() => {
    parts = TestBed.createComponent(Parts);
  });

  it('come one a task, the lowest place first, and of two the one further up; what stands in one has its place, and comes before the next', async () => {
    parts.detectChanges();
    expect(built()).toEqual([]);
    expect(await order('third')).toEqual(['outer', 'inner', 'second', 'after it', 'third']);
  });

  it('never come where they are no longer wanted, and take another place while they wait', async () => {
    parts.detectChanges();
    parts.componentInstance.wanted.set(false);
    parts.componentInstance.second.set(4);
    parts.detectChanges();
    expect(await order('after it')).toEqual(['outer', 'inner', 'third', 'after it']);
  });

  it('come all the same where one of them cannot be built', async () => {
    const told = jest.spyOn(TestBed.inject(ErrorHandler), 'handleError').mockReturnValue(undefined);
    parts.componentInstance.broken.set(true);
    parts.detectChanges();
    expect(await order('third')).toHaveLength(5);
    expect(told).toHaveBeenCalledTimes(1);
  });

  it('let one that took long be painted before the next comes, unless nobody looks', async () => {
    let ms = 0;
    jest.spyOn(performance, 'now').mockImplementation(() => (ms += 20));
    const frames: FrameRequestCallback[] = [];
    jest.spyOn(globalThis, 'requestAnimationFrame').mockImplementation((frame) => frames.push(frame));
    const paint = (): void => frames.splice(0).forEach((frame) => frame(0));
    parts.detectChanges();
    const tasks = async (): Promise<void> => {
      for (let i = 0; i < 10; i++) await new Promise((next) => setTimeout(next));
    };
    await tasks();
    expect(built()).toEqual([]); // made, and not yet filled
    paint();
    await tasks();
    expect(built()).toEqual(['outer']);
    jest.spyOn(document, 'hidden', 'get').mockReturnValue(true);
    paint();
    await TestBed.inject(Turns).whole();
    expect(built()).toHaveLength(5);
    expect(TestBed.inject(Turns).busy()).toBe(false);
    jest.restoreAllMocks();
  });
});
