import { Box, type BoxProps, chakra, type HTMLChakraProps, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Problem } from "../api/client";
import { useHabits } from "./habits";
import { inUnits } from "./lengths";
import { actionRecipe, fieldRecipe, plainRecipe } from "./recipes";

const ActionButton = chakra("button", actionRecipe, { defaultProps: { type: "button" } });

/** The one thing to do here. A button sends a form only where it says so. */
export function Action({ quiet, ...rest }: HTMLChakraProps<"button"> & { quiet?: boolean }) {
  return <ActionButton loud={quiet ? "no" : "yes"} {...rest} />;
}

/** Anything else that is pressed; it looks as what it holds. */
export const Push = chakra("button", plainRecipe, { defaultProps: { type: "button" } });

/** A sentence about what went wrong, at the place where it went wrong. */
export function Trouble({ of, field }: { of: unknown; field?: string }) {
  const { inches } = useHabits();
  if (!of) return null;
  if (field !== undefined && of instanceof Problem && of.field !== "" && !of.field.startsWith(field)) return null;
  return (
    <Text role="alert" color="madder" fontWeight="600" borderLeftWidth="3px" borderColor="madder" pl="12px" my="8px">
      {of instanceof Error ? inUnits(of.message, inches) : "That did not work. Nothing was changed."}
    </Text>
  );
}

/** A safety caution, shown where the hazard is. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <Box
      role="note"
      display="flex"
      gap="12px"
      fontSize="small"
      color="ink"
      borderTopWidth="1px"
      borderColor="line"
      pt="12px"
    >
      <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true" className="still">
        <path d="M11 2L21 20H1Z" fill="none" stroke="var(--amber)" strokeWidth="2.200" />
        <path d="M11 8v6M11 16v2" stroke="currentColor" strokeWidth="2" />
      </svg>
      <Text maxW="64ch">{children} Follow the safety data sheet, the maker’s manual and local rules.</Text>
    </Box>
  );
}

export function Label({ children, ...rest }: BoxProps) {
  return (
    <Box fontSize="small" color="quiet" {...rest}>
      {children}
    </Box>
  );
}

/** A plain figure with its name. */
export function Fact({ label, value }: { label: string; value: string }) {
  return (
    <Box>
      <Label>{label}</Label>
      <Text className="readout" fontSize="17px" whiteSpace="nowrap">
        {value}
      </Text>
    </Box>
  );
}

/** A labelled field; wide enough for wet hands. */
export function Field({ label, children, hint }: { label: string; children: ReactNode; hint?: string | undefined }) {
  return (
    <Box as="label" display="block" minW="0">
      <Label as="span" display="block">
        {label}
      </Label>
      {children}
      {hint && (
        <Text as="span" fontSize="small" color="quiet">
          {hint}
        </Text>
      )}
    </Box>
  );
}

export const Entry = chakra("input", fieldRecipe);
export const Area = chakra("textarea", fieldRecipe);
export const Choice = chakra("select", fieldRecipe);
