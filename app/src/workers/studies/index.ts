import { advice } from './advice';
import { balance } from './balance';

import { cold } from './cold';
import { dish } from './dish';
import { dose } from './dose';
import { draft } from './draft';
import { find, findAgainst, findMixes, findRisks } from './find';
import { flame } from './flame';
import { habits } from './habits';
import { blend } from './blend';
import { burnerFit } from './burner-fit';
import { claims } from './claims';
import { kitLines } from './kit-lines';
import { kits } from './kits';
import { ladder } from './ladder';
import { legKits } from './leg-kits';
import { losses } from './losses';
import { mends } from './mends';
import { nest } from './nest';
import { ownBurner } from './own-burner';
import { ownChoice } from './own-choice';
import { pack } from './pack';
import { perKcal } from './per-kcal';
import { risk } from './risk';
import { season } from './season';
import { shop } from './shop';
import { tripwires } from './tripwires';
import { stretch, walk } from './walk';
import { whatIf } from './what-if';
import { whichTest } from './which-test';

/** Every study by the name that the page asks for it: what it is about, what else it must be told, what it answers. */
export const STUDIES = {
  advice,
  balance,
  blend,
  burnerFit,
  dish,
  claims,
  cold,
  dose,
  draft,
  find,
  findAgainst,
  findMixes,
  findRisks,
  flame,
  habits,
  kitLines,
  kits,
  ladder,
  legKits,
  losses,
  mends,
  nest,
  ownBurner,
  ownChoice,
  pack,
  perKcal,
  risk,
  season,
  shop,
  stretch,
  tripwires,
  walk,
  whatIf,
  whichTest,
};
export type StudyName = keyof typeof STUDIES;
export type SubjectOf<N extends StudyName> = Parameters<(typeof STUDIES)[N]>[0];
export type ArgsOf<N extends StudyName> = Parameters<(typeof STUDIES)[N]>[1];
export type AnswerOf<N extends StudyName> = ReturnType<(typeof STUDIES)[N]>;
