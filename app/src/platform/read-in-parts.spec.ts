import { readInParts } from './read-in-parts';

describe('scripts that are read later', () => {
  const fetched = (): (string | null)[] =>
    [...document.head.querySelectorAll('link[rel=modulepreload]')].map((l) => l.getAttribute('href'));
  /** Stands for the browser: says what ran, and what a script has. */
  function runner(missing?: string): { ran: string[]; run: (file: string) => Promise<unknown> } {
    const ran: string[] = [];
    const run = (file: string): Promise<unknown> => {
      if (file === missing) return Promise.reject(new Error('it does not come'));
      ran.push(file);
      return Promise.resolve(`what ${file} has`);
    };
    return { ran, run };
  }
  const aTask = (): Promise<void> => new Promise((done) => setTimeout(done));

  afterEach(() => document.head.replaceChildren());

  it('are all fetched at once, run one a task, and give what the last one has', async () => {
    const { ran, run } = runner();
    const read = readInParts(['./one.js', './two.js', './three.js'], run);
    expect(fetched()).toEqual(['./one.js', './two.js', './three.js']);
    expect(ran).toEqual(['./one.js']);
    while (ran.length < 3) {
      const before = ran.length;
      await aTask();
      expect(ran.length - before).toBeLessThan(2);
    }
    expect(await read).toBe('what ./three.js has');
  });

  it('are not fetched again once they have been run', async () => {
    const { run } = runner();
    await readInParts(['./shared.js', './a-view.js'], run);
    document.head.replaceChildren();
    expect(await readInParts(['./shared.js', './another-view.js'], run)).toBe('what ./another-view.js has');
    expect(fetched()).toEqual(['./another-view.js']);
    expect(await readInParts(['./shared.js', './a-view.js'], run)).toBe('what ./a-view.js has');
  });

  it('are asked for again where one did not come', async () => {
    await expect(readInParts(['./there.js', './missing.js', './asked.js'], runner('./missing.js').run)).rejects.toThrow('it does not come');
    const { ran, run } = runner();
    expect(await readInParts(['./there.js', './missing.js', './asked.js'], run)).toBe('what ./asked.js has');
    expect(ran).toContain('./missing.js');
  });
});
