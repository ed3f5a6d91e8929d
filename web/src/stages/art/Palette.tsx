import { Box, Text } from "@chakra-ui/react";
import type { Job, JobChange } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { Swatch } from "../../ui/Swatch";

/** The flat colours of the art: what prints, what the garment gives, and what is likely the same ink. */
export function Palette({ job, change }: { job: Job; change: (body: JobChange) => void }) {
  const plateOf = (hex: string) => job.plates.find((p) => p.hex === hex && p.role !== "base");
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
          <Box
            as="button"
            minH="44px"
            fontWeight="700"
            color="teal"
            cursor="pointer"
            textDecoration="underline"
            onClick={() => change({ merge: { from: stray.stray, into: stray.into } })}
          >
            Merge them into one ink
          </Box>
        </Box>
      ))}
      <Box as="ul" listStyleType="none">
        {job.palette.map((colour, i) => {
          const merged = colour.printsAs !== colour.hex;
          const state = colour.leftOpen
            ? `left open: ${colour.whyOpen}`
            : merged
              ? `prints as ${colour.printsAs}`
              : (plateOf(colour.hex)?.name ?? "prints");
          return (
            <Box
              as="li"
              key={colour.hex}
              position="relative"
              minH="56px"
              pl="48px"
              borderTopWidth="1px"
              borderColor="line"
              display="flex"
              alignItems="center"
              gap="10px"
            >
              <Swatch hex={colour.hex} seed={i + 40} height={56} width={30} />
              <Box flex="1" minW="0">
                <Text className="readout" fontSize="text" fontWeight="500">
                  {colour.hex}
                </Text>
                <Text fontSize="small" color="quiet">
                  {state}
                </Text>
              </Box>
              <Text className="readout">
                {colour.sharePct < 10 ? colour.sharePct.toFixed(1) : Math.round(colour.sharePct)} %
              </Text>
              {merged || colour.whyOpen === "given to the garment" ? (
                <Small onClick={() => change({ printAgain: colour.hex })} label={`Print ${colour.hex} after all`}>
                  Print
                </Small>
              ) : colour.leftOpen ? (
                <Box w="52px" />
              ) : (
                <Small
                  onClick={() => change({ leaveOpen: colour.hex })}
                  label={`Open: give ${colour.hex} to the garment`}
                >
                  Open
                </Small>
              )}
            </Box>
          );
        })}
      </Box>
      {(job.groundLeftOpen || job.printGround) && (
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
            checked={job.printGround}
            onChange={(e) => change({ printGround: e.target.checked })}
            style={{ width: 22, height: 22 }}
          />
          Print the paper round the drawing too
        </Box>
      )}
    </Box>
  );
}

function Small({ onClick, label, children }: { onClick: () => void; label: string; children: string }) {
  return (
    <Box
      as="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      minH="44px"
      w="52px"
      cursor="pointer"
      fontSize="small"
      textDecoration="underline"
      textUnderlineOffset="3px"
    >
      {children}
    </Box>
  );
}
