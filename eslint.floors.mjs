/**
 * The house, floor by floor, lowest first. A folder may use itself and every folder on a floor below its own; folders that share a floor
 * do not see each other. A thing that two of them need moves down to the lowest floor that can hold it (docs/architecture.md).
 */
export const CORE_FLOORS = [
  ['foundation/errors', 'foundation/numeric'],
  ['foundation/units', 'physics/water', 'physics/fuel', 'physics/climate'],
  ['physics/air', 'domain/carry'],
  ['physics/canister', 'planning/load-out'],
  ['physics/burn'],
  ['domain/catalogue'],
  ['domain/model'],
  ['domain/menu', 'domain/trail', 'domain/shelf', 'planning/risk', 'output/archive'],
  ['domain/kit', 'planning/planned', 'output/calendar'],
  ['planning/plan', 'studies/found', 'demo'],
  ['studies/bench'],
  ['studies/study', 'output/tables'],
  ['studies/finder', 'output/walk', 'output/pack'],
];

/** The groups of the core as the tree shows them: a group may use those before it, whatever the floors of its folders. */
export const CORE_GROUPS = ['foundation', 'physics', 'domain', 'planning', 'studies', 'output', 'demo'];

export const APP_FLOORS = [
  ['workers'],
  ['platform'],
  ['words'],
  ['ui'],
  ['store'],
  ['planning'],
  ['charts'],
  ['commands'],
  ['parts/ledger', 'parts/wind', 'parts/closer', 'parts/library'],
  ['parts/answer'],
  // one folder a view: they share a floor, so none can import another
  [
    'views/trail',
    'views/kit',
    'views/menu',
    'views/carry',
    'views/shelf',
    'views/bench',
    'views/pack',
    'views/walk',
    'views/guide',
    'views/new-trip',
  ],
  ['shell'],
];

const typeOf = (side, folder) => `${side}-${folder.replace('/', '-')}`;
const groupOf = (folder) => folder.split('/')[0];
const typesOf = (side, floors) => floors.flat().map((folder) => typeOf(side, folder));

/** Every folder is an element of its own. */
export const elementsOf = (side, floors) =>
  floors.flat().map((folder) => ({ type: typeOf(side, folder), pattern: `${side}/src/${folder}`, partialMatch: false }));

const isBefore = (groups, folder, other) => !groups || groups.indexOf(groupOf(other)) <= groups.indexOf(groupOf(folder));

/** What each folder may import: itself, what lies on lower floors (in groups before its own, where there are groups), and what is allowed besides. */
const climb = (side, floors, { groups, besides = [] }) =>
  floors.flatMap((floor, at) =>
    floor.map((folder) => {
      const below = floors.slice(0, at).map((lower) => lower.filter((other) => isBefore(groups, folder, other)));
      return {
        from: { element: { type: typeOf(side, folder) } },
        allow: [{ to: { element: { type: [typeOf(side, folder), ...typesOf(side, below), ...besides] } } }],
      };
    }),
  );

/** How the core's folders are named in a path, with or without their group. */
export const CORE_PATHS = `(?:(?:${CORE_GROUPS.join('|')})/)?(?:${CORE_FLOORS.flat()
  .map((folder) => folder.split('/').at(-1))
  .join('|')})`;

/** Who may import whom: the core itself, the app its floors and the core, the server the core. */
export function policiesOf() {
  const core = typesOf('core', CORE_FLOORS);
  const from = (type, types) => ({ from: { element: { type } }, allow: [{ to: { element: { type: types } } }] });
  return [
    ...climb('core', CORE_FLOORS, { groups: CORE_GROUPS }),
    ...climb('app', APP_FLOORS, { besides: core }),
    from('app-root', ['app-root', ...typesOf('app', APP_FLOORS), ...core]),
    from('server', ['server', ...core]),
  ];
}
