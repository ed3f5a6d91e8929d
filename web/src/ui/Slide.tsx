import { Box, Text } from "@chakra-ui/react";
import { useId } from "react";

/** A slider with its readout. */
export function Slide({
  label,
  unit,
  value,
  set,
  most,
  step,
  digits = 2,
}: {
  label: string;
  unit: string;
  value: number;
  set: (value: number) => void;
  most: number;
  step: number;
  digits?: number;
}) {
  const id = useId();
  const text = `${value.toFixed(digits)} ${unit}`;
  return (
    <Box>
      <Box display="flex" justifyContent="space-between" alignItems="baseline">
        <label htmlFor={id}>{label}</label>
        <Text className="readout" fontSize="readout">
          {text}
        </Text>
      </Box>
      <input
        id={id}
        type="range"
        min={-most}
        max={most}
        step={step}
        value={value}
        aria-valuetext={text}
        onChange={(e) => set(Number(e.target.value))}
        style={{ width: "100%", height: 44, accentColor: "var(--teal)" }}
      />
    </Box>
  );
}
