import { Box, Text } from "@chakra-ui/react";
import { closestCenter, DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from "@dnd-kit/core";
import { horizontalListSortingStrategy, SortableContext, useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { useState } from "react";
import type { JobOn, PlateOn } from "../../api/client";
import { useOrderTaken, usePressOrders, useTriedOrder } from "../../api/press";
import { Heading } from "../../ui/Bench";
import type { AtHand } from "../../ui/JobFrame";
import { Action, Push, Trouble } from "../../ui/Parts";
import { Swatch } from "../../ui/Swatch";

type Order = NonNullable<ReturnType<typeof usePressOrders>["data"]>["now"];
type Job = JobOn<"press">;

/** Which plate prints when: as it stands, the best one, what the schools would do, and any that is laid by hand. */
export function OrderView({ at }: { at: AtHand<"press"> }) {
  const { job } = at;
  const standing = job.plates.map((p) => p.id);
  const { data, error } = usePressOrders(job.id, `${standing.join("-")} ${job.pullKey}`);
  const [laid, setLaid] = useState(standing);
  const [was, setWas] = useState(standing.join());
  if (was !== standing.join()) {
    setWas(standing.join());
    setLaid(standing);
  }
  const moved = laid.join() !== standing.join();
  const taken = useOrderTaken(job.id);
  const tried = useTriedOrder(job.id, moved ? laid : null);
  if (!data) return error ? <Trouble of={error} /> : <Text color="quiet">Trying all orders …</Text>;
  const take = (order: Order) => taken.mutate({ order: order.plates, flashAfter: order.flashAfter });
  const orders = [data.now, ...(data.best ? [data.best] : []), ...data.schools];
  const same = (a: Order, b: Order) =>
    a.plates.join() === b.plates.join() && a.flashAfter.join() === b.flashAfter.join();
  const unlike = orders.filter((o, i) => orders.findIndex((p) => same(p, o)) === i);
  const also = (o: Order) => orders.filter((p) => p !== o && same(p, o)).map((p) => p.name.toLowerCase());
  return (
    <Box display="flex" flexDirection="column" gap="24px">
      <Box>
        <Heading note="Drag a plate, or move it with the arrows. What it would do stands below before anything is moved.">
          Lay an order
        </Heading>
        <Lay job={job} order={laid} set={setLaid} />
        {moved && tried.data && (
          <Box mt="12px">
            <One job={job} order={tried.data} against={data.now} take={take} name="As you laid it" />
          </Box>
        )}
        <Trouble of={tried.error ?? taken.error} />
        {data.says !== "" && (
          <Text mt="8px" borderLeftWidth="6px" borderColor="amber" pl="12px">
            {data.says}
          </Text>
        )}
      </Box>
      <Box>
        <Heading note="All orders are tried. Pick-up of wet ink, shifted colours, dark before light and each flash are weighed by how much of the picture they touch (heuristic).">
          Orders beside each other
        </Heading>
        <Box as="ul" listStyleType="none">
          {unlike.map((o) => (
            <Box as="li" key={`${o.plates.join()} ${o.flashAfter.join()}`}>
              <One job={job} order={o} against={data.now} take={take} name={[o.name, ...also(o)].join(", also ")} />
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

/** An order with its picture, what it harms and costs, and why. */
function One({
  job,
  order,
  against,
  take,
  name,
}: {
  job: Job;
  order: Order;
  against: Order;
  take: (order: Order) => void;
  name: string;
}) {
  const stands = order.plates.join() === against.plates.join() && order.flashAfter.join() === against.flashAfter.join();
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "96px 1fr", md: "130px 1fr auto" }}
      gap="18px"
      py="14px"
      borderTopWidth="1px"
      borderColor="line"
      alignItems="start"
    >
      <Box className="colours" bg={job.garmentHex} p="8px">
        <img
          src={`/api/jobs/${job.id}/press-orders/${order.plates.join("-")}.png?k=${job.pullKey}`}
          alt={`The print in this order: ${order.plates.map((id) => named(job, id)).join(", ")}`}
          width="100%"
          style={{ display: "block", aspectRatio: `${job.widthMm} / ${job.heightMm}` }}
        />
      </Box>
      <Box minW="0">
        <Text fontWeight="700" fontSize="lead">
          {name}
        </Text>
        <Text>
          {order.plates.map((id, i) => (
            <span key={id}>
              {i > 0 ? ", " : ""}
              {named(job, id)}
              {order.flashAfter.includes(id) ? " (flash)" : ""}
            </span>
          ))}
        </Text>
        <Box display="flex" flexWrap="wrap" gap="6px 22px" my="6px">
          <Cost label="pick-up" value={`${order.liftedPct.toFixed(1)} %`} worse={order.liftedPct - against.liftedPct} />
          <Cost
            label="colour shift"
            value={`${order.shiftedPct.toFixed(1)} %`}
            worse={order.shiftedPct - against.shiftedPct}
          />
          <Cost label="stations" value={String(order.stations)} worse={order.stations - against.stations} />
          <Cost label="cycle time" value={`${order.seconds.toFixed(0)} s`} worse={order.seconds - against.seconds} />
        </Box>
        {order.reasons.map((one) => (
          <Text key={one} fontSize="small" color="quiet" maxW="70ch">
            {one}
          </Text>
        ))}
      </Box>
      <Box gridColumn={{ base: "1 / -1", md: "auto" }}>
        {stands ? (
          <Text fontSize="small" color="quiet">
            it stands so
          </Text>
        ) : (
          <Action quiet onClick={() => take(order)}>
            Take this order<span className="heard">: {name}</span>
          </Action>
        )}
      </Box>
    </Box>
  );
}

function Cost({ label, value, worse }: { label: string; value: string; worse: number }) {
  const mark = Math.abs(worse) < 0.05 ? "" : worse > 0 ? " ▲" : " ▼";
  return (
    <Box>
      <Text fontSize="small" color="quiet">
        {label}
      </Text>
      <Text className="readout">
        {value}
        <Text as="span" color={worse > 0 ? "madder" : "teal"}>
          {mark}
          {mark !== "" && <span className="heard">{worse > 0 ? "more than now" : "less than now"}</span>}
        </Text>
      </Text>
    </Box>
  );
}

const named = (job: Job, id: number) => job.plates.find((p) => p.id === id)?.name ?? "";

/** The plates as pulled inks in a row, moved by hand or by keys. */
function Lay({ job, order, set }: { job: Job; order: number[]; set: (order: number[]) => void }) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const move = (from: number, to: number) => {
    if (from < 0 || to < 0 || to >= order.length || from === to) return;
    const next = [...order];
    const [one] = next.splice(from, 1);
    if (one === undefined) return;
    next.splice(to, 0, one);
    set(next);
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over) move(order.indexOf(Number(active.id)), order.indexOf(Number(over.id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={order} strategy={horizontalListSortingStrategy}>
        <Box as="ol" listStyleType="none" display="flex" flexWrap="wrap" gap="10px" aria-label="Order laid by hand">
          {order.map((id, i) => {
            const plate = job.plates.find((p) => p.id === id);
            return plate ? (
              <Plate key={id} plate={plate} at={i} last={order.length - 1} move={(to) => move(i, to)} />
            ) : null;
          })}
        </Box>
      </SortableContext>
    </DndContext>
  );
}

function Plate({
  plate,
  at,
  last,
  move,
}: {
  plate: PlateOn<"press">;
  at: number;
  last: number;
  move: (to: number) => void;
}) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id: plate.id });
  const keys = (e: React.KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[e.key];
    if (by === undefined) return;
    e.preventDefault();
    move(at + by);
  };
  return (
    <Box
      as="li"
      ref={setNodeRef}
      opacity={isDragging ? 0.6 : 1}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <Push
        {...listeners}
        onKeyDown={keys}
        w="104px"
        textAlign="left"
        cursor="grab"
        borderTopWidth="1px"
        borderColor="line"
        pt="6px"
      >
        <Box className="colours" position="relative" h="58px" overflow="hidden" aria-hidden="true">
          <Swatch hex={plate.inkHex} seed={plate.id} width={100} height={58} />
        </Box>
        <Text className="readout" fontSize="small" color="quiet">
          {at + 1}
        </Text>
        <Text fontWeight="600" lineHeight="1.2" truncate title={plate.name}>
          {plate.name}
          <span className="heard">
            , place {at + 1} of {last + 1}. Left and right arrows move it.
          </span>
        </Text>
      </Push>
    </Box>
  );
}
