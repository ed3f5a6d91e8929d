import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn, ToneWork, WorkChange } from "../../api/client";
import { Entry } from "../../ui/Parts";
import { Slide } from "../../ui/Slide";
import { SmallButton } from "../../ui/SmallButton";

/** The print as the tones at hand make it; a ground of the picture is given to the garment by a touch. */
export function Proof({
  job,
  url,
  tone,
  set,
  trouble,
  garment,
  tryOn,
  uncorrected,
  leaveUncorrected,
}: {
  job: JobOn<"art">;
  url: string | undefined;
  tone: ToneWork;
  set: (part: WorkChange) => void;
  trouble: string | null;
  garment: string | null;
  tryOn: (hex: string | null) => void;
  /** As a film prints that does not undo the gain of the press. */
  uncorrected: boolean;
  leaveUncorrected: (so: boolean) => void;
}) {
  const [touching, setTouching] = useState(false);
  const [aim, setAim] = useState({ x: 0.5, y: 0.5 });
  const [beside, setBeside] = useState<{ hex: string; picture: string }[]>([]);
  const keepBeside = async () => {
    if (!url) return;
    const image = new Image();
    image.src = url;
    await image.decode();
    const board = document.createElement("canvas");
    [board.width, board.height] = [image.naturalWidth, image.naturalHeight];
    board.getContext("2d")?.drawImage(image, 0, 0);
    const picture = board.toDataURL("image/png");
    setBeside((was) => [...was.slice(-3), { hex: garment ?? job.garmentHex, picture }]);
  };
  const give = (place: { x: number; y: number }) => {
    set({ grounds: [...tone.grounds, [Math.round(place.x * 1000) / 1000, Math.round(place.y * 1000) / 1000]] });
    setTouching(false);
  };
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-0.02, 0],
    ArrowRight: [0.02, 0],
    ArrowUp: [0, -0.02],
    ArrowDown: [0, 0.02],
  };
  return (
    <Box>
      <Box className="halftone" minH="340px" display="flex" alignItems="center" justifyContent="center" p="20px">
        <Box
          bg={garment ?? job.garmentHex}
          className="colours"
          p="18px"
          maxW="100%"
          w="100%"
          display="flex"
          justifyContent="center"
        >
          <Box position="relative" w="100%" maxW="620px">
            {!url && (
              <Text bg="cloth" color="ink" p="12px" my="120px" textAlign="center">
                Reckoning the print on this garment …
              </Text>
            )}
            {url && (
              <img
                src={url}
                alt={`The print of ${job.name}, as the eye sees its dots from a few steps away`}
                style={{ width: "100%", maxHeight: "420px", objectFit: "contain", display: "block" }}
              />
            )}
            {touching && (
              <Box
                position="absolute"
                inset="0"
                tabIndex={0}
                role="application"
                aria-label="Touch the ground that the garment is to give; or move the cross with the arrow keys and press Enter"
                cursor="crosshair"
                ref={(node: HTMLDivElement | null) => node?.focus()}
                onPointerDown={(e: React.PointerEvent<HTMLDivElement>) => {
                  const area = e.currentTarget.getBoundingClientRect();
                  give({ x: (e.clientX - area.left) / area.width, y: (e.clientY - area.top) / area.height });
                }}
                onKeyDown={(e: React.KeyboardEvent) => {
                  const by = steps[e.key];
                  if (by) {
                    e.preventDefault();
                    e.stopPropagation();
                    setAim((was) => ({
                      x: Math.min(1, Math.max(0, was.x + by[0])),
                      y: Math.min(1, Math.max(0, was.y + by[1])),
                    }));
                  } else if (e.key === "Enter") give(aim);
                  else if (e.key === "Escape") setTouching(false);
                }}
              >
                <svg width="100%" height="100%" aria-hidden="true">
                  <circle
                    cx={`${100 * aim.x}%`}
                    cy={`${100 * aim.y}%`}
                    r="11"
                    fill="none"
                    stroke="var(--paper)"
                    strokeWidth="4"
                  />
                  <circle
                    cx={`${100 * aim.x}%`}
                    cy={`${100 * aim.y}%`}
                    r="11"
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth="1.6"
                  />
                </svg>
              </Box>
            )}
          </Box>
        </Box>
      </Box>
      {trouble && (
        <Text
          role="alert"
          color="madder"
          fontWeight="600"
          borderLeftWidth="3px"
          borderColor="madder"
          pl="12px"
          my="8px"
        >
          {trouble}
        </Text>
      )}
      <Box display="flex" flexWrap="wrap" alignItems="center" mt="8px" ml="-10px">
        <SmallButton pressed={touching} onClick={() => setTouching(!touching)}>
          {touching ? "Touch the ground in the picture …" : "Give a ground to the garment"}
        </SmallButton>
        {tone.grounds.length > 0 && (
          <>
            <SmallButton onClick={() => set({ grounds: tone.grounds.slice(0, -1) })}>
              Take the last one back
            </SmallButton>
            <Box w="300px" px="10px">
              <Slide
                label="It reaches"
                unit="%"
                least={0}
                most={40}
                step={1}
                digits={0}
                value={tone.reach}
                set={(reach) => set({ reach })}
              />
            </Box>
          </>
        )}
        <Box as="label" display="flex" alignItems="center" gap="10px" pl="10px" fontSize="small">
          Tried on
          <Entry
            className="colours"
            type="color"
            p="4px"
            w="64px"
            value={garment ?? job.garmentHex}
            onChange={(e) => tryOn(e.target.value === job.garmentHex ? null : e.target.value)}
          />
        </Box>
        <SmallButton pressed={uncorrected} onClick={() => leaveUncorrected(!uncorrected)}>
          {uncorrected ? "Seen with its gain left in" : "Leave the gain in, to compare"}
        </SmallButton>
        {garment !== null && <SmallButton onClick={() => tryOn(null)}>Back to its own garment</SmallButton>}
        {url && !beside.some((one) => one.hex === (garment ?? job.garmentHex)) && (
          <SmallButton onClick={() => void keepBeside()}>Lay it beside</SmallButton>
        )}
      </Box>
      {beside.length > 0 && (
        <Box
          as="ul"
          listStyleType="none"
          p="0"
          m="0"
          display="flex"
          flexWrap="wrap"
          gap="14px"
          aria-label="On other garments"
        >
          {beside.map((one) => (
            <Box as="li" key={one.hex} w="150px">
              <Box bg={one.hex} className="colours" p="8px">
                <img src={one.picture} alt={`The print on ${one.hex}`} style={{ width: "100%", display: "block" }} />
              </Box>
              <Box display="flex" justifyContent="space-between" alignItems="center">
                <Text className="readout" fontSize="small">
                  {one.hex}
                </Text>
                <SmallButton
                  aria-label={`Take ${one.hex} away`}
                  onClick={() => setBeside((was) => was.filter((other) => other.hex !== one.hex))}
                >
                  Away
                </SmallButton>
              </Box>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
