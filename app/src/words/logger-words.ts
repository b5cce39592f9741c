import type { LoggerLineProblem, LoggerProblem } from '@tinder/core/output/tables';
import type { TooLarge } from '../workers/file-reader';
import { cut } from './quoted';

/** Why a logger's file cannot be read at all. */
export const LOGGER_PROBLEM_WORDS: Record<LoggerProblem['code'] | TooLarge['code'], string> = {
  tooLarge: 'It is too large for the readings of one pot.',
  emptyTable: 'There are no readings in it. Save the readings as text, one a line, time and temperature beside each other.',
  oneColumn:
    'There is only one column in it. Time and temperature have to stand beside each other, parted by tab, semicolon, bar or comma.',
};

/** Why a line is left out. */
export function loggerLineWords(line: number, { code, found }: LoggerLineProblem): string {
  const said = `“${cut(found)}”`;
  switch (code) {
    case 'noTime':
      return `Line ${line}: ${said} is no time. Choose another time column or unit.`;
    case 'noTemperature':
      return `Line ${line}: ${said} is no temperature.`;
    case 'backwards':
      return `Line ${line}: ${said} is earlier than the line before.`;
    case 'outside':
      return `Line ${line}: ${said} is colder or hotter than any pot of water. Is the unit right?`;
  }
}
