import { Box, Text } from "@chakra-ui/react";
import type { JobChange, JobOn, Plan } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { Choice, Push } from "../../ui/Parts";
import { SmallButton, Tick } from "../../ui/SmallButton";
import { Swatch } from "../../ui/Swatch";

/** The flat colours of the art: what prints, what the garment gives, and what is likely the same ink. */
export function Palette({
  job,
  plan,
  change,
  print,
}: {
  job: JobOn<"art">;
  plan: Extract<Plan, { method: "spot" }>;
  change: (body: JobChange) => void;
  print: (ground: boolean) => void;
}) {
  const named = (hex: string) => job.plates.find((p) => p.artHex === hex)?.name ?? hex;
  return (
    <Box>
      <Heading note="Edges are smoothed in most pictures; their mixed pixels are not counted as colours.">
        Colours found
      </Heading>
      {job.strays.map((stray) => (
        <Box key={stray.stray + stray.into} borderLeftWidth="3px" borderColor="amber" pl="12px" mb="12px">
          <Text>
            {stray.stray} is almost {stray.into}: ΔE00 {stray.deltaE.toFixed(1)}, {stray.areaPct.toFixed(2)} % of the
            picture.
          </Text>
          <Push
            minH="44px"
            fontWeight="700"
            color="teal"
            cursor="pointer"
            textDecoration="underline"
            onClick={() => change({ merge: { from: stray.stray, into: stray.into } })}
          >
            Merge them into one ink
          </Push>
        </Box>
      ))}
      <Box as="ul" listStyleType="none">
        {job.palette.map((colour, i) => {
          const merged = colour.printsAs !== colour.hex;
          const given = colour.whyOpen === "given to the garment";
          const state = colour.leftOpen
            ? `left open: ${colour.whyOpen}`
            : merged
              ? `prints as ${colour.tint ? `${Math.round(100 * colour.tint.tone)} % of ` : ""}${named(colour.printsAs)}${colour.tint?.with ? `, ${Math.round(100 * colour.tint.withTone)} % of ${named(colour.tint.with)}` : ""}`
              : (job.plates.find((p) => p.artHex === colour.hex)?.name ?? "prints");
          const tint = colour.tint ?? null;
          const value = tint
            ? `tint ${tint.of} ${tint.with ?? ""}`
            : given
              ? "open"
              : merged
                ? `as ${colour.printsAs}`
                : `ink ${colour.lockedInkId ?? ""}`;
          return (
            <Box
              as="li"
              key={colour.hex}
              position="relative"
              minH="84px"
              pl="44px"
              py="8px"
              borderTopWidth="1px"
              borderColor="line"
            >
              <Swatch hex={colour.hex} seed={i + 40} height={84} width={30} />
              <Box display="flex" justifyContent="space-between" gap="10px">
                <Text>
                  <span className="readout">{colour.hex}</span>{" "}
                  <Text as="span" fontSize="small" color="quiet">
                    {state}
                  </Text>
                </Text>
                <Text className="readout" whiteSpace="nowrap">
                  {colour.sharePct < 10 ? colour.sharePct.toFixed(1) : Math.round(colour.sharePct)} %
                </Text>
              </Box>
              {!(colour.leftOpen && !given) && (
                <Choice
                  aria-label={`What becomes of ${colour.hex}`}
                  fontFamily="body"
                  fontSize="text"
                  value={value}
                  onChange={(e) => decide(job, colour, e.target.value, change)}
                >
                  <option value="ink ">its own colour</option>
                  <optgroup label="Lock to an ink of the shelf">
                    {colour.nearInks.map((ink) => (
                      <option key={ink.inkId} value={`ink ${ink.inkId}`}>
                        {ink.name}, ΔE00 {ink.deltaE.toFixed(1)}
                        {ink.gramsLeft !== null && `, ${Math.round(ink.gramsLeft)} g left`}
                      </option>
                    ))}
                  </optgroup>
                  <optgroup label="Print it with">
                    {job.palette
                      .filter((other) => other.hex !== colour.hex && other.printsAs === other.hex && !other.leftOpen)
                      .map((other) => (
                        <option key={other.hex} value={`as ${other.hex}`}>
                          {job.plates.find((p) => p.artHex === other.hex)?.name ?? other.hex}
                        </option>
                      ))}
                  </optgroup>
                  {(colour.tints.length > 0 || tint) && (
                    <optgroup label="Save its plate: dots of">
                      {(tint && !colour.tints.some((t) => t.of === tint.of && t.with === tint.with)
                        ? [tint, ...colour.tints]
                        : colour.tints
                      ).map((t) => (
                        <option key={`${t.of} ${t.with}`} value={`tint ${t.of} ${t.with ?? ""}`}>
                          {named(t.of)} at {Math.round(100 * t.tone)} %
                          {t.with && ` beside ${named(t.with)} at ${Math.round(100 * t.withTone)} %`}, ΔE00{" "}
                          {t.deltaE.toFixed(1)}
                        </option>
                      ))}
                    </optgroup>
                  )}
                  <option value="open">not printed: the garment shows</option>
                  <option value="split">part it into two shades</option>
                </Choice>
              )}
              {!colour.leftOpen && !merged && tint === null && (
                <Tick checked={colour.onBase} set={(on) => change({ onBase: { hex: colour.hex, on } })}>
                  on a base<span className="heard">, {colour.hex}</span>
                  {colour.baseByHand && ", by hand"}
                </Tick>
              )}
            </Box>
          );
        })}
      </Box>
      {job.palette.length > 0 && (
        <Box display="flex" flexWrap="wrap" alignItems="center" gap="4px" borderTopWidth="1px" borderColor="line">
          <Text fontSize="small" color="quiet">
            The base:
          </Text>
          {(["as the garment asks", "under all", "none"] as const).map((base) => (
            <SmallButton key={base} onClick={() => change({ base })}>
              {base}
            </SmallButton>
          ))}
        </Box>
      )}
      {(job.groundLeftOpen || plan.printGround) && (
        <Box
          as="label"
          display="flex"
          gap="10px"
          minH="44px"
          alignItems="center"
          borderTopWidth="1px"
          borderColor="line"
        >
          <input
            type="checkbox"
            checked={plan.printGround}
            onChange={(e) => print(e.target.checked)}
            className="tick"
          />
          Print the paper round the drawing too
        </Box>
      )}
    </Box>
  );
}

/** One decision about a colour; what was decided before is taken back first. */
function decide(
  job: JobOn<"art">,
  colour: JobOn<"art">["palette"][number],
  value: string,
  change: (body: JobChange) => void,
) {
  const [what, which, beside] = value.split(" ");
  if (value === "open") change({ leaveOpen: colour.hex });
  else if (value === "split") change({ split: colour.hex });
  else if (what === "tint" && which)
    change({ tint: { hex: colour.hex, of: which, ...(beside ? { with: beside } : {}) } });
  else if (what === "as" && which) change({ merge: { from: colour.hex, into: which } });
  else if (which) change({ printAgain: colour.hex, lock: { hex: colour.hex, inkId: Number(which) } });
  else
    change({
      printAgain: colour.hex,
      ...(job.palette.some((c) => c.hex === colour.hex && c.lockedInkId !== null)
        ? { lock: { hex: colour.hex, inkId: 0 } }
        : {}),
    });
}
