import type { Edge } from '@tinder/core/planning/planned';
import type { Units } from './units';

/** What would let a failing meal be cooked, and that the plan provides for it so. */
export function edgeWords(edge: Edge, units: Pick<Units, 'text'>): string {
  const provided = 'fuel is provided for that';
  switch (edge.code) {
    case 'lee':
      return `It cooks below ${units.text(edge.unscreenedMps, 'speed')} at an unscreened flame: find a lee; ${provided}.`;
    case 'warmCan':
      return edge.canC === undefined
        ? `It cooks on a canister kept warm: a tepid bath, never hot; ${provided}.`
        : `It cooks with the canister at ${units.text(edge.canC, 'temperature')} when lit: warm it in the jacket or the bag; ${provided}.`;
    case 'warmCanInLee':
      return `It cooks on a warm canister and below ${units.text(edge.unscreenedMps, 'speed')}: warm the canister and find a lee; ${provided}.`;
    case 'openFlame':
      return `It cooks with the flame opened fully, out of the wind; ${provided}.`;
    case 'target':
      return `Out of the wind it gets to ${units.text(edge.targetC, 'temperature')} at most: heat less water, or take a stronger stove. An hour’s fuel is provided for it.`;
    case 'none':
      return 'Nothing tried here cooks it: take another stove or another dish. An hour’s fuel is provided for it.';
  }
}
