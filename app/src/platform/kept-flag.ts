/** Something that has happened once in this browser, known at once and for good; where it may not be kept, for as long as nobody asks again. */
export class KeptFlag {
  constructor(private readonly name: string) {}

  read(): boolean {
    try {
      return localStorage.getItem(this.name) === 'true';
    } catch {
      return false; // forbidden
    }
  }

  set(): void {
    try {
      localStorage.setItem(this.name, 'true');
    } catch {
      // not kept
    }
  }
}
