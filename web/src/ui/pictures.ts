import type { Job } from "../api/client";

/** The simulated print after so many plates. */
export const pullPicture = (job: Pick<Job, "id" | "pullKey">, stop: number) =>
  `/api/jobs/${job.id}/pull/${stop}.png?k=${job.pullKey}`;

/** What one plate prints, in one colour on nothing. */
export const platePicture = (job: Pick<Job, "pullKey">, plateId: number, hex: string) =>
  `/api/plates/${plateId}/film.png?tint=${encodeURIComponent(hex)}&k=${job.pullKey}`;
