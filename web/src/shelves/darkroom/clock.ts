import type { components } from "../../api/generated/schema";

export type DarkroomPlan = components["schemas"]["RoomPlan"];

const days = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];

/** A moment of the plan as a printer says it: today by the clock, later with its day. */
export function clock(plan: DarkroomPlan, minutes: number): string {
  const start = new Date(plan.starts);
  const at = new Date(start.getTime() + minutes * 60_000);
  const time = `${at.getHours()}:${String(at.getMinutes()).padStart(2, "0")}`;
  return at.toDateString() === start.toDateString() ? `at ${time}` : `${days[at.getDay()]} at ${time}`;
}
