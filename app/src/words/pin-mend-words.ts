import type { MendKind } from '@tinder/core/studies/study';

/** A way out where what is pinned is too little, as something to do. */
export function pinMendWords(kind: MendKind): string {
  switch (kind.code) {
    case 'more':
      return `one more ${kind.netG} g canister at ${kind.stop}`;
    case 'box':
      return `a box posted to ${kind.stop}`;
    case 'coldSuppers':
      return kind.nights === 1 ? 'the last dinner eaten cold' : `the last ${kind.nights} dinners eaten cold`;
    case 'kit':
      return `carry ${kind.name} instead`;
    case 'unpin':
      return `let ${kind.stop} be chosen again`;
  }
}
