/** Goes on in a task of its own, so that a slow phone is held by none of them for long; with a value, where one is given. */
export const inATask = <T = void>(value?: T): Promise<T> => new Promise((resolve) => setTimeout(() => resolve(value as T)));
