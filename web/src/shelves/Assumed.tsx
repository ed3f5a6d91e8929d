import { Text } from "@chakra-ui/react";
import { Sign } from "../ui/Sign";

/** Marks what nobody has measured yet: it stands as is usual. */
export function Assumed({ of, says }: { of: { assumed: boolean }; says: string }) {
  if (!of.assumed) return null;
  return (
    <Text fontSize="small" color="quiet" className="beside">
      <Sign kind="reckoned" /> assumed: {says}
    </Text>
  );
}
