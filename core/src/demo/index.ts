export * from './vesper-divide';
export * from './vesper-rack';
export * from './vesper-shelf';
