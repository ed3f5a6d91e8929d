import { Box, Text } from "@chakra-ui/react";
import { useEffect, useMemo, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { useHand } from "../api/hand";
import { useJobs, useShop } from "../api/use";
import { arrive } from "./arrive";
import { useHabits } from "./habits";
import { useKey } from "./hotkey";
import { Entry, Push } from "./Parts";
import { jobDeeds, jobIn, plateIn, shelves, shopDeeds, stages } from "./places";
import { Sheet } from "./Sheet";

/** The keys that work everywhere, the list of them, and finding anything. */
export function Keys() {
  const [open, setOpen] = useState<"none" | "help" | "find">("none");
  const go = useNavigate();
  const { pathname: path, search } = useLocation();
  const { swapLight, swapUnits } = useHabits();
  const hand = useHand();
  const job = jobIn(path);
  useKey(
    [...stages, ...shelves].map((place) => place.key),
    (e) => {
      const stage = stages.find((s) => s.key === e.key.toLowerCase());
      const shelf = shelves.find((s) => s.key === e.key.toLowerCase());
      if (stage && job !== null) go(`/jobs/${job}/${stage.id}${plateIn(search)}`);
      else if (shelf) go(`/${shelf.id}`);
      if ((stage && job !== null) || shelf) arrive("");
    },
  );
  useKey("o", () => job !== null && go(`/jobs/${job}${plateIn(search)}`));
  useKey("l", swapLight);
  useKey("u", swapUnits);
  useKey("z, ctrl+z, meta+z", hand.undo, true);
  useKey("shift+z, ctrl+shift+z", hand.redo, true);
  useKey("/", () => setOpen("find"), true);
  useKey("shift+?, ?", () => setOpen("help"), true);
  if (open === "find") return <Find close={() => setOpen("none")} />;
  if (open === "help") return <Help close={() => setOpen("none")} />;
  return null;
}

function Help({ close }: { close: () => void }) {
  const rows: [string, string][] = [
    ...stages.map((s): [string, string] => [s.key.toUpperCase(), s.name]),
    ["O", "The pull of the job"],
    ...shelves.map((s): [string, string] => [s.key.toUpperCase(), s.name]),
    ["← →", "Pull one plate back or on"],
    ["[ ]", "The plate before, the plate after"],
    ["L", "Safelight on and off"],
    ["U", "Millimetres or inches"],
    ["Z", "Undo"],
    ["⇧ Z", "Redo"],
    ["/", "Find anything"],
    ["?", "These keys"],
  ];
  return (
    <Sheet label="Keys" close={close}>
      <Box display="flex" justifyContent="space-between" alignItems="center" mb="10px">
        <Text as="h2" className="wide" fontWeight="800" fontSize="24px">
          Keys
        </Text>
        <Push minH="44px" minW="44px" onClick={close} aria-label="Close" cursor="pointer" fontSize="20px">
          ×
        </Push>
      </Box>
      <Box as="dl" display="grid" gridTemplateColumns="56px 1fr 56px 1fr" rowGap="6px">
        {rows.map(([key, what]) => (
          <Box key={what} display="contents">
            <Box as="dt" className="readout">
              {key}
            </Box>
            <Box as="dd">{what}</Box>
          </Box>
        ))}
      </Box>
    </Sheet>
  );
}

function Find({ close }: { close: () => void }) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  // A quick hand is through before the shop has come: then what is found first is opened as it comes.
  const [wanted, setWanted] = useState(false);
  const go = useNavigate();
  const job = jobIn(useLocation().pathname);
  const { data, isPlaceholderData } = useJobs(text.trim());
  const jobs = data?.pages[0]?.jobs;
  const shop = useShop().data;
  const found = useMemo(() => {
    const all = [
      ...(jobs ?? []).map((j) => ({
        what: j.name,
        kind: `job, ${j.stands}`,
        to: `/jobs/${j.id}`,
        also: [j.customer, j.garment, j.garmentName, ...j.inkNames].join(" "),
      })),
      ...(job === null
        ? []
        : stages.map((s) => ({ what: s.name, kind: "stage of this job", to: `/jobs/${job}/${s.id}` }))),
      ...(job === null ? [] : jobDeeds.map((d) => ({ ...d, kind: "of this job", to: `/jobs/${job}${d.to}` }))),
      ...shelves.map((s) => ({ what: s.name, kind: "shelf", to: `/${s.id}` })),
      ...shopDeeds.map((d) => ({ ...d, kind: "in the shop" })),
      ...(shop?.frames ?? []).map((f) => ({
        what: `Frame ${f.label}`,
        kind: `${f.mesh.name}, ${f.state}`,
        to: `/rack/${f.id}`,
      })),
      ...(shop?.inks ?? []).map((i) => ({ what: i.name, kind: "ink", to: "/inks" })),
      ...(shop?.lamps ?? []).map((l) => ({ what: l.name, kind: "lamp", to: "/lamps" })),
      ...(shop?.presses ?? []).map((p) => ({ what: p.name, kind: "press", to: "/presses" })),
    ];
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    return all
      .filter((one) =>
        words.every((word) => `${one.what} ${one.kind} ${"also" in one ? one.also : ""}`.toLowerCase().includes(word)),
      )
      .slice(0, 9);
  }, [jobs, shop, job, text]);
  const open = (to: string) => {
    close();
    go(to);
    arrive(new URLSearchParams(to.split("?")[1]).get("look") ?? "");
  };
  const looking = jobs === undefined || shop === undefined || isPlaceholderData;
  useEffect(() => {
    if (!wanted || !found[0]) return;
    close();
    go(found[0].to);
  }, [wanted, found, close, go]);
  return (
    <Sheet label="Find anything" close={close}>
      <Entry
        autoFocus
        aria-label="Find a job, a frame, an ink, a page, what is to be done"
        placeholder="A job, a frame, an ink, a page, what is to be done"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
          setWanted(false);
        }}
        onKeyDown={(e: React.KeyboardEvent) => {
          const one = found[at];
          if (e.key === "Enter" && one) open(one.to);
          if (e.key === "Enter" && !one) setWanted(looking);
          if (e.key === "ArrowDown") setAt(Math.min(found.length - 1, at + 1));
          if (e.key === "ArrowUp") setAt(Math.max(0, at - 1));
        }}
      />
      {found.map((one, i) => (
        <Push
          key={`${one.to}${one.what}`}
          onClick={() => open(one.to)}
          display="flex"
          justifyContent="space-between"
          w="100%"
          minH="44px"
          alignItems="center"
          px="10px"
          cursor="pointer"
          bg={i === at ? "faint" : "transparent"}
          _hover={{ bg: "faint" }}
        >
          <Text as="span" fontWeight="600">
            {one.what}
          </Text>
          <Text as="span" color="quiet" fontSize="small">
            {one.kind}
          </Text>
        </Push>
      ))}
      {found.length === 0 && (
        <Text color="quiet" p="12px 10px">
          {looking ? "Looking through the shop …" : "Nothing of that name in the shop."}
        </Text>
      )}
    </Sheet>
  );
}
