import { Box, Text } from "@chakra-ui/react";
import { useId, useState } from "react";
import type { Figure } from "../api/client";
import { Sign } from "./Sign";

const trimmed = (value: number, digits: number) => value.toFixed(digits);

const seconds = (value: number, tenths: boolean) => trimmed(value, tenths ? 1 : 0).replace(/\.0$/, "");

/** A number as it is read from a distance: seconds under ten and millimetres keep a tenth. */
export function figureText(figure: Figure): string {
  if (figure.text) return figure.text;
  if (figure.value === null) return "–";
  if (figure.unit === "mm") return `${trimmed(figure.value, 1)} mm`;
  if (figure.unit === "s")
    return figure.value >= 90
      ? `${Math.floor(Math.round(figure.value) / 60)}:${String(Math.round(figure.value) % 60).padStart(2, "0")}`
      : `${seconds(figure.value, figure.sign === "measured" || figure.value < 10)} s`;
  if (figure.unit === "g" && figure.value < 10) return `${trimmed(figure.value, 1)} g`;
  return `${trimmed(figure.value, 0)} ${figure.unit}`;
}

/** A figure with its sign; a click opens why. */
export function Readout({
  label,
  figure,
  shown,
  big = false,
  bare = false,
}: {
  label: string;
  figure: Figure;
  shown?: string;
  big?: boolean;
  /** In a table the head names it: the label is only spoken. */
  bare?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const [toRight, setToRight] = useState(false);
  const id = useId();
  return (
    <Box position="relative" minW="0">
      <Box
        as="button"
        aria-expanded={open}
        aria-label={bare ? `${label}, ${shown ?? figureText(figure)}` : undefined}
        aria-controls={id}
        onClick={(e: React.MouseEvent) => {
          // Near the left edge of the page the answer opens to the right.
          setToRight(e.currentTarget.getBoundingClientRect().right < 380);
          setOpen(!open);
        }}
        onKeyDown={(e) => e.key === "Escape" && setOpen(false)}
        display="flex"
        flexDirection="column"
        alignItems="flex-start"
        textAlign="left"
        minH="44px"
        w="100%"
        cursor="pointer"
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
          display="flex"
          alignItems="center"
          gap="6px"
          minH={bare ? "44px" : "0"}
          color={figure.sign === "out_of_bounds" ? "madder" : "ink"}
        >
          <Sign kind={figure.sign} size={big ? 20 : 14} />
          <Text as="span" className="readout" fontSize={big ? "big" : "readout"} whiteSpace="nowrap" lineHeight="1.15">
            {shown ?? figureText(figure)}
          </Text>
        </Box>
      </Box>
      {open && <Why id={id} label={label} figure={figure} toRight={toRight} close={() => setOpen(false)} />}
    </Box>
  );
}

function Why({
  id,
  label,
  figure,
  toRight,
  close,
}: {
  id: string;
  label: string;
  figure: Figure;
  toRight: boolean;
  close: () => void;
}) {
  return (
    <Box
      id={id}
      role="region"
      aria-label={`Why ${label}`}
      position="absolute"
      zIndex="20"
      top="100%"
      {...(toRight ? { left: "0" } : { right: "0" })}
      w="340px"
      maxW="86vw"
      bg="raised"
      borderWidth="1px"
      borderColor="ink"
      p="16px 18px"
      fontSize="small"
    >
      <Box display="flex" justifyContent="space-between" alignItems="baseline">
        <Text fontWeight="700" fontSize="text">
          Why {figureText(figure)}?
        </Text>
        <Box
          as="button"
          onClick={close}
          minH="44px"
          minW="44px"
          mt="-14px"
          mr="-14px"
          cursor="pointer"
          aria-label="Close"
        >
          ×
        </Box>
      </Box>
      <Text>{figure.formula}</Text>
      {figure.low !== null && figure.high !== null && (
        <Text className="readout" mt="8px">
          {trimmed(figure.low, 1)} – {trimmed(figure.high, 1)} {figure.unit}
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
    </Box>
  );
}
