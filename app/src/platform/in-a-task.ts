/**
 * Goes on in a task of its own, so that a slow phone is held by none of them for long; with a value, where one is given. At once where nobody looks:
 * a page that is hidden has its timers once a second.
 */
export const inATask = <T = void>(value?: T): Promise<T> =>
  new Promise((resolve) => {
    if (document.hidden) resolve(value as T);
    else setTimeout(() => resolve(value as T));
  });
