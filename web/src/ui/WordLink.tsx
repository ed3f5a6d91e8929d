import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Link } from "react-router";

/** A way to another page, in a word, large enough for a wet hand. */
export function WordLink({ to, children }: { to: string; children: ReactNode }) {
  return (
    <Link to={to} style={{ display: "inline-block" }}>
      <Box
        as="span"
        display="inline-flex"
        alignItems="center"
        minH="44px"
        fontWeight="700"
        textDecoration="underline"
        textUnderlineOffset="4px"
      >
        {children}
      </Box>
    </Link>
  );
}
