/** What one tab tells the others after a save: which trips at which revision, and what else has changed. */
export interface TabNews {
  trips: { id: string; revision: number }[];
  removed: string[];
  rack: boolean;
  preferences: boolean;
}

export const isNews = (n: TabNews): boolean => n.trips.length > 0 || n.removed.length > 0 || n.rack || n.preferences;
