import { Box, Text } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type ChartSeen } from "../../api/client";
import { Action, Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { PrintedCurve } from "./PrintedCurve";
import { TypedPatches } from "./TypedPatches";

/** A printed gain chart is scanned or typed in, looked at, and kept. */
export function ReadChart({ jobId, leave, kept }: { jobId: number; leave: () => void; kept: () => void }) {
  const [way, setWay] = useState<"scan" | "typed">("scan");
  const path = { params: { path: { id: jobId } } };
  const scan = useMutation({
    mutationFn: (file: File | null): Promise<ChartSeen> => {
      if (file === null) return answer(api.POST("/api/jobs/{id}/gain-practice", path));
      const form = new FormData();
      form.set("scan", file);
      return answer(
        api.POST("/api/jobs/{id}/gain-scan", {
          ...path,
          body: form as unknown as { scan: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
  });
  const seen = scan.data;
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/jobs/{id}/gain", {
          ...path,
          body: { readings: seen?.readings ?? [], simulated: seen?.device !== null },
        }),
      ),
    onSuccess: kept,
  });
  if (way === "typed") return <TypedPatches jobId={jobId} leave={leave} kept={kept} />;
  return (
    <Box mt="10px">
      <Field label="Scan of the printed chart">
        <input
          type="file"
          accept="image/png,image/jpeg,image/tiff,image/webp"
          aria-label="Scan of the printed gain chart"
          className="file"
          disabled={scan.isPending}
          onChange={(e) => e.target.files?.[0] && scan.mutate(e.target.files[0])}
        />
      </Field>
      <Text fontSize="small" color="quiet" mt="4px">
        Print it as the job prints, let it dry, scan it whole with its marks at 300 pixels an inch.
      </Text>
      {scan.isPending && <Text mt="10px">Looking for its marks and patches …</Text>}
      <Trouble of={scan.error ?? keep.error} />
      {seen && (
        <Box mt="12px">
          <PrintedCurve seen={seen} />
          <Box display="flex" gap="12px" mt="10px">
            <Action quiet disabled={keep.isPending} onClick={() => keep.mutate()}>
              Keep this chart
            </Action>
          </Box>
        </Box>
      )}
      <Box display="flex" flexWrap="wrap" mt="6px" ml="-10px">
        <SmallButton onClick={() => setWay("typed")}>Type the patches instead</SmallButton>
        <SmallButton disabled={scan.isPending} onClick={() => scan.mutate(null)}>
          Practise on the simulated press and scanner
        </SmallButton>
        <SmallButton onClick={leave}>Leave as it was</SmallButton>
      </Box>
    </Box>
  );
}
