import * as z from 'zod';

/** Pages of the guide as the build made them of docs/guide (scripts/guide.mjs). */
const pagesSchema = z.array(z.strictObject({ id: z.string(), title: z.string(), isTask: z.boolean(), html: z.string() }));
export type GuidePage = z.infer<typeof pagesSchema>[number];

/** Fetches the guide; throws where it is not there or not as it should be. */
export async function guidePages(): Promise<GuidePage[]> {
  const answer = await fetch('guide/guide.json');
  if (!answer.ok) throw new Error(`the guide was not given (${answer.status})`);
  return pagesSchema.parse(await answer.json());
}
