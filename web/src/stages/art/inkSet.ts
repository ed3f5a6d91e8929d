/** A set of inks without one of them. */
export const without = (inks: number[], ink: number) => inks.filter((one) => one !== ink);

/** A set with an ink more, at its end. */
export const withInk = (inks: number[], ink: number) => (inks.includes(ink) ? inks : [...inks, ink]);

/** A set in which one ink stands for another; an ink that is there already takes the other's part. */
export const replaced = (inks: number[], ink: number, by: number) =>
  inks.includes(by) ? without(inks, ink) : inks.map((one) => (one === ink ? by : one));

/** Whether two sets have the same inks, in whatever order. */
export const same = (one: number[], other: number[]) =>
  one.length === other.length && one.every((ink) => other.includes(ink));

/** How far a print hangs below the line of the art, pixels: by how far its colour is off. */
export const hangs = (deltaE: number, worst: number, room: number, least: number) =>
  least + (room - least) * (worst > 0 ? Math.min(1, deltaE / worst) : 0);
