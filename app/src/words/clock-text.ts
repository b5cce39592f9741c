/** "8:05", "1:02:00". */
export function clockText(seconds: number): string {
  const s = Math.ceil(seconds);
  const two = (n: number): string => String(n).padStart(2, '0');
  const [h, m] = [Math.floor(s / 3600), Math.floor((s % 3600) / 60)];
  return h > 0 ? `${h}:${two(m)}:${two(s % 60)}` : `${m}:${two(s % 60)}`;
}
