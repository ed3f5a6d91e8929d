import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { Job } from "../api/client";
import type { useJobWork } from "../api/use";
import { leaving, useFollowing, useKeep } from "./keep";
import { Action, Entry, Field, Push, Trouble } from "./Parts";
import { Sheet } from "./Sheet";

/** What may be done with a whole job: rename, copy, finish, delete. */
export function JobMenu({ job, work }: { job: Job; work: ReturnType<typeof useJobWork> }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useFollowing(job.name);
  const { keep, trouble } = useKeep(work);
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
          <form {...leaving}>
            <Field label="Name">
              <Entry
                fontFamily="body"
                value={name}
                onChange={(e) => setName(e.target.value)}
                onBlur={() => keep("name", name === job.name ? null : { name })}
              />
            </Field>
            {trouble("name")}
          </form>
          <Box display="flex" flexWrap="wrap" gap="10px" mt="22px" pt="18px" borderTopWidth="1px" borderColor="line">
            {job.separated && (
              <Action
                disabled={work.printAgain.isPending}
                onClick={() =>
                  work.printAgain.mutate(undefined, {
                    onSuccess: (again) => {
                      close();
                      go(`/jobs/${again.id}`);
                    },
                  })
                }
              >
                Print again
              </Action>
            )}
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
              Copy, to change it
            </Action>
            {job.separated && (
              <Action
                quiet
                onClick={() => {
                  close();
                  go(`/jobs/${job.id}/quote`);
                }}
              >
                Estimate and quote
              </Action>
            )}
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
            Printed again it keeps plates, films, and the screens that still carry its picture; a copy is separated
            anew. A finished job gives its frames back. All of this can be undone.
          </Text>
          <Trouble
            of={work.printAgain.error ?? work.copy.error ?? work.finish.error ?? work.reopen.error ?? work.remove.error}
          />
        </Sheet>
      )}
    </>
  );
}
