/** Seconds as a timer is set: 8.5 s, 22 s, 2:05. */
export function timeWords(s: number): string {
  if (s >= 90) return `${Math.floor(Math.round(s) / 60)}:${String(Math.round(s) % 60).padStart(2, "0")} min`;
  return `${s.toFixed(s % 1 === 0 ? 0 : 1)} s`;
}
