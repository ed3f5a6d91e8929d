import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobOn } from "../../api/client";
import { useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { Action, Choice, Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

/** Plates drawn by hand: the sheet to draw over, a scan for each, and where its black wants touching up. */
export function Drawn({ job }: { job: JobOn<"art"> }) {
  const inks = useShop().data?.inks ?? [];
  const queries = useQueryClient();
  const [open, setOpen] = useState(job.positives.length > 0);
  const [ink, setInk] = useState<number | null>(null);
  const [scan, setScan] = useState<File | null>(null);
  const onSuccess = () => {
    for (const key of [["job", job.id], ["hand"]]) void queries.invalidateQueries({ queryKey: key });
  };
  const add = useMutation({
    mutationFn: () => {
      const form = new FormData();
      if (scan) form.set("scan", scan);
      form.set("inkId", String(ink ?? inks[0]?.id ?? 0));
      return answer(
        api.POST("/api/jobs/{id}/positives", {
          params: { path: { id: job.id } },
          body: form as unknown as { scan: string; inkId: number },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
    onSuccess: () => {
      onSuccess();
      setScan(null);
    },
  });
  const takeOff = useMutation({
    mutationFn: (n: number) =>
      answer(api.DELETE("/api/jobs/{id}/positives/{n}", { params: { path: { id: job.id, n } } })),
    onSuccess,
  });
  if (!open)
    return (
      <SmallButton alignSelf="flex-start" ml="-10px" onClick={() => setOpen(true)}>
        Plates drawn by hand instead
      </SmallButton>
    );
  return (
    <Box>
      <Heading note="Print the mark sheet, draw each plate over it in black, scan it whole at 300 to 600 ppi. Plates drawn by hand are taken as they are.">
        Drawn by hand
      </Heading>
      <a href={`/api/jobs/${job.id}/mark-sheet.pdf`} download className="reach lined">
        Mark sheet, PDF
      </a>
      {job.positives.map((one, n) => (
        <Box key={n} borderTopWidth="1px" borderColor="line" py="8px">
          <Box display="flex" justifyContent="space-between" alignItems="center">
            <Text fontWeight="700">
              {one.name}, {one.marks} marks found
            </Text>
            <SmallButton onClick={() => takeOff.mutate(n)}>
              Take this plate off again<span className="heard">, drawn in {one.name}</span>
            </SmallButton>
          </Box>
          {one.weak.length === 0 ? (
            <Text fontSize="small" color="quiet">
              Its black is dense all over.
            </Text>
          ) : (
            <>
              <Text fontSize="small">
                Touch up {one.weak.length} weak {one.weak.length === 1 ? "place" : "places"}, or light burns through:
              </Text>
              <Box as="ul" fontSize="small" pl="16px" listStyleType="'– '" maxH="150px" overflow="auto" tabIndex={0}>
                {one.weak.map((w) => (
                  <li key={`${w.xMm} ${w.yMm}`}>
                    {w.xMm.toFixed(0)} mm from the left, {w.yMm.toFixed(0)} from the top: {w.mm2.toFixed(1)} mm²
                  </li>
                ))}
              </Box>
            </>
          )}
        </Box>
      ))}
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px" mt="10px" alignItems="end">
        <Field label="Scan">
          <input
            type="file"
            accept="image/png,image/jpeg,image/tiff,image/webp"
            aria-label="Scan of a drawn plate"
            onChange={(e) => setScan(e.target.files?.[0] ?? null)}
            className="file"
          />
        </Field>
        <Field label="Prints in">
          <Choice fontFamily="body" value={ink ?? inks[0]?.id ?? ""} onChange={(e) => setInk(Number(e.target.value))}>
            {inks.map((i) => (
              <option key={i.id} value={i.id}>
                {i.name}
              </option>
            ))}
          </Choice>
        </Field>
      </Box>
      <Trouble of={add.error ?? takeOff.error} />
      <Action quiet mt="10px" disabled={!scan || add.isPending} onClick={() => add.mutate()}>
        {add.isPending ? "Looking for its marks …" : "Add the plate"}
      </Action>
    </Box>
  );
}
