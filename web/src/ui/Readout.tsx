import { Box, chakra, Popover, Portal, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Figure, Readout as Shown } from "../api/client";
import { figureText } from "./figures";
import { Push } from "./Parts";
import { whyRecipe } from "./recipes";
import { Sign } from "./Sign";

const Paper = chakra(Popover.Content, whyRecipe);

type Props = {
  label: string;
  shown?: string;
  big?: boolean;
  /** In a table the head names it: the label is only spoken. */
  bare?: boolean;
};

/** A figure with its sign; a click opens why. */
export function Readout({ figure, ...rest }: Props & { figure: Figure }) {
  const [open, setOpen] = useState(false);
  return <Opened {...rest} figure={figure} open={open} setOpen={setOpen} why={figure} />;
}

/** The same where why is asked for only when somebody wants to know. */
export function Opened({
  label,
  figure,
  shown,
  big = false,
  bare = false,
  open,
  setOpen,
  why,
}: Props & { figure: Shown; open: boolean; setOpen: (open: boolean) => void; why: Figure | undefined }) {
  return (
    <Popover.Root open={open} onOpenChange={(e) => setOpen(e.open)} positioning={{ placement: "bottom-end" }} lazyMount>
      <Popover.Trigger asChild>
        <Push
          aria-label={bare ? `${label}, ${shown ?? figureText(figure)}` : undefined}
          display="flex"
          flexDirection="column"
          alignItems="flex-start"
          textAlign="left"
          minW="0"
          w="100%"
          _hover={{
            "& .readout": { textDecoration: "underline", textDecorationThickness: "1px", textUnderlineOffset: "4px" },
          }}
        >
          {!bare && (
            <Text as="span" display="block" fontSize="small" color="quiet">
              {label}
            </Text>
          )}
          <Box
            as="span"
            display="flex"
            alignItems="center"
            gap="6px"
            minH={bare ? "44px" : "0"}
            color={figure.sign === "out_of_bounds" ? "madder" : "ink"}
          >
            <Sign kind={figure.sign} size={big ? 20 : 14} />
            <Text
              as="span"
              className="readout"
              fontSize={big ? "big" : "readout"}
              whiteSpace="nowrap"
              lineHeight="1.15"
            >
              {shown ?? figureText(figure)}
            </Text>
          </Box>
        </Push>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Paper aria-label={`Why ${label}`}>{why ? <Why figure={why} /> : "Looking it up …"}</Paper>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

function Why({ figure }: { figure: Figure }) {
  return (
    <>
      <Box display="flex" justifyContent="space-between" alignItems="baseline">
        <Text fontWeight="700" fontSize="text">
          Why {figureText(figure)}?
        </Text>
        <Popover.CloseTrigger asChild>
          <Push minW="44px" mt="-14px" mr="-14px" aria-label="Close">
            ×
          </Push>
        </Popover.CloseTrigger>
      </Box>
      <Text>{figure.formula}</Text>
      {figure.low !== null && figure.high !== null && (
        <Text className="readout" mt="8px">
          {figure.low.toFixed(1)} – {figure.high.toFixed(1)} {figure.unit}
          <Text as="span" fontFamily="body" fontWeight="400" letterSpacing="0">
            {`, ${figure.between}`}
          </Text>
        </Text>
      )}
      <Box as="ul" mt="8px" pl="16px" listStyleType="'– '">
        {figure.inputs.map((input) => (
          <li key={input}>{input}</li>
        ))}
      </Box>
      <Text mt="8px" color="quiet">
        Source: {figure.source}.{figure.school && ` School: ${figure.school}.`}
      </Text>
      {figure.wouldChange && <Text mt="4px">{figure.wouldChange}</Text>}
    </>
  );
}
