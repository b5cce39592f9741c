import { execFileSync } from 'node:child_process';
import path from 'node:path';

/** Code that might be written into a file that is there, and the rule that must refuse it; none where it may stand. */
const PROBES: [what: string, file: string, code: string, refusedBy?: string][] = [
  [
    'a view imports a view',
    'app/src/views/menu/menu-view.ts',
    `export { CarryView } from '../carry/carry-view';`,
    'boundaries/dependencies',
  ],
  ['words know a view', 'app/src/words/units.ts', `export { CarryView } from '../views/carry/carry-view';`, 'boundaries/dependencies'],
  [
    'a control knows the store',
    'app/src/ui/choice.ts',
    `export { WorkspaceStore } from '../store/workspace-store';`,
    'boundaries/dependencies',
  ],
  ['a worker knows the page', 'app/src/workers/planner.ts', `export { download } from '../platform/download';`, 'boundaries/dependencies'],
  [
    'two shared pieces know each other',
    'app/src/parts/wind/wind-editor.ts',
    `export { Figure } from '../ledger/figure';`,
    'boundaries/dependencies',
  ],
  [
    'the core reaches above its floor',
    'core/src/physics/water/snow.ts',
    `export { planTrip } from '../../planning/plan';`,
    'boundaries/dependencies',
  ],
  [
    'the plan knows its studies',
    'core/src/planning/plan/plan.ts',
    `export { habitLedger } from '../../studies/study';`,
    'boundaries/dependencies',
  ],
  [
    'a group knows one after it, though the floor is lower',
    'core/src/domain/kit/score.ts',
    `export { poured } from '../../planning/load-out';`,
    'boundaries/dependencies',
  ],
  [
    'a folder of the core is entered by a window',
    'core/src/planning/plan/plan.ts',
    `export { fuelById } from '../../physics/fuel/fuels';`,
    'no-restricted-imports',
  ],
  ['the core knows a framework', 'core/src/planning/plan/plan.ts', `export { signal } from '@angular/core';`, 'no-restricted-imports'],
  ['a view uses what is below it', 'app/src/views/menu/menu-view.ts', `export { Ribbon } from '../../charts/ribbon';`],
  ['a study uses the plan by its door', 'core/src/studies/study/habits.ts', `export { planTrip } from '../../planning/plan';`],
];

describe('the floors of the house', () => {
  const root = path.resolve(__dirname, '../..');
  const probes = JSON.stringify(PROBES.map(([, file, code]) => ({ file, code: `${code}\n` })));
  const refused = JSON.parse(
    execFileSync(process.execPath, [path.join(root, 'scripts/lint-probe.mjs'), probes], { cwd: root, encoding: 'utf8' }),
  ) as string[][];

  it.each(PROBES.map(([what, , , rule], i) => [rule ? 'refuse that' : 'let it be that', what, rule, i] as const))(
    '%s %s',
    (_verdict, _what, rule, i) => {
      if (rule) expect(refused[i]).toContain(rule);
      else expect(refused[i]).toEqual([]);
    },
  );
});
