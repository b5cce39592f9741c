import { expose } from 'comlink';

/** What a worker says when it has started, and whenever it has heard something, before it sets to work. */
export const ALIVE = 'restless-tinder: alive';

/** Offers an object to the page, and lets the page know that somebody is there: comlink alone waits for ever. */
export function exposeAlive(host: object): void {
  addEventListener('message', () => postMessage(ALIVE));
  expose(host);
  postMessage(ALIVE);
}
