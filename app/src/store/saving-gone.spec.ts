import { TestBed } from '@angular/core/testing';
import { Autosave } from './autosave';
import { WorkspaceStore } from './workspace-store';

jest.mock('./saving', () => {
  throw new TypeError('Failed to fetch dynamically imported module');
});

it('where the part that saves does not come, that is told, and the demo can be looked at', async () => {
  const autosave = TestBed.inject(Autosave);
  const store = TestBed.inject(WorkspaceStore);
  await autosave.start();
  expect(autosave.state()).toBe('failed');
  expect(autosave.problem()).toContain('What is saved cannot be shown, and nothing is saved over it. Reload the page');
  expect(store.loaded()).toBe(true);
  autosave.keepNow(); // nor does leaving the page keep anything
  expect(localStorage.getItem('unwritten')).toBeNull();
});
