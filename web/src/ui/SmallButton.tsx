import { Box, chakra, type HTMLChakraProps } from "@chakra-ui/react";
import { Push } from "./Parts";
import { wordRecipe } from "./recipes";

const WordButton = chakra("button", wordRecipe, { defaultProps: { type: "button" } });

/** A word that can be pressed. */
export function SmallButton({ pressed, ...rest }: HTMLChakraProps<"button"> & { pressed?: boolean }) {
  return <WordButton aria-pressed={pressed} {...rest} />;
}

/** A choice between a few views of one thing; the one at hand stands on a line of ink. */
export function Views<T extends string>({
  of,
  at,
  pick,
  label,
}: {
  of: readonly (readonly [T, string])[];
  at: T;
  pick: (view: T) => void;
  label: string;
}) {
  return (
    <Box role="group" aria-label={label} display="flex" flexWrap="wrap" borderBottomWidth="1px" borderColor="line">
      {of.map(([view, name]) => (
        <Push
          key={view}
          aria-pressed={view === at}
          onClick={() => pick(view)}
          minH="48px"
          px="14px"
          cursor="pointer"
          fontWeight={view === at ? "700" : "400"}
          borderBottomWidth="3px"
          borderColor={view === at ? "ink" : "transparent"}
          _hover={{ borderColor: view === at ? "ink" : "line" }}
        >
          {name}
        </Push>
      ))}
    </Box>
  );
}

/** A yes or no with its words. */
export function Tick({
  checked,
  set,
  children,
}: {
  checked: boolean;
  set: (on: boolean) => void;
  children: React.ReactNode;
}) {
  return (
    <Box as="label" display="flex" gap="10px" minH="44px" alignItems="center" cursor="pointer">
      <input type="checkbox" checked={checked} onChange={(e) => set(e.target.checked)} className="tick" />
      <span>{children}</span>
    </Box>
  );
}
