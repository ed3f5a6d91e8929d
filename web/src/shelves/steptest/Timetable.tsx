import { Box, Text } from "@chakra-ui/react";
import type { StepPlan } from "../../api/light";
import { timeWords } from "../../ui/timeWords";

/** Which strip is covered when, and what each is given in all. */
export function Timetable({ plan, times, step }: { plan: StepPlan; times: number[]; step: number | null }) {
  return (
    <Box as="ol" listStyleType="none" mt="14px">
      {plan.strips.map((strip, k) => {
        const here = k === step;
        return (
          <Box
            as="li"
            key={strip.strip}
            display="flex"
            justifyContent="space-between"
            alignItems="center"
            minH="44px"
            px="10px"
            borderBottomWidth="1px"
            borderColor="line"
            bg={here ? "amber" : "transparent"}
            color={here ? "#000" : step !== null && k < step ? "quiet" : "ink"}
            fontWeight={here ? "700" : "400"}
            aria-current={here ? "step" : undefined}
          >
            <Text as="span">
              Strip {strip.strip}
              {step !== null && k < step && (
                <Text as="span" fontSize="small">
                  , covered
                </Text>
              )}
            </Text>
            <Box as="span" display="grid" gridTemplateColumns="auto 104px" columnGap="10px" alignItems="baseline">
              <Text as="span" className="readout" fontSize="readout" textAlign="right">
                {timeWords(times[k] ?? strip.getsS)}
              </Text>
              <Text as="span" fontSize="small">
                {k === plan.strips.length - 1
                  ? "the whole test"
                  : `${timeWords(Math.max(0, (times[plan.strips.length - 1] ?? 0) - (times[k] ?? strip.getsS)))} left`}
              </Text>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
