/** A line of the table: what was measured, and what was wanted of it. */
export interface Row {
  what: string;
  reached: string;
  /** Empty where nothing was asked for. */
  wanted: string;
  isMet: boolean;
}

export const under = (what: string, value: number, wanted: number, unit: string, digits = 0): Row => ({
  what,
  reached: `${value.toFixed(digits)} ${unit}`,
  wanted: `under ${wanted} ${unit}`,
  isMet: value < wanted,
});

export const told = (what: string, reached: string): Row => ({ what, reached, wanted: '', isMet: true });

/** The row as it is said while the bench runs. */
export const said = ({ what, reached, wanted, isMet }: Row): string =>
  `${wanted ? (isMet ? 'reached    ' : 'NOT REACHED') : '           '} ${what}: ${reached}${wanted && ` (wanted ${wanted})`}`;

/** The row in the table of docs/performance.md. */
export const tabled = ({ what, reached, wanted, isMet }: Row): string =>
  `| ${what} | ${reached} | ${wanted} | ${wanted ? (isMet ? 'reached' : '**not reached**') : ''} |`;
