import { burnerById } from '../../domain/catalogue';
import { fuelById } from '../../physics/fuel';
import type { Trip } from '../../domain/model';
import { conePattern, cozyPatterns, doseStrip, floatStrip, standPattern, windscreenStrip, type Pattern } from './patterns';

/** A windscreen stands so far up the pot (common practice: to two thirds). */
const UP_THE_POT = 2 / 3;
/** Float strips for cans so wide (docs/physics.md, Shelf). */
const CAN_MM = [
  { diameterMm: 90, netG: 100 },
  { diameterMm: 110, netG: 230 },
] as const;

/** Everything that can be cut for the kit of a trip: what stands round this flame, what wraps this pot, what marks this fuel. */
export function patternsFor({ kit, cut: m }: Pick<Trip, 'kit' | 'cut'>): Pattern[] {
  const { family } = burnerById(kit.burnerId);
  const kind = fuelById(kit.fuelId).kind;
  const { diameterMm, heightMm } = kit.pot;
  const spirit = kind === 'alcohol';
  const onCan = family === 'canisterTop' || family === 'regulated' || family === 'locked';
  // a gas flame stands right under its pot
  const screenMm = m.burnerHeightMm + (spirit ? m.potGapMm : 0) + UP_THE_POT * heightMm;
  const screens =
    family === 'none' ? [] : [windscreenStrip({ potDiameterMm: diameterMm, gapMm: m.gapMm, heightMm: screenMm, onCan, handle: true })];
  return [
    ...screens,
    ...(spirit
      ? [
          conePattern(diameterMm, diameterMm + m.flareMm, m.burnerHeightMm + m.potGapMm + 10),
          standPattern(0.8 * diameterMm, m.burnerHeightMm, m.potGapMm),
          doseStrip(m.vessel, kit.measureMl),
        ]
      : []),
    ...cozyPatterns(diameterMm, heightMm, m.foamMm),
    ...(kind === 'gas' ? CAN_MM.map((c) => floatStrip(c.diameterMm, c.netG)) : []),
  ];
}
