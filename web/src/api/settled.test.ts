import { QueryClient } from "@tanstack/react-query";
import { expect, test } from "vitest";
import { settled } from "./settled";

const change = (queries: QueryClient, key: string[] | undefined, work: Promise<string>) =>
  queries
    .getMutationCache()
    .build(queries, { mutationKey: key, mutationFn: () => work })
    .execute(undefined);

test("undo waits until the change before it has reached the shop", async () => {
  const queries = new QueryClient();
  const order: string[] = [];
  let arrive: (what: string) => void = () => undefined;
  const clean = change(
    queries,
    undefined,
    new Promise<string>((done) => {
      arrive = done;
    }),
  ).then(() => order.push("clean"));
  const undo = settled(queries).then(() => order.push("undo"));
  await new Promise((later) => setTimeout(later, 20));
  expect(order).toEqual([]);
  arrive("clean");
  await Promise.all([clean, undo]);
  expect(order.sort()).toEqual(["clean", "undo"]);
});

test("undo does not wait for itself, nor for a change that was refused", async () => {
  const queries = new QueryClient();
  void change(queries, ["hand", "undo"], new Promise(() => undefined));
  await settled(queries);
  await change(queries, undefined, Promise.reject(new Error("refused"))).catch(() => undefined);
  await settled(queries);
});
