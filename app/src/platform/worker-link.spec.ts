import { turn } from '../testing/until';
import { KeptWorker } from './kept-worker';
import { linkWorker, WorkerBroken, type Patience } from './worker-link';

/** A worker that does nothing but what the test makes it say. */
class StillWorker extends EventTarget {
  ended = false;
  posted: unknown[] = [];
  postMessage(message: unknown): void {
    this.posted.push(message);
  }
  terminate(): void {
    this.ended = true;
  }
  say(data: unknown): void {
    this.dispatchEvent(new MessageEvent('message', { data }));
  }
}
interface Host {
  add(a: number, b: number): number;
}
const patience: Patience = { untilAliveMs: 20, whileWorkingMs: 60 };
const link = (worker: StillWorker, p = patience) => linkWorker<Host>(worker as unknown as Worker, p);
const never = () => new Promise<never>(() => undefined);

describe('a link to a worker', () => {
  afterEach(() => jest.useRealTimers());

  it('breaks when the worker never shows that it is there', async () => {
    await expect(link(new StillWorker()).call(never)).rejects.toThrow('the worker does not answer');
  });

  it('breaks when a worker that was there falls silent, and not before', async () => {
    const worker = new StillWorker();
    const call = link(worker).call(never);
    worker.say('alive');
    await expect(call).rejects.toThrow('the worker has stopped answering');
  });

  it('waits without end for nobody: between calls a worker may be silent', async () => {
    jest.useFakeTimers();
    const worker = new StillWorker();
    const still = link(worker);
    expect(await still.call(() => Promise.resolve(5))).toBe(5);
    jest.advanceTimersByTime(4 * patience.whileWorkingMs);
    expect(await still.call(() => Promise.resolve(6))).toBe(6);
  });

  it.each([
    ['error', 'the worker could not be started'],
    ['messageerror', 'the worker said something that cannot be read'],
  ])('breaks on %s', async (type, words) => {
    const worker = new StillWorker();
    const call = link(worker).call(never);
    worker.dispatchEvent(new Event(type));
    await expect(call).rejects.toThrow(words);
  });
});

describe('a worker that stays', () => {
  const host: Host = { add: (a, b) => a + b };
  const kept = (start: () => StillWorker) => {
    const told: string[] = [];
    const worker = new KeptWorker<Host>({
      start: () => link(start()),
      onPage: () => Promise.resolve(host),
      ended: () => told.push('ended'),
      gaveUp: (why) => told.push(why),
    });
    return { worker, told };
  };

  it('is tried twice, then the page answers, now and from then on', async () => {
    const started: StillWorker[] = [];
    const { worker, told } = kept(() => {
      started.push(new StillWorker());
      return started[started.length - 1];
    });
    const add = () => worker.call(async (h) => await h.add(2, 3));
    expect([await add(), await add()]).toEqual([5, 5]);
    expect([started.map((w) => w.ended), told]).toEqual([
      [true, true],
      ['ended', 'ended', 'the worker does not answer'],
    ]);
  });

  it('is tried twice, and gives the work up where it was there and fell silent: the page would halt as long', async () => {
    const { worker, told } = kept(() => {
      const one = new StillWorker();
      setTimeout(() => one.say('alive'));
      return one;
    });
    await expect(worker.call(never)).rejects.toThrow('the worker has stopped answering');
    expect(told).toEqual(['ended', 'ended']);
  });

  it('does not take what the work itself threw for a broken worker', async () => {
    const { worker, told } = kept(() => new StillWorker());
    await expect(worker.call(() => Promise.reject(new Error('no such stove')))).rejects.toThrow('no such stove');
    expect(told).toEqual([]);
  });

  it('ends in the middle of its work when it is told to, and is not started again for that', async () => {
    let starts = 0;
    const { worker } = kept(() => (starts++, new StillWorker()));
    const call = worker.call(never);
    worker.end();
    await expect(call).rejects.toBeInstanceOf(WorkerBroken);
    await turn();
    expect(starts).toBe(1);
  });
});
