import { Box } from "@chakra-ui/react";
import { Sign } from "./Sign";

const meanings = [
  ["reckoned", "reckoned"],
  ["measured", "measured, or done so"],
  ["out_of_bounds", "out of bounds"],
] as const;

/** What the three signs mean, where they first stand. */
export function Signs() {
  return (
    <Box display="flex" flexWrap="wrap" gap="4px 18px" fontSize="small" color="quiet">
      {meanings.map(([kind, says]) => (
        <span key={kind} className="beside">
          <Sign kind={kind} quiet /> {says}
        </span>
      ))}
    </Box>
  );
}
