import { readFileSync } from "node:fs";
import { deflateSync, inflateSync } from "node:zlib";
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

/** A photograph of nothing: a light sky over a dark hill with a soft sun, grey and grainy, as PNG. */
export function photograph(width: number, height: number): Buffer {
  let seed = 17;
  const chance = () => {
    seed = (seed * 16807) % 2147483647;
    return seed / 2147483647;
  };
  return png(width, height, 1, (x, y) => {
    const [u, v] = [x / width, y / height];
    const hill = 0.58 + 0.1 * Math.sin(7 * u);
    const sun = 90 * Math.exp(-((u - 0.5) ** 2 + (v - 0.33) ** 2) / 0.02);
    const light = v < hill ? 205 - 40 * v - sun : 30 + 120 * (v - hill);
    return [light + 4 * (chance() - 0.5)];
  });
}

/** A coloured hill under a sky with grain, a red badge on it and a white bar below: made up. */
export function poster(side: number): Buffer {
  let seed = 23;
  const chance = () => {
    seed = (seed * 16807) % 2147483647;
    return seed / 2147483647;
  };
  return png(side, side, 3, (x, y) => {
    const [u, v] = [x / side, y / side];
    if (Math.hypot(u - 0.68, v - 0.42) < 0.16) return [207, 43, 37];
    if (v > 0.86 && v < 0.94 && u > 0.1 && u < 0.9) return [255, 255, 255];
    const hill = 0.58 + 0.1 * Math.sin(7 * u);
    const light = (v < hill ? 1 - 0.5 * v : 0.35 + 0.8 * (v - hill)) + 0.03 * (chance() - 0.5);
    return v < hill ? [120 * light, 170 * light, 235 * light] : [170 * light, 200 * light, 90 * light];
  });
}

function png(width: number, height: number, channels: 1 | 3, at: (x: number, y: number) => number[]): Buffer {
  const raw = Buffer.alloc((width * channels + 1) * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      for (const [c, code] of at(x, y).entries()) raw[y * (width * channels + 1) + 1 + x * channels + c] = Math.max(0, Math.min(255, code));
    }
  }
  const table = Array.from({ length: 256 }, (_, n) => {
    let c = n;
    for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
    return c >>> 0;
  });
  const chunk = (kind: string, body: Buffer) => {
    const named = Buffer.concat([Buffer.from(kind, "latin1"), body]);
    let crc = 0xffffffff;
    for (const byte of named) crc = (table[(crc ^ byte) & 0xff] ?? 0) ^ (crc >>> 8);
    const ends = Buffer.alloc(8);
    ends.writeUInt32BE(body.length, 0);
    ends.writeUInt32BE((crc ^ 0xffffffff) >>> 0, 4);
    return Buffer.concat([ends.subarray(0, 4), named, ends.subarray(4)]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head[8] = 8;
  head[9] = channels === 3 ? 2 : 0;
  return Buffer.concat([Buffer.from("89504e470d0a1a0a", "hex"), chunk("IHDR", head), chunk("IDAT", deflateSync(raw)), chunk("IEND", Buffer.alloc(0))]);
}

/** Puts a file on the page as a hand would drop it. */
export async function drop(page: Page, name: string, type: string, content: string | Buffer): Promise<void> {
  const transfer = await page.evaluateHandle(
    ([fileName, fileType, bytes]) => {
      const data = new DataTransfer();
      const raw = Uint8Array.from(atob(bytes as string), (c) => c.charCodeAt(0));
      data.items.add(new File([raw], fileName as string, { type: fileType as string }));
      return data;
    },
    [name, type, Buffer.from(content).toString("base64")],
  );
  const target = page.getByRole("heading", { name: "Jobs" });
  await target.dispatchEvent("dragover", { dataTransfer: transfer });
  await target.dispatchEvent("drop", { dataTransfer: transfer });
}
