/** A reserve by share: so much more than is burnt, %. */
interface ByShare {
  reservePercent: number;
}

/** The reserve on what a carry burns, g. */
export const reserveOfG = ({ reservePercent }: ByShare, burntG: number): number => (burntG * reservePercent) / 100;

/** What leaves a stop for each gram that is burnt. */
export const withReserve = ({ reservePercent }: ByShare): number => 1 + reservePercent / 100;
