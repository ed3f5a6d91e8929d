import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { answer, api } from "../api/client";
import { Action, Entry, Field, Trouble } from "./Parts";

/** A name to begin with: the list of devices tells them apart by it. */
const kindOfDevice = () =>
  navigator.maxTouchPoints < 2 ? "Computer" : Math.min(screen.width, screen.height) < 600 ? "Phone" : "Tablet";

/** A shop that is open in its network asks each device once for the pass-phrase; a shop of one machine asks nobody. */
export function Door({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const { data: door, error } = useQuery({
    queryKey: ["door"],
    queryFn: () => answer(api.GET("/api/door")),
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const [phrase, setPhrase] = useState("");
  const [device, setDevice] = useState(kindOfDevice);
  const say = useMutation({
    mutationFn: () => answer(api.POST("/api/door", { body: { phrase, device: device.trim() || kindOfDevice() } })),
    onSuccess: () => queries.setQueryData(["door"], { asks: true, letIn: true }),
  });
  // What the page shows is asked for at once; a device that is not let in gets nothing but this door.
  if (error || !door || door.letIn) return children;
  return (
    <Box
      as="main"
      className="halftone"
      minH="100vh"
      display="flex"
      alignItems="center"
      justifyContent="center"
      p="20px"
    >
      <Box
        as="form"
        onSubmit={(e: React.FormEvent) => {
          e.preventDefault();
          say.mutate();
        }}
        bg="paper"
        borderWidth="1px"
        borderColor="ink"
        p="28px 32px"
        w="460px"
        maxW="100%"
      >
        <Text as="h1" className="wide" fontWeight="800" fontSize="title" lineHeight="1.1" mb="10px">
          Ektype
        </Text>
        <Text mb="18px">
          This shop is open to the devices of its network that know its pass-phrase. The words stand where the shop was
          started; they are asked once on each device while it is in use.
        </Text>
        <Field label="Pass-phrase">
          <Entry
            fontFamily="body"
            autoFocus
            autoComplete="current-password"
            autoCapitalize="none"
            value={phrase}
            onChange={(e) => setPhrase(e.target.value)}
          />
        </Field>
        <Field label="What this device is called">
          <Entry fontFamily="body" maxLength={80} value={device} onChange={(e) => setDevice(e.target.value)} />
        </Field>
        <Trouble of={say.error} />
        <Action type="submit" mt="16px" disabled={phrase.trim() === "" || say.isPending}>
          Let this device in
        </Action>
      </Box>
    </Box>
  );
}
