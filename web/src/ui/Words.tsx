import type { SVGProps } from "react";

/** Words in a drawing. Their size is in the drawing's own units; the page's reset would undo plain attributes. */
export function Words({
  size,
  readout = false,
  bold = false,
  style,
  ...rest
}: SVGProps<SVGTextElement> & { size: number; readout?: boolean; bold?: boolean }) {
  return (
    <text
      {...rest}
      style={{
        fontSize: `${size}px`,
        fontWeight: bold ? 700 : 400,
        fontFamily: readout ? "'Spline Sans Mono', monospace" : undefined,
        ...style,
      }}
    />
  );
}
