/** Stands in for the channel between tabs, which jsdom does not have: remembers what was sent. */
export class QuietChannel extends EventTarget {
  static last: QuietChannel;
  sent: unknown[] = [];
  constructor() {
    super();
    QuietChannel.last = this;
  }
  postMessage(message: unknown): void {
    this.sent.push(message);
  }
}
