import { type DBSchema, type IDBPDatabase, openDB } from "idb";
import type { Told } from "./counted";

/** What was told of runs and waits on this device, in the browser's own database: a reload does not lose it. */
interface OnDevice extends DBSchema {
  waiting: { key: string; value: { jobId: number; told: Told }; indexes: { jobId: number } };
}

let opened: Promise<IDBPDatabase<OnDevice>> | null = null;
const database = () => {
  opened ??= openDB<OnDevice>("ektype-run", 1, {
    upgrade: (db) => {
      db.createObjectStore("waiting", { keyPath: "told.id" }).createIndex("jobId", "jobId");
    },
  });
  return opened;
};

export async function keepWaiting(jobId: number, told: Told) {
  await (await database()).put("waiting", { jobId, told });
}

/** As it happened. */
export async function whatWaits(jobId: number): Promise<Told[]> {
  const rows = await (await database()).getAllFromIndex("waiting", "jobId", jobId);
  return rows.map((row) => row.told).sort((a, b) => a.atMs - b.atMs);
}

export async function waitsNoMore(ids: string[]) {
  const change = (await database()).transaction("waiting", "readwrite");
  await Promise.all([...ids.map((id) => change.store.delete(id)), change.done]);
}
