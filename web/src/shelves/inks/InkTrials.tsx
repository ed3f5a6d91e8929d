import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Field, Push, Trouble } from "../../ui/Parts";
import { PictureTaken, takenPicture } from "../../ui/PictureTaken";
import { SmallButton } from "../../ui/SmallButton";

const flat = [
  ["5", "lie flat"],
  ["4", "nearly all flat"],
  ["3", "most lie flat"],
  ["2", "many stand through"],
  ["1", "stand through"],
] as const;

/** Whites and others beside each other: how far they hide, how flat the fibres lie, what an opaque print of them costs. */
export function InkTrials() {
  const queries = useQueryClient();
  const key = ["ink-trials"];
  const trials = useQuery({ queryKey: key, queryFn: () => answer(api.GET("/api/ink-trials", {})) }).data ?? [];
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [overBlack, setOverBlack] = useState("#cfcdc6");
  const [overWhite, setOverWhite] = useState("#f2f1ec");
  const [matDown, setMatDown] = useState("4");
  const [price, setPrice] = useState("");
  const [picture, setPicture] = useState("");
  const onSuccess = (now: typeof trials) => queries.setQueryData(key, now);
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/ink-trials", {
          body: {
            name,
            overBlack,
            overWhite,
            matDown: Number(matDown),
            centsPerKg: Math.round(100 * (numberTyped(price) ?? Number.NaN)),
            picture,
          },
        }),
      ),
    onSuccess: (now) => {
      setName("");
      setPicture("");
      setOpen(false);
      onSuccess(now);
    },
  });
  const forget = useMutation({
    mutationFn: (trial: number) => answer(api.DELETE("/api/ink-trials/{trial}", { params: { path: { trial } } })),
    onSuccess,
  });
  return (
    <Box mt="28px" mb="24px">
      {trials.length > 0 && (
        <>
          <Text as="h2" fontWeight="700" mb="6px">
            Tried beside each other, the best first
          </Text>
          <Box as="ol" listStyleType="none" mb="10px">
            {trials.map(({ id, trial, says }) => (
              <Box
                as="li"
                key={id}
                display="flex"
                flexWrap="wrap"
                gap="8px 18px"
                alignItems="center"
                borderTopWidth="1px"
                borderColor="line"
                py="6px"
              >
                <svg width="64" height="40" className="colours still" aria-hidden="true">
                  <rect width="32" height="40" fill="#161616" />
                  <rect x="32" width="32" height="40" fill="#f4f4f1" stroke="var(--line)" />
                  <rect x="4" y="8" width="28" height="24" fill={trial.overBlack} />
                  <rect x="32" y="8" width="28" height="24" fill={trial.overWhite} />
                </svg>
                {trial.picture !== "" && (
                  <img src={takenPicture(trial.picture)} alt="" className="colours" style={{ maxHeight: "48px" }} />
                )}
                <Box flex="1" minW="240px">
                  <Text fontWeight="700">{trial.name}</Text>
                  <Text fontSize="small" color="quiet">
                    {says}
                  </Text>
                </Box>
                <Text>
                  <span className="readout lead-readout">{(trial.centsPerM2 / 100).toFixed(2)}</span>{" "}
                  <Text as="span" fontSize="small" color="quiet">
                    an opaque m², at {(trial.centsPerKg / 1000 / 100).toFixed(3)} a gram
                  </Text>
                </Text>
                <Push className="reach lined" onClick={() => forget.mutate(id)}>
                  Leave it out
                </Push>
              </Box>
            ))}
          </Box>
        </>
      )}
      {!open ? (
        <SmallButton ml="-10px" onClick={() => setOpen(true)}>
          Try an ink beside others
        </SmallButton>
      ) : (
        <Box
          as="form"
          maxW="760px"
          borderTopWidth="1px"
          borderColor="line"
          pt="12px"
          onSubmit={(e: React.FormEvent) => {
            e.preventDefault();
            keep.mutate();
          }}
          onKeyDown={(e: React.KeyboardEvent) => e.key === "Escape" && setOpen(false)}
        >
          <Text fontWeight="700" mb="8px">
            Drawn down over a black and white card, and printed on cloth
          </Text>
          <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(140px, 1fr))" gap="14px" alignItems="end">
            <Field label="On its pot">
              <Entry fontFamily="body" value={name} maxLength={80} onChange={(e) => setName(e.target.value)} />
            </Field>
            <Field label="Looks, over black">
              <Entry
                type="color"
                className="colours"
                p="4px"
                value={overBlack}
                onChange={(e) => setOverBlack(e.target.value)}
              />
            </Field>
            <Field label="over white">
              <Entry
                type="color"
                className="colours"
                p="4px"
                value={overWhite}
                onChange={(e) => setOverWhite(e.target.value)}
              />
            </Field>
            <Field label="Fibres on cloth">
              <Choice fontFamily="body" value={matDown} onChange={(e) => setMatDown(e.target.value)}>
                {flat.map(([n, says]) => (
                  <option key={n} value={n}>
                    {says}
                  </option>
                ))}
              </Choice>
            </Field>
            <Field label="A kilo costs">
              <Entry inputMode="decimal" value={price} onChange={(e) => setPrice(e.target.value)} />
            </Field>
          </Box>
          <Box mt="10px">
            <PictureTaken name={picture} set={setPicture} what="the trial" />
          </Box>
          <Box display="flex" gap="12px" mt="12px">
            <Action type="submit" disabled={keep.isPending}>
              Keep the trial
            </Action>
            <Action quiet onClick={() => setOpen(false)}>
              Leave it
            </Action>
          </Box>
          <Trouble of={keep.error} />
        </Box>
      )}
      <Trouble of={forget.error} />
    </Box>
  );
}
