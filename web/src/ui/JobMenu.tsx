import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { Job } from "../api/client";
import type { useJobWork } from "../api/use";
import { Action, Entry, Field, Push, Trouble } from "./Parts";
import { Sheet } from "./Sheet";

/** What may be done with a whole job: rename, copy, finish, delete. */
export function JobMenu({ job, work }: { job: Job; work: ReturnType<typeof useJobWork> }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState(job.name);
  const go = useNavigate();
  const close = () => setOpen(false);
  return (
    <>
      <Push
        fontSize="small"
        color="quiet"
        _hover={{ color: "ink" }}
        onClick={() => {
          setName(job.name);
          setOpen(true);
        }}
      >
        Job
      </Push>
      {open && (
        <Sheet label={`The job ${job.name}`} close={close}>
          <Text as="h2" className="wide" fontWeight="800" fontSize="24px" mb="12px">
            This job
          </Text>
          <form
            onSubmit={(e) => {
              e.preventDefault();
              work.change.mutate({ name }, { onSuccess: close });
            }}
          >
            <Field label="Name">
              <Entry fontFamily="body" value={name} onChange={(e) => setName(e.target.value)} />
            </Field>
            <Trouble of={work.change.error} field="name" />
            <Action type="submit" quiet mt="10px" disabled={name.trim() === "" || name === job.name}>
              Rename
            </Action>
          </form>
          <Box display="flex" flexWrap="wrap" gap="10px" mt="22px" pt="18px" borderTopWidth="1px" borderColor="line">
            <Action
              quiet
              disabled={work.copy.isPending}
              onClick={() =>
                work.copy.mutate(undefined, {
                  onSuccess: (copy) => {
                    close();
                    go(`/jobs/${copy.id}`);
                  },
                })
              }
            >
              Copy
            </Action>
            {job.finishedOn === null ? (
              <Action quiet onClick={() => work.finish.mutate(undefined, { onSuccess: close })}>
                Finish
              </Action>
            ) : (
              <Action quiet onClick={() => work.reopen.mutate(undefined, { onSuccess: close })}>
                Work on it again
              </Action>
            )}
            <Action
              quiet
              onClick={() =>
                work.remove.mutate(undefined, {
                  onSuccess: () => {
                    close();
                    go("/jobs");
                  },
                })
              }
            >
              Delete
            </Action>
          </Box>
          <Text fontSize="small" color="quiet" mt="10px">
            A finished job gives its frames back. Finishing and deleting can be undone.
          </Text>
          <Trouble of={work.copy.error ?? work.finish.error ?? work.reopen.error ?? work.remove.error} />
        </Sheet>
      )}
    </>
  );
}
