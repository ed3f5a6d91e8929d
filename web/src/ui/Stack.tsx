import { Box, Text } from "@chakra-ui/react";
import { closestCenter, DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import { SortableContext, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { type ReactNode, useState } from "react";
import type { JobOn, Plate, PlateOn, Stage } from "../api/client";
import { useWhy } from "../api/use";
import { useHabits } from "./habits";
import type { AtHand } from "./JobFrame";
import { Push } from "./Parts";
import { Opened } from "./Readout";
import { Signs } from "./Signs";
import { Swatch } from "./Swatch";

type Props<S extends Stage> = {
  at: AtHand<S>;
  /** What a strip shows besides its name; the job page shows all four figures. */
  figures?: (plate: PlateOn<S>, job: JobOn<S>) => ReactNode;
  reorder?: boolean;
  /** Strips share the height of the page. */
  fill?: boolean;
};

/** Beside the tool: one strip for each plate in print order, the flashes between them. */
export function Stack<S extends Stage = "run">({ at, figures, reorder = false, fill = false }: Props<S>) {
  const { choose, work } = at;
  // The strips are of the head, the same at every stage.
  const job = at.job as unknown as JobOn<"run">;
  const chosen = at.plate as unknown as Plate | undefined;
  // A finger or a mouse must move a little before it drags: a tap chooses.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  const move = (from: number, to: number) => {
    if (from === to || to < 0 || to >= job.plates.length) return;
    const ids = job.plates.map((p) => p.id);
    const [one] = ids.splice(from, 1);
    if (one === undefined) return;
    ids.splice(to, 0, one);
    work.change.mutate({ order: ids });
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    const ids = job.plates.map((p) => p.id);
    if (over) move(ids.indexOf(Number(active.id)), ids.indexOf(Number(over.id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={job.plates.map((p) => p.id)} strategy={verticalListSortingStrategy} disabled={!reorder}>
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
            <OneStrip
              key={plate.id}
              plate={plate}
              at={i}
              fill={fill}
              chosen={plate.id === chosen?.id}
              choose={() => choose(plate.id)}
              move={reorder ? { to: (n) => move(i, n), last: job.plates.length - 1 } : null}
            >
              {figures ? (
                figures(plate as unknown as PlateOn<S>, at.job)
              ) : (
                <FourFigures plate={plate} turn={job.turn} />
              )}
            </OneStrip>
          ))}
        </Box>
        <Box borderLeftWidth={{ base: 0, lg: "1px" }} borderTopWidth="1px" borderColor="line" px="20px" py="8px">
          <Signs />
        </Box>
      </SortableContext>
    </DndContext>
  );
}

/** One strip: its colour down the edge, its name, what the bench wants to know, the flash after it. */
function OneStrip({
  plate,
  at,
  fill,
  chosen,
  choose,
  move,
  children,
}: {
  plate: Plate;
  at: number;
  fill: boolean;
  chosen: boolean;
  choose: () => void;
  move: { to: (place: number) => void; last: number } | null;
  children: ReactNode;
}) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id: plate.id });
  return (
    <Box
      as="li"
      ref={setNodeRef}
      position="relative"
      flex={fill ? "1 0 auto" : "0 0 auto"}
      display="flex"
      flexDirection="column"
      borderBottomWidth="1px"
      borderColor="line"
      opacity={isDragging ? 0.6 : 1}
      zIndex={isDragging ? 5 : undefined}
      style={{ transform: CSS.Translate.toString(transform), transition }}
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
        bg={chosen ? "raised" : "transparent"}
      >
        <Swatch hex={plate.inkHex} seed={plate.id} />
        <Box display="flex" alignItems="center" gap="8px">
          <Push
            onClick={choose}
            aria-pressed={chosen}
            my="-8px"
            textAlign="left"
            flex="1"
            minW="0"
            {...(move ? listeners : {})}
          >
            <Text fontWeight="700" fontSize="lead" truncate title={plate.name}>
              {plate.name}
            </Text>
          </Push>
          <Text fontSize="small" color="quiet" whiteSpace="nowrap">
            plate {at + 1}, covers{" "}
            {plate.coveragePct < 10 ? plate.coveragePct.toFixed(1) : Math.round(plate.coveragePct)} %
          </Text>
          {move && (
            <Box display="flex" my="-8px" mr="-10px">
              <Mover label={`Print ${plate.name} earlier`} disabled={at === 0} onClick={() => move.to(at - 1)} up />
              <Mover label={`Print ${plate.name} later`} disabled={at === move.last} onClick={() => move.to(at + 1)} />
            </Box>
          )}
        </Box>
        {children}
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
    <Push
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
    </Push>
  );
}

const four = [
  ["Mesh", "mesh"],
  ["Stencil", "stencil"],
  ["Light", "light"],
  ["Off-contact", "offContact"],
] as const;

function FourFigures({ plate, turn }: { plate: Plate; turn: number }) {
  const { mesh, inches } = useHabits();
  const [open, setOpen] = useState<string | null>(null);
  const why = useWhy(plate.id, turn, open !== null).data;
  const shown = {
    mesh: mesh(plate.mesh.text, plate.mesh.value ?? 0),
    stencil: undefined,
    light: undefined,
    offContact: inches ? `${((plate.offContact.value ?? 0) / 25.4).toFixed(3)} in` : undefined,
  };
  return (
    <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(72px, 1fr))" gap="4px" mt="10px">
      {four.map(([label, name]) => (
        <Opened
          key={name}
          label={label}
          figure={plate[name]}
          shown={shown[name]}
          open={open === name}
          setOpen={(on) => setOpen(on ? name : null)}
          why={why?.[name]}
        />
      ))}
    </Box>
  );
}
