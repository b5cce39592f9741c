export * from './alcohol-mix';
export * from './combustion';
export * from './dilution';
export * from './ethanol-water';
export * from './fuels';
