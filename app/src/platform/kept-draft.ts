import type { ZodType } from 'zod';

/** Something half done that outlives a reload and a phone that goes to sleep: one small value under a name, read back only as what it should be. */
export class KeptDraft<T> {
  constructor(
    private readonly name: string,
    private readonly schema: ZodType<T>,
  ) {}

  read(): T | undefined {
    try {
      const text = localStorage.getItem(this.name);
      const read = text === null ? undefined : this.schema.safeParse(JSON.parse(text));
      return read?.success ? read.data : undefined;
    } catch {
      return undefined; // forbidden, or no JSON: nothing is half done
    }
  }

  /** Throws where the value could not be read back. */
  write(value: T | undefined): void {
    const text = value === undefined ? undefined : JSON.stringify(this.schema.parse(value));
    try {
      if (text === undefined) localStorage.removeItem(this.name);
      else localStorage.setItem(this.name, text);
    } catch {
      // not kept: it lasts as long as the page does
    }
  }

  /** Hears of what other tabs make of it; gives back how to stop. */
  follow(changed: (value: T | undefined) => void): () => void {
    const heard = (e: StorageEvent): void => (e.key === this.name ? changed(this.read()) : undefined);
    addEventListener('storage', heard);
    return () => removeEventListener('storage', heard);
  }
}
