import type { Readout } from "../api/client";

const seconds = (value: number, tenths: boolean) => value.toFixed(tenths ? 1 : 0).replace(/\.0$/, "");

/** A number as it is read from a distance: seconds under ten and millimetres keep a tenth. */
export function figureText(figure: Readout): string {
  if (figure.text) return figure.text;
  if (figure.value === null) return "–";
  if (figure.unit === "mm") return `${figure.value.toFixed(1)} mm`;
  if (figure.unit === "s")
    return figure.value >= 90
      ? `${Math.floor(Math.round(figure.value) / 60)}:${String(Math.round(figure.value) % 60).padStart(2, "0")}`
      : `${seconds(figure.value, figure.sign === "measured" || figure.value < 10)} s`;
  if (figure.unit === "g" && figure.value < 10) return `${figure.value.toFixed(1)} g`;
  return `${figure.value.toFixed(0)} ${figure.unit}`;
}
