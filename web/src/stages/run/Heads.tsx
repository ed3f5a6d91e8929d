import { Box, Text } from "@chakra-ui/react";
import type { JobOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { figureText } from "../../ui/figures";
import { useHabits } from "../../ui/habits";
import { platePicture } from "../../ui/pictures";
import { Sign, type SignKind } from "../../ui/Sign";

type Plate = JobOn<"run">["plates"][number];

/** Head by head: the plate as a small picture, its ink, its screen, how it is laid and what follows. */
export function Heads({ job }: { job: JobOn<"run"> }) {
  return (
    <Box mt="22px">
      <Heading>Head by head</Heading>
      {job.plates.map((plate, i) => (
        <Head key={plate.id} job={job} plate={plate} n={i + 1} last={i === job.plates.length - 1} />
      ))}
    </Box>
  );
}

function Head({ job, plate, n, last }: { job: JobOn<"run">; plate: Plate; n: number; last: boolean }) {
  const { mesh, length, weight } = useHabits();
  const run = job.runs.find((r) => r.id === plate.id);
  return (
    <Box
      className="whole-block heads-row"
      display="grid"
      gridTemplateColumns={{ base: "34px 84px 1fr", md: "34px 96px 190px 1fr 150px" }}
      columnGap="16px"
      alignItems="center"
      borderTopWidth="1px"
      borderColor="line"
      py="8px"
    >
      <Text className="readout" fontSize="24px">
        {n}
      </Text>
      <svg
        viewBox={`0 0 ${job.widthMm} ${job.heightMm}`}
        width="96"
        height="72"
        role="img"
        aria-label={`What ${plate.name} prints`}
        className="block"
      >
        <rect width={job.widthMm} height={job.heightMm} fill="none" stroke="var(--line)" strokeWidth="2" />
        <image
          href={platePicture(job, plate.id, "#1b1a17")}
          width={job.widthMm}
          height={job.heightMm}
          preserveAspectRatio="none"
        />
      </svg>
      <Box minW="0">
        <Box display="flex" gap="8px" alignItems="center">
          <svg width="22" height="22" className="colours still" aria-hidden="true">
            <rect width="22" height="22" fill={plate.inkHex} stroke="var(--line)" />
          </svg>
          <Text fontWeight="700" fontSize="lead" lineHeight="1.1">
            {plate.name}
          </Text>
        </Box>
        <Text fontSize="small" color="quiet">
          {[plate.inkName || "no ink chosen", run?.strokes].filter(Boolean).join(", ")}
          {run && <br />}
          {run && `Squeegee ${run.hand}`}
        </Text>
        {plate.mind !== "" && (
          <Text role="status" color="madder" fontSize="small">
            {plate.mind}
          </Text>
        )}
      </Box>
      <Box
        className="figures-of"
        gridColumn={{ base: "1 / -1", md: "auto" }}
        display="grid"
        gridTemplateColumns="repeat(auto-fit, minmax(88px, 1fr))"
        gap="4px 12px"
      >
        <Of label="Frame" value={plate.frameLabel || "–"} />
        <Of label="Mesh" value={mesh(plate.mesh.text, plate.mesh.value ?? 0)} sign={plate.mesh.sign} />
        <Of label="Stencil" value={figureText(plate.stencil)} sign={plate.stencil.sign} />
        <Of label="Light" value={figureText(plate.light)} sign={plate.light.sign} />
        <Of label="Off-contact" value={length(plate.offContact.value ?? 0, 1)} sign={plate.offContact.sign} />
        {run && <Of label="Ink for all" value={weight(run.grams)} sign="reckoned" />}
      </Box>
      <Box gridColumn={{ base: "1 / -1", md: "auto" }}>
        <Text fontWeight="700">
          {plate.flashAfter
            ? run?.dwellS == null
              ? "flash, then cool"
              : `flash ${Number(run.dwellS.toFixed(1))} s, then cool`
            : last
              ? "dryer"
              : "wet on wet"}
        </Text>
        {run && (
          <Text fontSize="small" color={run.inRegister ? "quiet" : "madder"}>
            {run.register}
          </Text>
        )}
      </Box>
    </Box>
  );
}

function Of({ label, value, sign }: { label: string; value: string; sign?: string }) {
  return (
    <Box>
      <Text fontSize="small" color="quiet">
        {label}
      </Text>
      <Text className="readout beside" whiteSpace="nowrap">
        {sign && <Sign kind={sign as SignKind} size={11} />}
        {value}
      </Text>
    </Box>
  );
}
