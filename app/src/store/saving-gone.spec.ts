import { TestBed } from '@angular/core/testing';
import { until } from '../testing/until';
import { Autosave } from './autosave';
import { WorkspaceStore } from './workspace-store';

jest.mock('./saving', () => {
  throw new TypeError('Failed to fetch dynamically imported module');
});

it('where the part that reads does not come, that is told, and the demo can be looked at', async () => {
  localStorage.setItem('been-here', 'true');
  const autosave = TestBed.inject(Autosave);
  const store = TestBed.inject(WorkspaceStore);
  await autosave.start();
  expect(autosave.state()).toBe('failed');
  expect(autosave.problem()).toContain('What is saved cannot be shown, and nothing is saved over it. Reload the page');
  expect(store.loaded()).toBe(true);
  autosave.keepNow(); // nor does leaving the page keep anything
  expect(localStorage.getItem('unwritten')).toBeNull();
});

it('where the part that saves does not come to a first visit, that is told, and what is edited can be exported', async () => {
  localStorage.clear();
  const autosave = TestBed.inject(Autosave);
  const store = TestBed.inject(WorkspaceStore);
  await autosave.start();
  expect(store.loaded()).toBe(true);
  await until(() => autosave.state() === 'failed', 'the fault');
  expect(autosave.problem()).toMatch(/nothing is saved yet. Export the trip to keep it/);
  store.editTrip('name', (t) => ({ ...t, name: 'Mine' }));
  await autosave.settled();
  expect([store.trip().name, autosave.state()]).toEqual(['Mine', 'failed']);
});
