/**
 * The house, floor by floor, lowest first. A folder may use itself and every folder on a floor below its own; folders that share a floor
 * do not see each other. A thing that two of them need moves down to the lowest floor that can hold it (docs/architecture.md).
 */
export const CORE_FLOORS = [
  ['errors'],
  ['numeric', 'units', 'water'],
  ['air', 'fuel', 'climate'],
  ['canister'],
  ['burn'],
  ['catalogue'],
  ['carry'],
  ['load-out', 'model'],
  ['archive'],
  ['menu'],
  ['trail'],
  ['kit', 'shelf', 'calendar'],
  ['found', 'risk'],
  ['planned'],
  ['plan'],
  ['bench'],
  ['tables'],
  ['study'],
  ['finder', 'walk'],
  ['pack'],
  ['demo'],
];

export const APP_FLOORS = [
  ['workers'],
  ['platform'],
  ['words'],
  ['ui'],
  ['store'],
  ['planning'],
  ['charts'],
  ['commands'],
  ['ledger', 'wind', 'closer', 'library'],
  ['answer'],
  // one folder a view: they share a floor, so none can import another
  ['trail', 'kit', 'menu', 'carry', 'shelf', 'bench', 'pack', 'walk', 'guide', 'new-trip'],
  ['shell'],
];

const typeOf = (side, folder) => `${side}-${folder}`;
const typesOf = (side, floors) => floors.flat().map((folder) => typeOf(side, folder));

/** Every folder is an element of its own. */
export const elementsOf = (side, floors) =>
  floors.flat().map((folder) => ({ type: typeOf(side, folder), pattern: `${side}/src/${folder}`, partialMatch: false }));

const climb = (side, floors, besides) =>
  floors.flatMap((floor, at) =>
    floor.map((folder) => ({
      from: { element: { type: typeOf(side, folder) } },
      allow: [{ to: { element: { type: [typeOf(side, folder), ...typesOf(side, floors.slice(0, at)), ...besides] } } }],
    })),
  );

/** Who may import whom: the core itself, the app its floors and the core, the server the core. */
export function policiesOf() {
  const core = typesOf('core', CORE_FLOORS);
  const from = (type, types) => ({ from: { element: { type } }, allow: [{ to: { element: { type: types } } }] });
  return [
    ...climb('core', CORE_FLOORS, []),
    ...climb('app', APP_FLOORS, core),
    from('app-root', ['app-root', ...typesOf('app', APP_FLOORS), ...core]),
    from('server', ['server', ...core]),
  ];
}
