import { TestBed } from '@angular/core/testing';
import { SwUpdate } from '@angular/service-worker';
import { Subject } from 'rxjs';
import { AppUpdates } from './app-updates';

function withWorker() {
  const versionUpdates = new Subject<{ type: string }>();
  const unrecoverable = new Subject<object>();
  TestBed.configureTestingModule({ providers: [{ provide: SwUpdate, useValue: { isEnabled: true, versionUpdates, unrecoverable } }] });
  return { updates: TestBed.inject(AppUpdates), versionUpdates, unrecoverable };
}

describe('a newer version of the app', () => {
  it('is told once all of it is here, not before', () => {
    const { updates, versionUpdates } = withWorker();
    versionUpdates.next({ type: 'VERSION_DETECTED' });
    expect(updates.ready()).toBe(false);
    versionUpdates.next({ type: 'VERSION_READY' });
    expect([updates.ready(), updates.broken()]).toEqual([true, false]);
  });

  it('is told when the copy kept for offline use lost a part', () => {
    const { updates, unrecoverable } = withWorker();
    unrecoverable.next({});
    expect(updates.broken()).toBe(true);
  });

  it('is told when a view is asked for that this version no longer has', () => {
    const updates = TestBed.inject(AppUpdates);
    updates.partIsGone(new TypeError('Failed to fetch dynamically imported module: /chunk-A.js'));
    expect(updates.broken()).toBe(true);
  });

  it('hides no other fault of a view', () => {
    const updates = TestBed.inject(AppUpdates);
    expect(() => updates.partIsGone(new TypeError('x is undefined'))).toThrow('x is undefined');
    expect(updates.broken()).toBe(false);
  });
});
