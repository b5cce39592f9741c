import { cut } from './quoted';

/** That something could not be worked out, and what to do. */
export const studyProblemWords = (why: string): string => `This could not be worked out (${cut(why)}). Undo the last change, or try again.`;

/** That the browser gives the app no workers. */
export const noWorkerWords = (why: string): string =>
  `The part of the app that works things out beside the page does not run in this browser (${cut(why)}). Everything is worked out on the page itself, which may halt for moments. Reload the page to try again.`;

/** That a plan could not be made. */
export const planProblemWords = (why: string): string => `The plan could not be worked out: ${cut(why)}. Undo the last change, or `;
