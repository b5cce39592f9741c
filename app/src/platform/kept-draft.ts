import { filter, fromEvent, map, type Observable } from 'rxjs';
import type { ZodType } from 'zod';

/** Something half done that outlives a reload and a phone that goes to sleep: one small value under a name, read back only as what it should be. */
export class KeptDraft<T> {
  /** What other tabs make of it. */
  readonly changes$: Observable<T | undefined> = fromEvent<StorageEvent>(window, 'storage').pipe(
    filter((e) => e.key === this.name),
    map(() => this.read()),
  );

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
}
