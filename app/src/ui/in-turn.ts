import {
  DestroyRef,
  Directive,
  ErrorHandler,
  inject,
  Injectable,
  input,
  signal,
  TemplateRef,
  untracked,
  ViewContainerRef,
} from '@angular/core';
import { inATask } from '../platform/in-a-task';

/** Where no part is being built, a part without a place comes after those that have one. */
const AFTER_ALL = 100;

/** What took longer is painted before the next: laid out together, parts would hold the page as well. */
const LONG_MS = 8;

/** A task, and the one that comes next. */
type Work = () => Work | undefined;

interface Part {
  place: () => number;
  /** Where it will stand. */
  at: Node;
  build: Work;
}

/** Who waits to be built: one part after the other, made in one task and filled in the next, so that the page is free between them; the lowest place first, and of two the one further up the page. */
@Injectable({ providedIn: 'root' })
export class Turns {
  private readonly errors = inject(ErrorHandler);
  private readonly waiting: Part[] = [];
  /** What is still to be done for the part that was begun last. */
  private rest: Work | undefined;
  private readonly busySignal = signal(false);
  private readonly wholeWaits: (() => void)[] = [];
  /** Is something still to be built? */
  readonly busy = this.busySignal.asReadonly();
  /** Of the part that was built last: what is inside it has its place. */
  placeNow = AFTER_ALL;

  /** Gives back how to take the part out again. */
  add(part: Part): () => void {
    this.waiting.push(part);
    untracked(() => {
      if (!this.busy()) this.goOn(false);
      this.busySignal.set(true);
    });
    return () => this.remove(part);
  }

  private remove(part: Part): void {
    const at = this.waiting.indexOf(part);
    if (at >= 0) this.waiting.splice(at, 1);
  }

  private readonly next = (): void => {
    const work = this.rest ?? this.take();
    this.rest = undefined;
    if (!work) return this.isWhole();
    const since = performance.now();
    try {
      this.rest = work();
    } catch (e) {
      this.errors.handleError(e); // one that cannot be built holds up none of the others
    }
    this.goOn(performance.now() - since > LONG_MS);
  };

  /** The next in a task of its own; after one that took long, when that has been painted, unless nobody looks. */
  private goOn(wasLong: boolean): void {
    const on = (): void => void inATask().then(this.next);
    if (wasLong && !document.hidden) requestAnimationFrame(on);
    else on();
  }

  /** When nothing is left to be built. */
  whole(): Promise<void> {
    return untracked(this.busy) ? new Promise((resolve) => this.wholeWaits.push(resolve)) : Promise.resolve();
  }

  private isWhole(): void {
    this.busySignal.set(false);
    this.wholeWaits.splice(0).forEach((resolve) => resolve());
  }

  /** The part whose turn it is. */
  private take(): Work | undefined {
    this.placeNow = Math.min(AFTER_ALL, ...this.waiting.map((p) => p.place()));
    const due = this.waiting.filter((p) => p.place() <= this.placeNow);
    const part = due.reduce<Part | undefined>((first, p) => (first && !isAbove(p.at, first.at) ? first : p), undefined);
    if (part) this.remove(part);
    return part?.build;
  }
}

/** Does one stand further up the page than another? */
const isAbove = (one: Node, other: Node): boolean => !!(one.compareDocumentPosition(other) & Node.DOCUMENT_POSITION_FOLLOWING);

/**
 * A part of a view that is built in a task of its own, in turn: a slow phone is held by none of them for long, and what was asked for meanwhile is
 * seen first. `*appInTurn="2"` has a place; without one it has that of the part it stands in.
 */
@Directive({ selector: '[appInTurn]' })
export class InTurn {
  readonly appInTurn = input<number | ''>('');

  constructor() {
    const [view, part, turns] = [inject(ViewContainerRef), inject<TemplateRef<unknown>>(TemplateRef), inject(Turns)];
    const inside = turns.placeNow;
    const onDestroy = inject(DestroyRef);
    onDestroy.onDestroy(
      turns.add({
        at: view.element.nativeElement as Node,
        place: () => {
          const own = this.appInTurn();
          return own === '' ? inside : own;
        },
        build: () => {
          // on the page in the task that fills it, where its width can be measured: what is empty would be painted, and move what stands below when it is not
          const made = part.createEmbeddedView(undefined);
          return () => {
            if (onDestroy.destroyed) made.destroy();
            else {
              view.insert(made);
              made.detectChanges();
            }
            return undefined;
          };
        },
      }),
    );
  }
}
