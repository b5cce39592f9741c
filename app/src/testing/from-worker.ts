export const fromWorker = <T>(callback: T): T => callback;
