import { Box, Text } from "@chakra-ui/react";
import type { Task } from "../api/client";
import { Action } from "./Parts";

/** What is done just now, and how much of it. */
export function Bar({ step, share }: { step: string; share: number }) {
  const percent = Math.round(share * 100);
  return (
    <>
      <Text w={{ base: "120px", md: "230px" }} aria-live="polite">
        {step}
      </Text>
      <Box
        flex="1"
        h="10px"
        borderWidth="1px"
        borderColor="ink"
        role="progressbar"
        aria-label={step}
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
      >
        <Box h="100%" w={`${percent}%`} bg="ink" transition="width .3s" />
      </Box>
      <Text className="readout" w="52px" textAlign="right">
        {percent} %
      </Text>
    </>
  );
}

/** Long work as it goes: how far it is, or why it stopped. */
export function TaskLine({ task, again, stop }: { task: Task; again: () => void; stop: () => void }) {
  if (task.state === "done") return null;
  if (task.state === "failed")
    return (
      <Box
        role="alert"
        display="flex"
        gap="20px"
        alignItems="center"
        px="28px"
        py="12px"
        borderBottomWidth="1px"
        borderColor="madder"
        color="madder"
      >
        <Text flex="1" fontWeight="600">
          {task.failure}
        </Text>
        <Action quiet onClick={again}>
          Run it again
        </Action>
      </Box>
    );
  return (
    <Box px="28px" py="10px" borderBottomWidth="1px" borderColor="line" display="flex" gap="18px" alignItems="center">
      <Bar step={task.step} share={task.progress} />
      <Action quiet onClick={stop}>
        Stop it
      </Action>
    </Box>
  );
}
