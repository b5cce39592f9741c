// What saving needs and a first verdict does not: the database, and the schemas of all that goes in and comes out.
export { openInTime } from '../platform/database/open-in-time';
export { mergeRacks, mergeTrips } from './merge';
export { readTabNews } from './tab-news-schema';
export { Unwritten } from './unwritten';
