import type { Container } from '@tinder/core/domain/carry';
import type { ContainerDays } from '@tinder/core/output/pack';
import { spreadUp } from './label-spread';

/** Sizes of a container with marks on it, px: what is drawn grows with the type around it. */
const WIDTH = 40;
const LEAST_HEIGHT = 66;
const LINE_HEIGHT = 13;
const SHOULDER = 16;

/** A container as it is marked: its outline, and a line for each day at the level that is planned to be left. */
export interface ContainerMarks {
  width: number;
  height: number;
  outline: string;
  marks: { day: number; left: Container; y: number; labelY: number }[];
}

/** The outline with its marks; nothing for tablets, which are counted. */
export function containerMarks({ container, days }: ContainerDays): ContainerMarks | undefined {
  if (container.kind === 'tablets') return undefined;
  const height = Math.max(LEAST_HEIGHT, SHOULDER + LINE_HEIGHT * days.length);
  const [top, foot] = [SHOULDER, height - 1];
  const marks = days.map(({ day, left }) => {
    const y = foot - (foot - top) * fullShare(left);
    return { day, left, y, labelY: Math.min(y, foot - 3) };
  });
  return { width: WIDTH, height, outline: outlineOf(container, foot), marks: spreadUp(marks.reverse(), LINE_HEIGHT) };
}

/** How full it is, 0–1; nothing for tablets. */
function fullShare(c: Container): number {
  switch (c.kind) {
    case 'bottle':
    case 'liquidBottle':
      return c.fillMl / c.sizeMl;
    case 'canister':
    case 'gelTin':
      return c.fuelG / c.netG;
    case 'tablets':
      return 0;
  }
}

function outlineOf(c: Container, foot: number): string {
  if (c.kind === 'canister') return `M1,${foot} V14 q1,-9 11,-10 h4 v-3 h8 v3 h4 q11,1 11,10 V${foot}Z`;
  if (c.kind === 'gelTin') return `M1,${foot} V14 h38 V${foot}Z`;
  return `M3,${foot} V16 q0,-6 8,-8 v-7 h18 v7 q8,2 8,8 V${foot}Z`;
}
