import { Box, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { Action } from "../../../ui/Parts";
import { Sheet } from "../../../ui/Sheet";
import type { Reason, RunBoard } from "./counted";

const reasons: Reason[] = ["ink", "screen", "register", "flash", "dryer", "garments", "break", "something else"];

/** Why the press stops. */
export function StopSheet({ close, told }: { close: () => void; told: (reason: Reason) => void }) {
  return (
    <Sheet label="Why does the press stand?" close={close}>
      <Box p="24px">
        <Text className="wide" as="h2" fontWeight="800" fontSize="title" mb="16px">
          Why does the press stand?
        </Text>
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px">
          {reasons.map((reason) => (
            <Action key={reason} quiet minH="64px" onClick={() => told(reason)}>
              {reason}
            </Action>
          ))}
        </Box>
      </Box>
    </Sheet>
  );
}

/** For how long it has stood by now. */
export function StandsSince({ stop }: { stop: NonNullable<RunBoard["count"]["standing"]> }) {
  const [now, setNow] = useState(Date.now());
  useEffect(() => {
    const beat = setInterval(() => setNow(Date.now()), 5_000);
    return () => clearInterval(beat);
  }, []);
  const minutes = Math.max(0, (now - stop.fromMs) / 60_000);
  return (
    <Text role="status" fontSize="lead" fontWeight="700">
      The press stands: {stop.reason}, {minutes < 1 ? "less than a minute" : `${Math.round(minutes)} min`}. Count a
      piece and it goes on.
    </Text>
  );
}
