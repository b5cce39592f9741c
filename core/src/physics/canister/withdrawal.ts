import type { BlendByMass } from '../fuel';
import { GASES, pureVapourPressurePa } from './vapour-pressure';

const LAST_DROP = 1e-6;
const PASSES = 50;

/**
 * Liquid composition when `fractionLeft` (0–1, by mass) of a fresh blend remains and vapour was drawn off at `canC`.
 *
 * Rayleigh distillation: dn_i ∝ x_i p_i, so at constant temperature m_i = m_i0·exp(−p_i τ) exactly, and only τ is
 * searched for. The remaining mass is convex and falls with τ, so Newton from τ = 0 approaches without overshoot.
 */
export function blendAfterWithdrawal(fresh: BlendByMass, fractionLeft: number, canC: number): BlendByMass {
  if (fractionLeft >= 1) return fresh;
  const target = Math.max(fractionLeft, LAST_DROP); // the last drop keeps its limit composition
  const p = GASES.map((g) => pureVapourPressurePa(g, canC) / 1e5);
  let mass = GASES.map((g) => fresh[g]);
  let tau = 0;
  for (let i = 0; i < PASSES; i++) {
    const left = mass[0]! + mass[1]! + mass[2]!;
    const slope = p[0]! * mass[0]! + p[1]! * mass[1]! + p[2]! * mass[2]!;
    if (left - target < 1e-10) break;
    tau += (left - target) / slope;
    mass = GASES.map((g, j) => fresh[g] * Math.exp(-p[j]! * tau));
  }
  const left = mass[0]! + mass[1]! + mass[2]!;
  return { propane: mass[0]! / left, isobutane: mass[1]! / left, nButane: mass[2]! / left };
}
