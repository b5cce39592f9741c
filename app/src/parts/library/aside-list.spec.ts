import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { KeptAside } from '../../platform/database/workspace-db';
import { Autosave } from '../../store/autosave';
import { Panel } from '../../testing/panel';
import { AsideList } from './aside-list';

const TRIP: KeptAside = {
  key: 1,
  kind: 'trip',
  id: 'a',
  value: { trip: { name: 'Far Loop', reservePercent: 'NaN' } },
  problem: { path: 'trip.reservePercent', code: 'wrongKind', expected: 'number', found: 'string' },
};
const RACK: KeptAside = {
  key: 2,
  kind: 'rack',
  id: 'rack',
  value: 'odd',
  problem: { path: '', code: 'wrongKind', expected: 'object', found: 'string' },
};

function asideOf(...kept: KeptAside[]) {
  const aside = signal<readonly KeptAside[]>(kept);
  const removed: number[] = [];
  const drop = (key: number) => aside.update((list) => list.filter((a) => a.key !== key));
  const autosave = {
    aside,
    tryAside: (key: number) => {
      if (key === RACK.key) drop(key);
      return Promise.resolve(key === RACK.key);
    },
    removeAside: (key: number) => {
      removed.push(key);
      drop(key);
      return Promise.resolve();
    },
  };
  TestBed.configureTestingModule({ providers: [{ provide: Autosave, useValue: autosave }] });
  return { removed, panel: new Panel(AsideList) };
}

describe('what is kept aside', () => {
  it('is named with what is wrong, and tried again', async () => {
    const { panel } = asideOf(TRIP, RACK);
    await panel.settle();
    expect(panel.text).toMatch(
      /Far Loop.*trip\.reservePercent is text; it must be a number\..*the rack.*The whole of it is text; it must be a group of values/,
    );
    panel.press('try the rack again');
    await panel.settle();
    expect(panel.text).not.toContain('The whole of it');
    panel.press('try Far Loop again');
    await panel.settle();
    expect(panel.text).toMatch(/Far Loop still cannot be read/);
  });

  it('goes only when it was asked about', async () => {
    const { panel, removed } = asideOf(TRIP);
    await panel.settle();
    panel.press('Remove Far Loop');
    await panel.settle();
    expect(removed).toEqual([]);
    document.querySelector<HTMLButtonElement>('.ant-popover-buttons .ant-btn-primary')?.click();
    await panel.settle();
    expect([removed, panel.text.trim()]).toEqual([[1], '']);
  });
});
