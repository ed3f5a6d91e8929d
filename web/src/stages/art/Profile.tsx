import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type JobOn } from "../../api/client";
import { Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

/** Four-colour process by an ICC profile: it says what each plate prints, in place of the colours of the inks. */
export function Profile({ job, name, leave }: { job: JobOn<"art">; name: string | null; leave: () => void }) {
  const queries = useQueryClient();
  const take = useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.set("profile", file);
      return answer(
        api.POST("/api/jobs/{id}/ink-profile", {
          params: { path: { id: job.id } },
          body: form as unknown as { profile: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
    onSuccess: () => {
      for (const key of [["job", job.id], ["hand"]]) void queries.invalidateQueries({ queryKey: key });
    },
  });
  return (
    <Box mt="10px">
      {name === null ? (
        <Field
          label="ICC profile of a press, if you have one"
          hint={
            take.isPending
              ? "Taking colours through it …"
              : "Without one, the measured colours of your four inks are used."
          }
        >
          <input
            type="file"
            accept=".icc,.icm"
            aria-label="ICC profile"
            onChange={(e) => e.target.files?.[0] && take.mutate(e.target.files[0])}
            className="file"
          />
        </Field>
      ) : (
        <Text>
          By the profile {name}: it sets black and the total of ink.
          <SmallButton onClick={leave}>Use your own inks</SmallButton>
        </Text>
      )}
      <Trouble of={take.error} />
    </Box>
  );
}
