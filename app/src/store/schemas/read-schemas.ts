import { inATask } from '../../platform/in-a-task';

/** What saving needs, the ones that others are made of first. */
const SCHEMAS = [
  () => import('./parts'),
  () => import('./calibration'),
  () => import('./kit'),
  () => import('./meals'),
  () => import('./trail'),
  () => import('./trip'),
  () => import('./rack'),
];

/** Reads the schemas one a task: read together they would hold a slow phone. Rejects where one does not come. */
export async function readSchemas(): Promise<void> {
  for (const read of SCHEMAS) {
    await read();
    await inATask();
  }
}
