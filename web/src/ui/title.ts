import { jobIn, shelves, stageIn, stages } from "./places";

/** What a page is called in the bar of the browser: the place first, then the job, then the shop’s tool. */
export function title(path: string, jobName: string | null): string {
  const stage = stages.find((s) => s.id === stageIn(path))?.name;
  if (jobIn(path) !== null) return [stage ?? "First pull", jobName, "Ektype"].filter(Boolean).join(" · ");
  if (path.startsWith("/meshes")) return "Meshes · Ektype";
  if (path.startsWith("/morning")) return "First morning · Ektype";
  const shelf = shelves.find((s) => path === `/${s.id}` || path.startsWith(`/${s.id}/`));
  return `${shelf?.name ?? "Jobs"} · Ektype`;
}
