import { Box, Text } from "@chakra-ui/react";
import { useId } from "react";
import { useHabits } from "./habits";

/** A slider with its readout. */
export function Slide({
  label,
  unit,
  value,
  set,
  most,
  step,
  digits = 2,
  least = -most,
}: {
  label: string;
  unit: string;
  value: number;
  set: (value: number) => void;
  most: number;
  step: number;
  digits?: number;
  least?: number;
}) {
  const id = useId();
  const { ruling } = useHabits();
  const text = unit === "lpi" ? ruling(value, digits) : `${value.toFixed(digits)} ${unit}`;
  return (
    <Box display="grid" gridTemplateColumns="104px 1fr 88px" gap="12px" alignItems="center">
      <label htmlFor={id} className="tight">
        {label}
      </label>
      <input
        id={id}
        type="range"
        min={least}
        max={most}
        step={step}
        value={value}
        aria-valuetext={text}
        onChange={(e) => set(Number(e.target.value))}
        className="slide"
      />
      <Text className="readout" textAlign="right" whiteSpace={unit === "lpi" ? "normal" : "nowrap"}>
        {text}
      </Text>
    </Box>
  );
}
