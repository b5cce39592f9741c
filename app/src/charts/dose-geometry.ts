import type { DoseChoice, DoseTable } from '@tinder/core/planning/plan';
import { scaleLinear } from 'd3-scale';

export interface DoseGeometry {
  /** One mark a dose: where it stands, whether it is the one to take, and whether there is room for its name. */
  marks: { choice: DoseChoice; x: number; y: number; best: boolean; named: boolean }[];
  path: string;
  /** Height at which one evening in ten is too little. */
  limitY: number;
  y: (share: number) => number;
}

/** Room that a dose's name takes, px. */
const NAME = 48;

/** Doses from left to right, the chance that each is too little upwards; `most` is the chance that is lived with. */
export function doseGeometry({ choices, best }: DoseTable, most: number, width: number, height: number): DoseGeometry {
  const amounts = choices.map((c) => c.amount);
  const x = scaleLinear()
    .domain([Math.min(...amounts), Math.max(...amounts)])
    .range([0, width]);
  const y = scaleLinear().domain([0, 1]).range([height, 8]);
  const placeOf = (c: DoseChoice): number => (choices.length > 1 ? x(c.amount) : width / 2);
  const ends = [choices[0], choices[choices.length - 1]];
  const marks = choices.map((choice) => ({
    choice,
    x: placeOf(choice),
    y: y(choice.relight),
    best: choice === best,
    named: choice === best || (ends.includes(choice) && Math.abs(placeOf(choice) - placeOf(best)) > NAME),
  }));
  return { marks, path: marks.map((m, i) => `${i ? 'L' : 'M'}${m.x.toFixed(1)},${m.y.toFixed(1)}`).join(''), limitY: y(most), y };
}
