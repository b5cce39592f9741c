import * as z from 'zod';

const tabNewsSchema = z.object({
  trips: z.array(z.object({ id: z.string(), revision: z.number() })),
  removed: z.array(z.string()),
  rack: z.boolean(),
  preferences: z.boolean(),
});
/** What one tab tells the others after a save: which trips at which revision, and what else has changed. */
export type TabNews = z.infer<typeof tabNewsSchema>;

export const isNews = (n: TabNews): boolean => n.trips.length > 0 || n.removed.length > 0 || n.rack || n.preferences;

/** News as it came over the channel; undefined where it is none (another version of the app). */
export function readTabNews(message: unknown): TabNews | undefined {
  const parsed = tabNewsSchema.safeParse(message);
  return parsed.success ? parsed.data : undefined;
}
