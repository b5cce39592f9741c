/** Something that has happened once in this browser, known at once. Where storage is forbidden it is forgotten. */
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
