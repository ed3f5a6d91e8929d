import type { Shop } from "../api/client";

export type CatalogueMesh = Shop["meshes"][number]["mesh"];

/** A mesh as one word of a choice. */
export const meshKey = (mesh: { threadsPerCm: number; threadUm: number; dyed: boolean }) =>
  `${mesh.threadsPerCm}|${mesh.threadUm}|${mesh.dyed ? "yellow" : "white"}`;

/** What the key says. */
export function meshOf(key: string) {
  const [threads, thread, colour] = key.split("|");
  return { threadsPerCm: Number(threads), threadUm: Number(thread), dyed: colour === "yellow" };
}

/** Its usual name, as this page counts: per inch or per cm, always with thread and colour, since they tell two of one count apart. */
export const meshName = (mesh: { threadsPerCm: number; threadUm: number; dyed: boolean }, inches: boolean) =>
  `${inches ? `${Math.round(mesh.threadsPerCm * 2.54)} per inch` : `${mesh.threadsPerCm} per cm`}, ${mesh.threadUm} µm, ${mesh.dyed ? "yellow" : "white"}`;
