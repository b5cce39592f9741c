import { writeCsv } from './csv';
import type { Container } from '../../domain/carry';
import type { CarryPlan, Plan } from '../../planning/planned';

/** The load-outs as a table, one line a stop that fills up, in grams. */
export const LOAD_OUT_COLUMNS = [
  'from',
  'to',
  'firstDay',
  'lastDay',
  'supply',
  'bought',
  'leavingWith',
  'left',
  'demandG',
  'reserveG',
  'fuelG',
  'containersG',
  'hardwareG',
  'startG',
  'averageG',
] as const;

/** Load-outs of a plan as CSV (RFC 4180); containers in words ("canister 230 g with 120 g", "bottle 250 mL with 200 mL"), several joined by " + ". */
export function writeLoadOutCsv(plan: Pick<Plan, 'carries'>): string {
  return writeCsv(LOAD_OUT_COLUMNS, plan.carries.map(row));
}

function row(c: CarryPlan): (string | number)[] {
  const list = (cs: readonly Container[]): string => cs.map(asText).join(' + ');
  const g = (massG: number): number => Math.round(10 * massG) / 10;
  return [
    c.from,
    c.to,
    c.days[0]!.day,
    c.days[c.days.length - 1]!.day,
    c.supply,
    list(c.bought),
    list(c.containers),
    list(c.left),
    g(c.demandG),
    g(c.reserveG),
    g(c.fuelG),
    g(c.tareG),
    g(c.hardwareG),
    g(c.profile.startG),
    g(c.profile.averageG),
  ];
}

function asText(c: Container): string {
  switch (c.kind) {
    case 'canister':
      return `canister ${c.netG} g with ${Math.round(c.fuelG)} g`;
    case 'gelTin':
      return `gel tin ${c.netG} g with ${Math.round(c.fuelG)} g`;
    case 'tablets':
      return `${c.count} tablets of ${c.tabletG} g`;
    case 'bottle':
    case 'liquidBottle':
      return `bottle ${c.sizeMl} mL with ${Math.round(c.fillMl)} mL`;
  }
}
