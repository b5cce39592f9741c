import { openDB } from 'idb';
import { demoWorkspace } from './workspace';
import { WorkspaceDb } from './workspace-db';

const quiet = { blocked: () => undefined, terminated: () => undefined };
let n = 0;

describe('the saved workspace', () => {
  it('comes back as it was saved, in another connection', async () => {
    const name = `db-${n++}`;
    const first = await WorkspaceDb.open(quiet, name);
    expect(await first.load()).toEqual({ kind: 'none' });
    const workspace = demoWorkspace();
    await first.save({ ...workspace, trip: { ...workspace.trip, name: 'Ember Traverse' } });
    first.close();
    const second = await WorkspaceDb.open(quiet, name);
    expect(await second.load()).toMatchObject({ kind: 'workspace', workspace: { trip: { name: 'Ember Traverse' } } });
  });

  it('sets aside what it cannot read and does not lose it', async () => {
    const name = `db-${n++}`;
    const db = await WorkspaceDb.open(quiet, name);
    const raw = await openDB(name);
    await raw.put('workspace', { trip: 'from some other day' }, 'current');
    expect(await db.load()).toEqual({ kind: 'unreadable' });
    await db.save(demoWorkspace());
    expect(await raw.get('workspace', 'unreadable')).toEqual({ trip: 'from some other day' });
  });
});
