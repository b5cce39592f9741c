import type { Command } from './commands';

/** How well a label answers to what was typed: its last words whole, its beginning, the beginning of a word, anywhere. */
function rankOf(label: string, words: string): number {
  if (` ${label}`.endsWith(` ${words}`)) return 0;
  if (label.startsWith(words)) return 1;
  return label.includes(` ${words}`) ? 2 : 3;
}

/** The commands whose label has what was typed in it, the likeliest first and of those the shortest: Enter takes that one. All of them where nothing was typed. */
export function findCommands(list: readonly Command[], typed: string): Command[] {
  const words = typed.trim().toLowerCase();
  if (!words) return [...list];
  return list
    .map((command) => ({ command, label: command.label.toLowerCase() }))
    .filter(({ label }) => label.includes(words))
    .map(({ command, label }) => ({ command, rank: rankOf(label, words) }))
    .sort((a, b) => a.rank - b.rank || a.command.label.length - b.command.label.length)
    .map(({ command }) => command);
}
