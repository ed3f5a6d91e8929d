/** A day as it is said in the shop. */
export const day = (date: string) =>
  new Date(`${date}T12:00:00`).toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short" });

/** A day long past, with its year. */
export const date = (iso: string) =>
  new Date(`${iso}T12:00:00`).toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric" });

/** A local moment as a printer says it: today by the clock, else with its day. */
export function moment(local: string): string {
  const at = new Date(local);
  const time = `${at.getHours()}:${String(at.getMinutes()).padStart(2, "0")}`;
  return at.toDateString() === new Date().toDateString()
    ? `at ${time}`
    : `on ${at.getDate()} ${at.toLocaleString("en-GB", { month: "short" })} at ${time}`;
}
