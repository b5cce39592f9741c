/** Dashes that tell other kits apart, in the chart and in the list that names them. */
const DASHES = ['7 2', '2 3', '12 3 2 3', '1 5', '16 5'];

/** The dash of the kit with that place among the others. */
export const kitDash = (place: number): string => DASHES[place % DASHES.length];
