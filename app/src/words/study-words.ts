import { cut } from './quoted';

/** That something could not be worked out, and what to do. */
export const studyProblemWords = (why: string): string => `This could not be worked out (${cut(why)}). Undo the last change, or try again.`;

/** That a plan could not be made. */
export const planProblemWords = (why: string): string => `The plan could not be worked out: ${cut(why)}. Undo the last change, or `;
