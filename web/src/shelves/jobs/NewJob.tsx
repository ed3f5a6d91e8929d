import { Box, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { useArtLooked, useNewJob } from "../../api/use";
import { useHabits } from "../../ui/habits";
import { useLengthText } from "../../ui/lengthText";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { SmallButton, Tick } from "../../ui/SmallButton";

type Seen = NonNullable<ReturnType<typeof useArtLooked>["data"]>;
const whole = (seen: Seen) => seen.ink.width > 0.999 && seen.ink.height > 0.999;
const pct = (share: number) => `${Math.round(100 * share)} %`;

/** From a picture to a job: the width of the print and the garment is all that it takes. */
export function NewJob({ file, setFile }: { file: File | null; setFile: (file: File | null) => void }) {
  const make = useNewJob();
  const go = useNavigate();
  const { fromField, toField, length, lengthUnit } = useHabits();
  const [width, setWidth] = useLengthText(300);
  const [hex, setHex] = useState("#1b2440");
  const [name, setName] = useState("");
  const [preview, setPreview] = useState("");
  useEffect(() => {
    if (!file) return;
    const url = URL.createObjectURL(file);
    setPreview(url);
    return () => URL.revokeObjectURL(url);
  }, [file]);
  const seen = useArtLooked(file).data;
  const [inkOnly, setInkOnly] = useState(true);
  const largest = seen && (inkOnly ? seen.largestInkMm : seen.largestMm);
  const submit = (e: React.FormEvent) => {
    e.preventDefault();
    if (!file) return;
    const form = new FormData();
    form.set("art", file);
    form.set("widthMm", String(fromField(width)));
    form.set("garmentHex", hex);
    // What is asked may not hang on whether the picture has been looked at yet: the shop leaves out what is empty.
    if (inkOnly && !(seen && whole(seen))) form.set("part", "ink");
    if (name.trim()) form.set("name", name);
    make.mutate(form, { onSuccess: (job) => go(`/jobs/${job.id}`) });
  };
  const reset = make.reset;
  return (
    <Box
      as="form"
      onSubmit={submit}
      display="grid"
      gridTemplateColumns={{ base: "1fr", md: "300px 1fr" }}
      borderTopWidth="1px"
      borderBottomWidth="1px"
      borderColor="ink"
    >
      <Box
        as="label"
        className="halftone"
        minH="168px"
        display="flex"
        flexDirection="column"
        alignItems="center"
        justifyContent="center"
        cursor="pointer"
        position="relative"
        _focusWithin={{ outline: "3px solid", outlineColor: "teal", outlineOffset: "2px" }}
      >
        <input
          type="file"
          accept=".png,.jpg,.jpeg,.tif,.tiff,.webp,.gif,.bmp,.svg,.pdf,image/png,image/jpeg,image/tiff,image/webp,image/gif,image/bmp,image/svg+xml,application/pdf"
          className="over unseen"
          onChange={(e) => {
            reset();
            setFile(e.target.files?.[0] ?? null);
          }}
          aria-label="Picture for a new job: PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF"
        />
        {file && preview ? (
          <Box bg={hex} className="colours" p="10px">
            {/pdf|tiff/.test(file.type) ? (
              <Text bg="paper" px="14px" py="22px">
                {file.name}
              </Text>
            ) : (
              <img src={preview} alt="" className="glance" width="240" height="140" style={{ objectFit: "contain" }} />
            )}
          </Box>
        ) : (
          <>
            <svg width="64" height="64" viewBox="0 0 64 64" aria-hidden="true">
              <circle cx="32" cy="32" r="18" fill="none" stroke="var(--ink)" strokeWidth="2" />
              <path d="M32 4V60M4 32H60" stroke="var(--ink)" strokeWidth="2" />
            </svg>
            <Text mt="10px" bg="cloth" px="6px">
              Drop a picture, or pick one
            </Text>
          </>
        )}
      </Box>
      <Box
        p="18px 24px"
        display="grid"
        gridTemplateColumns={{ base: "1fr 1fr", xl: "1.3fr 1fr 1fr auto" }}
        gap="16px"
        alignItems="end"
        alignContent="center"
      >
        <Field label="Name">
          <Entry
            fontFamily="body"
            value={name}
            placeholder={file?.name.replace(/\.[^.]*$/, "") ?? "as the file is called"}
            onChange={(e) => setName(e.target.value)}
          />
        </Field>
        <Field label={`Print width, ${lengthUnit}`}>
          <Entry value={width} inputMode="decimal" onChange={(e) => setWidth(e.target.value)} />
        </Field>
        <Field label="Garment colour">
          <Entry className="colours" p="4px" type="color" value={hex} onChange={(e) => setHex(e.target.value)} />
        </Field>
        <Action type="submit" disabled={!file || make.isPending}>
          {make.isPending ? "Bringing it in …" : "Make the job"}
        </Action>
        <Box gridColumn="1 / -1">
          <Trouble of={make.error} />
          {file && seen && !whole(seen) && (
            <Tick checked={inkOnly} set={setInkOnly}>
              Leave out the empty ground: the ink is {pct(seen.ink.width)} of the picture’s width and{" "}
              {pct(seen.ink.height)} of its height. The width is then that of the ink.
            </Tick>
          )}
          {file && largest !== undefined && fromField(width) > largest && (
            <Box display="flex" alignItems="center" gap="12px" flexWrap="wrap">
              <Text color="madder">
                {largest > 0
                  ? `With its marks that is more than the film of ${seen?.printer} takes. The largest print that fits is ${length(largest)} wide.`
                  : `No film of ${seen?.printer} takes a print of this shape.`}
              </Text>
              {largest > 0 && (
                <SmallButton onClick={() => setWidth(toField(largest))}>Take {length(largest)}</SmallButton>
              )}
            </Box>
          )}
          {!file && (
            <Text fontSize="small" color="quiet">
              A drawing of flat colours or a photograph: PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF. Flat colours are
              separated at once; of a photograph you choose the way it is printed. You can change everything later.
            </Text>
          )}
        </Box>
      </Box>
    </Box>
  );
}
