import { Box } from "@chakra-ui/react";
import { useNow } from "../api/now";

/** What everybody should know now, above every page: nothing on most days. */
export function Notices() {
  const notices = useNow();
  return notices.map((one) => (
    <Box
      key={one.says}
      role="status"
      className="no-print"
      px="28px"
      py="10px"
      borderBottomWidth="1px"
      borderColor="madder"
      color="madder"
      fontWeight="600"
      maxW="none"
    >
      {one.says}
    </Box>
  ));
}
