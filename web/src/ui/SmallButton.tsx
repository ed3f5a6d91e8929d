import { Box, type BoxProps } from "@chakra-ui/react";

/** A word that can be pressed; 44 px high like everything that is touched. */
export function SmallButton({ children, pressed, ...rest }: BoxProps & { pressed?: boolean; disabled?: boolean }) {
  return (
    <Box
      as="button"
      minH="44px"
      minW="44px"
      px="10px"
      cursor="pointer"
      fontSize="small"
      textDecoration="underline"
      textUnderlineOffset="3px"
      aria-pressed={pressed}
      fontWeight={pressed ? "700" : "400"}
      {...rest}
    >
      {children}
    </Box>
  );
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
        <Box
          as="button"
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
        </Box>
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
      <input
        type="checkbox"
        checked={checked}
        onChange={(e) => set(e.target.checked)}
        style={{ width: 22, height: 22, flex: "none" }}
      />
      <span>{children}</span>
    </Box>
  );
}
