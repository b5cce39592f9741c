import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { withBurner } from '@tinder/core/domain/kit';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { until, untilQuiet } from '../../testing/until';
import { CloserService, type CloserSubject } from './closer-service';
import { ColdPanel } from './cold-panel';
import { DosePanel } from './dose-panel';
import { FlamePanel } from './flame-panel';
import { OwnCan } from './own-can';
import { RestPanel } from './rest-panel';

/** Words as they are read: a space is a space. */
const textOf = (el: Element): string => el.textContent?.replace(/\s+/g, ' ') ?? '';

describe('closer look', () => {
  const settle = async <T>(fixture: ComponentFixture<T>) => {
    fixture.detectChanges();
    await untilQuiet();
    fixture.detectChanges();
  };
  async function show<T>(panel: Type<T>, burnerId = 'gas-micro', subject: CloserSubject = 'flame'): Promise<HTMLElement> {
    const store = TestBed.inject(WorkspaceStore);
    store.start(undefined);
    if (burnerId !== 'gas-micro') store.editTrip('burner', (t) => ({ ...t, kit: withBurner(t.kit, burnerId) }));
    TestBed.inject(PlanService);
    TestBed.inject(CloserService).subject.set(subject);
    const fixture = TestBed.createComponent(panel);
    await settle(fixture);
    return fixture.nativeElement as HTMLElement;
  }

  it('names the best flame and what fully open costs, and follows the keys', async () => {
    const el = await show(FlamePanel);
    expect(textOf(el)).toMatch(/Least fuel for dinner on day 1: \d+ % open, [\d.]+ g in .* Fully open costs [\d.]+ g more and saves/);
    const slider = el.querySelector('[role=slider]');
    slider?.dispatchEvent(new KeyboardEvent('keydown', { key: 'End' }));
    expect(TestBed.inject(WorkspaceStore).trip().kit.flameSetting).toBe(1);
  });

  it('says that a stove without a valve has no flame to set', async () => {
    expect((await show(FlamePanel, 'alcohol-open')).textContent).toContain('has no valve');
  });

  it('reads the cold map at the cross and names the assumed blend', async () => {
    const el = await show(ColdPanel, 'gas-micro', 'cold');
    expect(textOf(el)).toMatch(/Air 0 °C, 50 % left: (strong|reduced), \d+ % of full power/);
    expect(textOf(el)).toContain('Assumed: propane 20 %, isobutane 80 %');
    expect(el.querySelectorAll('circle.meal')).toHaveLength(45);
    expect((await show(ColdPanel, 'tablet-single', 'cold')).textContent).toContain('no canister');
  });

  it('marks one dose as best and thins a spirit by hand-checked numbers', async () => {
    const el = await show(DosePanel, 'alcohol-open', 'dose');
    expect(el.querySelectorAll('tr.best')).toHaveLength(1);
    // 500 mL of 95 %: 475 mL of ethanol in 558.8 mL of 85 %; 374.9 g ÷ 0.7933 by mass − 405.7 g = 67 mL
    expect(textOf(el)).toContain('Add 67 mL of water: it makes 559 mL');
  });

  it('tells how long a resting supper stays hot, and whether it can be held', async () => {
    const el = await show(RestPanel, 'gas-micro', 'rest');
    expect(textOf(el)).toMatch(/after 10 min; above 74 °C for \d+ min, above 60 °C for \d+ min.*too hot to hold/);
    expect(el.querySelectorAll('path.curve')).toHaveLength(4);
    expect(textOf(el)).toMatch(/Stirring in 130 g of food drops it to \d+ °C.*Ten minutes cook it as far as [\d.]+ min at 90 °C/);
  });

  it('tells from one boil in the cold what is in the walker’s own can, and plans with it', async () => {
    const el = await show(OwnCan);
    const button = (words: string) => [...el.querySelectorAll('button')].find((b) => b.textContent?.includes(words));
    button('What is in it?')?.click();
    await until(() => /It behaves/.test(el.textContent ?? ''), 'the blend');
    expect(textOf(el)).toMatch(/It behaves like .*isobutane \d+ %/);
    button('Plan with this blend')?.click();
    TestBed.tick();
    const own = TestBed.inject(WorkspaceStore).trip().kit.ownBlend;
    expect(own && own.propane + own.isobutane + own.nButane).toBeCloseTo(1, 9);
    button('Back to the label')?.click();
    expect(TestBed.inject(WorkspaceStore).trip().kit.ownBlend).toBeUndefined();
  });
});
