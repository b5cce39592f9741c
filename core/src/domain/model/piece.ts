import type { Piece, Role } from './piece-schema';

/** What a piece weighs: by the walker's own scale where there is a value. */
export const massOfG = (p: Pick<Piece, 'massG' | 'ownMassG'>): number => p.ownMassG ?? p.massG;

/** Does it do this job, first or besides? */
export const hasRole = (p: Pick<Piece, 'role' | 'alsoRoles'>, role: Role): boolean => p.role === role || p.alsoRoles.includes(role);

/** Has it seen as many trips as it is good for? */
export const isWorn = ({ life }: Pick<Piece, 'life'>): boolean => life !== null && life.used >= life.trips;
