import { Box, Text } from "@chakra-ui/react";
import type { JobOn, PlanChange, Tonal } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { SmallButton, Tick } from "../../ui/SmallButton";
import { Swatch } from "../../ui/Swatch";

/** Flat colours beside the tones, a logo or type: each prints solid in one ink, or in dots like the rest. */
export function Flats({
  job,
  plan,
  set,
}: {
  job: JobOn<"art">;
  plan: Extract<Tonal, { method: "simulated" }>;
  set: (part: PlanChange) => void;
}) {
  const isSolid = (flat: (typeof job.flats)[number]) => plan.flats?.includes(flat.hex) ?? flat.solid;
  // What the bare garment gives needs no choice.
  const seen = job.flats.filter((flat) => flat.ink !== "");
  if (seen.length === 0) return null;
  return (
    <Box>
      <Heading note="A logo or type beside the picture prints solid, sharp as the film; the picture round it in dots.">
        Flat areas
      </Heading>
      <Box as="ul" listStyleType="none" p="0" m="0">
        {seen.map((flat, i) => (
          <Box
            as="li"
            key={flat.hex}
            position="relative"
            minH="76px"
            pl="44px"
            py="6px"
            borderTopWidth="1px"
            borderColor="line"
          >
            <Swatch hex={flat.hex} seed={i + 60} height={64} width={30} />
            <Text>
              <span className="readout">{flat.hex}</span>, {flat.sharePct.toFixed(1)} % of the picture
            </Text>
            <Tick
              checked={isSolid(flat)}
              set={(solid) =>
                set({
                  flats: job.flats.filter((f) => (f.hex === flat.hex ? solid : isSolid(f))).map((f) => f.hex),
                })
              }
            >
              solid in {flat.ink}
              <Text as="span" color="quiet" fontSize="small">
                {" "}
                ΔE {flat.deltaE.toFixed(1)}
              </Text>
            </Tick>
          </Box>
        ))}
      </Box>
      {plan.flats && (
        <SmallButton ml="-10px" onClick={() => set({ flats: null })}>
          Those that an ink has
        </SmallButton>
      )}
    </Box>
  );
}
