import { Box, Text } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";
import type { Job, Plate } from "../api/client";
import { useHabits } from "./habits";
import type { AtHand } from "./JobFrame";
import { Readout } from "./Readout";
import { Swatch } from "./Swatch";

type Props = {
  at: AtHand;
  /** What a strip shows besides its name; the job page shows all four figures. */
  figures?: (plate: Plate, job: Job) => ReactNode;
  reorder?: boolean;
  /** Strips share the height of the page. */
  fill?: boolean;
};

/** Beside the tool: one strip for each plate in print order, the flashes between them. */
export function Stack({ at, figures, reorder = false, fill = false }: Props) {
  const { job, plate: chosen, choose, work } = at;
  const [dragged, setDragged] = useState<number | null>(null);
  const [over, setOver] = useState<number | null>(null);
  const move = (from: number, to: number) => {
    if (from === to || to < 0 || to >= job.plates.length) return;
    const ids = job.plates.map((p) => p.id);
    const [one] = ids.splice(from, 1);
    if (one === undefined) return;
    ids.splice(to, 0, one);
    work.change.mutate({ order: ids });
  };
  return (
    <Box
      as="ol"
      listStyleType="none"
      aria-label="Plates in print order"
      borderLeftWidth={{ base: 0, lg: "1px" }}
      borderColor="line"
      flex="1"
      display="flex"
      flexDirection="column"
    >
      {job.plates.map((plate, i) => (
        <Box
          as="li"
          key={plate.id}
          position="relative"
          flex={fill ? "1 0 auto" : "0 0 auto"}
          display="flex"
          flexDirection="column"
          borderBottomWidth="1px"
          borderTopWidth={over === i && dragged !== i ? "3px" : "0"}
          borderColor={over === i ? "teal" : "line"}
          opacity={dragged === i ? 0.4 : 1}
          onDragOver={(e) => {
            if (dragged !== null) {
              e.preventDefault();
              setOver(i);
            }
          }}
          onDrop={() => {
            if (dragged !== null) move(dragged, i);
            setDragged(null);
            setOver(null);
          }}
        >
          <Box
            position="relative"
            flex="1"
            display="flex"
            flexDirection="column"
            justifyContent="center"
            pl="54px"
            pr="10px"
            py="12px"
            minH="76px"
            bg={plate.id === chosen?.id ? "raised" : "transparent"}
          >
            <Swatch hex={plate.inkHex} seed={plate.id} />
            <Box display="flex" alignItems="center" gap="8px">
              <Box
                as="button"
                onClick={() => choose(plate.id)}
                aria-pressed={plate.id === chosen?.id}
                minH="44px"
                my="-8px"
                textAlign="left"
                cursor="pointer"
                flex="1"
                minW="0"
                {...(reorder
                  ? {
                      draggable: true,
                      onDragStart: () => setDragged(i),
                      onDragEnd: () => {
                        setDragged(null);
                        setOver(null);
                      },
                    }
                  : {})}
              >
                <Text fontWeight="700" fontSize="lead" truncate title={plate.name}>
                  {plate.name}
                </Text>
              </Box>
              <Text fontSize="small" color="quiet" whiteSpace="nowrap">
                plate {i + 1}, covers{" "}
                {plate.coveragePct < 10 ? plate.coveragePct.toFixed(1) : Math.round(plate.coveragePct)} %
              </Text>
              {reorder && (
                <Box display="flex" my="-8px" mr="-10px">
                  <Mover label={`Print ${plate.name} earlier`} disabled={i === 0} onClick={() => move(i, i - 1)} up />
                  <Mover
                    label={`Print ${plate.name} later`}
                    disabled={i === job.plates.length - 1}
                    onClick={() => move(i, i + 1)}
                  />
                </Box>
              )}
            </Box>
            {figures ? figures(plate, job) : <FourFigures plate={plate} />}
          </Box>
          {plate.flashAfter && (
            <Box
              display="flex"
              alignItems="center"
              gap="10px"
              pl="56px"
              minH="26px"
              fontSize="small"
              borderTopWidth="1px"
              borderColor="line"
              title={plate.flashReason}
              backgroundImage="repeating-linear-gradient(115deg, color-mix(in srgb, var(--amber) 22%, transparent) 0 9px, transparent 9px 18px)"
            >
              <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
                <path
                  d="M3 2c2 3-2 6 0 10M7 2c2 3-2 6 0 10M11 2c2 3-2 6 0 10"
                  fill="none"
                  stroke="currentColor"
                  strokeWidth="1.400"
                />
              </svg>
              <Text as="span" bg="paper" px="4px">
                flash until gelled, then cool
              </Text>
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}

function Mover({
  label,
  disabled,
  onClick,
  up,
}: {
  label: string;
  disabled: boolean;
  onClick: () => void;
  up?: boolean;
}) {
  return (
    <Box
      as="button"
      aria-label={label}
      onClick={onClick}
      minW="32px"
      minH="44px"
      cursor="pointer"
      {...{ disabled }}
      _disabled={{ opacity: 0.25, cursor: "default" }}
      display="flex"
      alignItems="center"
      justifyContent="center"
    >
      <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
        <path d={up ? "M2 9L7 4L12 9" : "M2 5L7 10L12 5"} fill="none" stroke="currentColor" strokeWidth="1.600" />
      </svg>
    </Box>
  );
}

function FourFigures({ plate }: { plate: Plate }) {
  const { mesh, inches } = useHabits();
  const mm = plate.offContact.value ?? 0;
  return (
    <Box display="grid" gridTemplateColumns=".96fr .96fr 1.04fr 1.06fr" gap="4px" mt="10px">
      <Readout label="Mesh" figure={plate.mesh} shown={mesh(plate.mesh.text, plate.mesh.value ?? 0)} />
      <Readout label="Stencil" figure={plate.stencil} />
      <Readout label="Light" figure={plate.light} />
      <Readout
        label="Off-contact"
        figure={plate.offContact}
        shown={inches ? `${(mm / 25.4).toFixed(3)} in` : undefined}
      />
    </Box>
  );
}
