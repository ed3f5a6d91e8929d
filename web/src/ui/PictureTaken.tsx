import { Box } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { Trouble } from "./Parts";
import { SmallButton } from "./SmallButton";

export const takenPicture = (name: string) => `/api/pictures/${name}.jpg`;

/** A picture of a print, taken with the device at hand or brought: the shop keeps it small, without place and device. */
export function PictureTaken({
  name,
  set,
  what,
}: {
  name: string;
  set: (name: string) => void;
  /** What is to be seen on it. */
  what: string;
}) {
  const keep = useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.append("picture", file);
      return answer(
        api.POST("/api/pictures", {
          body: form as never,
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
    onSuccess: (kept) => set(kept.name),
  });
  return (
    <Box>
      <Box display="flex" gap="14px" alignItems="center" flexWrap="wrap">
        {name !== "" && (
          <img
            src={takenPicture(name)}
            alt={what}
            className="colours"
            style={{ maxHeight: "120px", maxWidth: "180px" }}
          />
        )}
        <Box as="label" className="reach lined" cursor="pointer">
          {keep.isPending ? "Bringing it in …" : name === "" ? `Picture of ${what}` : "Another picture"}
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp,image/tiff"
            capture="environment"
            className="heard"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) keep.mutate(file);
              e.target.value = "";
            }}
          />
        </Box>
        {name !== "" && <SmallButton onClick={() => set("")}>Without it</SmallButton>}
      </Box>
      <Trouble of={keep.error} />
    </Box>
  );
}
