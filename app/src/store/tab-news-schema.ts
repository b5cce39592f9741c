import * as z from 'zod';
import type { TabNews } from './tab-news';

const tabNewsSchema: z.ZodType<TabNews> = z.object({
  trips: z.array(z.object({ id: z.string(), revision: z.number() })),
  removed: z.array(z.string()),
  rack: z.boolean(),
  preferences: z.boolean(),
});

/** News as it came over the channel; undefined where it is none (another version of the app). */
export function readTabNews(message: unknown): TabNews | undefined {
  const parsed = tabNewsSchema.safeParse(message);
  return parsed.success ? parsed.data : undefined;
}
