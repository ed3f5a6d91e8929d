import { Box, Text } from "@chakra-ui/react";
import { useHand } from "../api/hand";
import { Push, Trouble } from "./Parts";

/** Takes back the last thing that was done here from this page, and says what; or does it again. */
export function Undo() {
  const hand = useHand();
  if (!hand.undoes && !hand.redoes) return null;
  return (
    <Box maxW="190px">
      <Box display="flex" gap="14px">
        {hand.undoes && (
          <Push
            onClick={hand.undo}
            disabled={hand.pending}
            fontSize="small"
            color="quiet"
            textAlign="right"
            _hover={{ color: "ink" }}
            title={`Takes back: ${hand.undoes}`}
            maxW="120px"
          >
            Undo
            <Text as="span" display="block" truncate hideBelow="md">
              {hand.undoes.toLowerCase()}
            </Text>
          </Push>
        )}
        {hand.redoes && (
          <Push
            onClick={hand.redo}
            disabled={hand.pending}
            fontSize="small"
            color="quiet"
            _hover={{ color: "ink" }}
            title={`Does again: ${hand.redoes}`}
          >
            Redo
          </Push>
        )}
      </Box>
    </Box>
  );
}

/** Why the last step back was refused, with room to say it. */
export function UndoRefused() {
  return <Trouble of={useHand().refused} />;
}
