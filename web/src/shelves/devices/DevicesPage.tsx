import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../../api/client";
import { date } from "../../ui/day";
import { Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Shelf } from "../Shelf";

/** The devices that were let into the shop: each is sent away by itself. */
export function DevicesPage() {
  const queries = useQueryClient();
  const { data, error } = useQuery({ queryKey: ["devices"], queryFn: () => answer(api.GET("/api/devices")) });
  const away = useMutation({
    mutationFn: (id: number) => answer(api.DELETE("/api/devices/{id}", { params: { path: { id } } })),
    onSuccess: (left) => queries.setQueryData(["devices"], left),
  });
  return (
    <Shelf
      name="Devices"
      says="Each was let in by the pass-phrase. Send away one that is lost or sold: it is asked for the words again. One that is not used for 90 days is asked by itself."
    >
      <Trouble of={error ?? away.error} />
      {data?.length === 0 && <Text>No device was let in yet: the shop is open to this machine alone.</Text>}
      <Box as="ul" maxW="760px" borderTopWidth={data?.length ? "1px" : "0"} borderColor="line" listStyleType="none">
        {data?.map((one) => (
          <Box
            as="li"
            key={one.id}
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            gap="8px 24px"
            minH="56px"
            borderBottomWidth="1px"
            borderColor="line"
          >
            <Text fontWeight="700" flex="1 1 220px" minW="0" overflowWrap="anywhere">
              {one.name}
              {one.isThis && (
                <Text as="span" fontWeight="400" color="quiet">
                  {" "}
                  (this one)
                </Text>
              )}
            </Text>
            <Text color="quiet">
              let in {date(one.letInAt.slice(0, 10))}, last used {date(one.seenAt.slice(0, 10))}
            </Text>
            <SmallButton onClick={() => away.mutate(one.id)} disabled={away.isPending}>
              Send away<span className="heard"> {one.name}</span>
            </SmallButton>
          </Box>
        ))}
      </Box>
    </Shelf>
  );
}
