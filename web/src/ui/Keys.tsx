import { Box, Text } from "@chakra-ui/react";
import { useEffect, useMemo, useRef, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { useJobs, useShop } from "../api/use";
import { useHabits } from "./habits";
import { Entry } from "./Parts";
import { jobIn, plateIn, shelves, stages } from "./places";
import { isTyping } from "./typing";

/** The keys that work everywhere, the list of them, and finding anything. */
export function Keys() {
  const [open, setOpen] = useState<"none" | "help" | "find">("none");
  const go = useNavigate();
  const { pathname: path, search } = useLocation();
  const { swapLight, swapUnits } = useHabits();
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key === "Escape") setOpen("none");
      if (isTyping(e.target)) return;
      if (e.ctrlKey || e.metaKey || e.altKey) return;
      const key = e.key.toLowerCase();
      const job = jobIn(path);
      const stage = stages.find((s) => s.key === key);
      const shelf = shelves.find((s) => s.key === key);
      if (key === "l") swapLight();
      else if (key === "u") swapUnits();
      else if (key === "?") setOpen("help");
      else if (key === "/") {
        e.preventDefault();
        setOpen("find");
      } else if (stage && job !== null) go(`/jobs/${job}/${stage.id}${plateIn(search)}`);
      else if (shelf) go(`/${shelf.id}`);
      else if (key === "o" && job !== null) go(`/jobs/${job}${plateIn(search)}`);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
  if (open === "find") return <Find close={() => setOpen("none")} />;
  if (open === "help") return <Help close={() => setOpen("none")} />;
  return null;
}

function Sheet({ label, close, children }: { label: string; close: () => void; children: React.ReactNode }) {
  const sheet = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const before = document.activeElement;
    (sheet.current?.querySelector("input, button") as HTMLElement | null)?.focus();
    return () => (before instanceof HTMLElement ? before.focus() : undefined);
  }, []);
  return (
    <Box
      position="fixed"
      inset="0"
      zIndex="60"
      bg="color-mix(in srgb, var(--paper) 70%, transparent)"
      onClick={close}
      display="flex"
      justifyContent="center"
      alignItems="flex-start"
      pt="9vh"
    >
      <Box
        ref={sheet}
        role="dialog"
        aria-modal="true"
        aria-label={label}
        onClick={(e) => e.stopPropagation()}
        bg="raised"
        borderWidth="1px"
        borderColor="ink"
        w="560px"
        maxW="94vw"
        maxH="78vh"
        overflow="auto"
        p="22px 26px"
      >
        {children}
      </Box>
    </Box>
  );
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
    ["/", "Find anything"],
    ["?", "These keys"],
  ];
  return (
    <Sheet label="Keys" close={close}>
      <Box display="flex" justifyContent="space-between" alignItems="center" mb="10px">
        <Text as="h2" className="wide" fontWeight="800" fontSize="24px">
          Keys
        </Text>
        <Box as="button" minH="44px" minW="44px" onClick={close} aria-label="Close" cursor="pointer" fontSize="20px">
          ×
        </Box>
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
  const go = useNavigate();
  const job = jobIn(useLocation().pathname);
  const jobs = useJobs().data;
  const shop = useShop().data;
  const found = useMemo(() => {
    const all = [
      ...(jobs ?? []).map((j) => ({ what: j.name, kind: `job, ${j.stands}`, to: `/jobs/${j.id}` })),
      ...(job === null
        ? []
        : stages.map((s) => ({ what: s.name, kind: "stage of this job", to: `/jobs/${job}/${s.id}` }))),
      ...shelves.map((s) => ({ what: s.name, kind: "shelf", to: `/${s.id}` })),
      ...(shop?.frames ?? []).map((f) => ({ what: `Frame ${f.label}`, kind: `${f.mesh}, ${f.state}`, to: "/rack" })),
      ...(shop?.inks ?? []).map((i) => ({ what: i.name, kind: "ink", to: "/inks" })),
      ...(shop?.lamps ?? []).map((l) => ({ what: l.name, kind: "lamp", to: "/lamps" })),
      ...(shop?.presses ?? []).map((p) => ({ what: p.name, kind: "press", to: "/presses" })),
    ];
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    return all
      .filter((one) => words.every((word) => `${one.what} ${one.kind}`.toLowerCase().includes(word)))
      .slice(0, 9);
  }, [jobs, shop, job, text]);
  const open = (to: string) => {
    close();
    go(to);
  };
  return (
    <Sheet label="Find anything" close={close}>
      <Entry
        aria-label="Find a job, a frame, an ink, a stage"
        placeholder="A job, a frame, an ink, a stage"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
        }}
        onKeyDown={(e: React.KeyboardEvent) => {
          const one = found[at];
          if (e.key === "Enter" && one) open(one.to);
          if (e.key === "ArrowDown") setAt(Math.min(found.length - 1, at + 1));
          if (e.key === "ArrowUp") setAt(Math.max(0, at - 1));
        }}
      />
      {found.map((one, i) => (
        <Box
          key={`${one.to}${one.what}`}
          as="button"
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
        </Box>
      ))}
      {found.length === 0 && (
        <Text color="quiet" p="12px 10px">
          Nothing of that name in the shop.
        </Text>
      )}
    </Sheet>
  );
}
