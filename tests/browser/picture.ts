import { readFileSync } from "node:fs";
import { inflateSync } from "node:zlib";
import type { Page } from "@playwright/test";

/** A picture as grey or RGB bytes, from the kinds that pdftoppm and Chromium write. */
export type Picture = { width: number; height: number; channels: number; at: (x: number, y: number, c?: number) => number };

/** Reads a binary PGM, as `pdftoppm -gray` writes it. */
export function readPgm(path: string): Picture {
  const bytes = readFileSync(path);
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 64).toString("latin1"));
  if (!head) throw new Error(`${path} is no PGM`);
  const [width, height] = [Number(head[1]), Number(head[2])];
  const start = head[0].length;
  return { width, height, channels: 1, at: (x, y) => bytes[start + y * width + x] ?? 255 };
}

/** Reads an 8-bit RGB or RGBA PNG. */
export function readPng(bytes: Buffer): Picture {
  const width = bytes.readUInt32BE(16);
  const height = bytes.readUInt32BE(20);
  const channels = bytes[25] === 6 ? 4 : 3;
  const parts: Buffer[] = [];
  for (let at = 8; at < bytes.length; ) {
    const length = bytes.readUInt32BE(at);
    if (bytes.toString("latin1", at + 4, at + 8) === "IDAT") parts.push(bytes.subarray(at + 8, at + 8 + length));
    at += 12 + length;
  }
  const raw = inflateSync(Buffer.concat(parts));
  const stride = width * channels;
  const out = Buffer.alloc(stride * height);
  for (let y = 0; y < height; y++) {
    const filter = raw[y * (stride + 1)];
    for (let i = 0; i < stride; i++) {
      const left = i >= channels ? (out[y * stride + i - channels] ?? 0) : 0;
      const up = y > 0 ? (out[(y - 1) * stride + i] ?? 0) : 0;
      const corner = y > 0 && i >= channels ? (out[(y - 1) * stride + i - channels] ?? 0) : 0;
      const [a, b, c] = [Math.abs(up - corner), Math.abs(left - corner), Math.abs(left + up - 2 * corner)];
      const guess = [0, left, up, (left + up) >> 1, a <= b && a <= c ? left : b <= c ? up : corner][filter ?? 0] ?? 0;
      out[y * stride + i] = ((raw[y * (stride + 1) + 1 + i] ?? 0) + guess) & 255;
    }
  }
  return { width, height, channels, at: (x, y, c = 0) => out[(y * width + x) * channels + c] ?? 0 };
}

/** Where the dark pixels round a place have their middle, in pixels, and how many there are. */
export function darkMiddle(picture: Picture, x: number, y: number, reach: number): { x: number; y: number; count: number } {
  let [sumX, sumY, count] = [0, 0, 0];
  for (let j = Math.floor(y - reach); j <= y + reach; j++) {
    for (let i = Math.floor(x - reach); i <= x + reach; i++) {
      if (picture.at(i, j) < 128) {
        sumX += i + 0.5;
        sumY += j + 0.5;
        count++;
      }
    }
  }
  return { x: sumX / count, y: sumY / count, count };
}

/** Puts a file on the page as a hand would drop it. */
export async function drop(page: Page, name: string, type: string, content: string): Promise<void> {
  const transfer = await page.evaluateHandle(
    ([fileName, fileType, text]) => {
      const data = new DataTransfer();
      data.items.add(new File([text as string], fileName as string, { type: fileType as string }));
      return data;
    },
    [name, type, content],
  );
  const target = page.getByRole("heading", { name: "Jobs" });
  await target.dispatchEvent("dragover", { dataTransfer: transfer });
  await target.dispatchEvent("drop", { dataTransfer: transfer });
}
