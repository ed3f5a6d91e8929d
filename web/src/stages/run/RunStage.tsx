import { Box, Text } from "@chakra-ui/react";
import { NotYet } from "../../ui/Bench";
import { day } from "../../ui/day";
import { figureText } from "../../ui/figures";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Action } from "../../ui/Parts";

/** The work order: a page for the wall by the press. */
export function RunStage() {
  const { job } = useAtHand<"run">();
  const { length, mesh } = useHabits();
  if (!job.separated) return <NotYet>The work order lists the plates. Separate the art first.</NotYet>;
  return (
    <Box p={{ base: "20px", lg: "28px" }} bg="paper">
      <Box className="no-print" mb="20px">
        <Action onClick={() => window.print()}>Print the work order</Action>
      </Box>
      <Box maxW="1000px" borderTopWidth="3px" borderColor="ink" pt="14px">
        <Text className="wide" fontWeight="800" fontSize="title" lineHeight="1.1">
          {job.name}
        </Text>
        <Text>
          {job.customer && `${job.customer}. `}
          {job.quantity > 0 && `${job.quantity} ${job.substrate} ${job.garment}, `}
          {job.garmentName} ({job.garmentHex}), {job.place} {length(job.widthMm)} × {length(job.heightMm)}
          {job.dueOn && `, due ${day(job.dueOn)}`}. Register within {length(job.toleranceMm, 2)}.
        </Text>
        {job.witnesses.length > 0 && (
          <Text>
            Look on every strike-off at the marks and at{" "}
            {job.witnesses
              .map((w) => `${length(w.xMm, 0)} from the left and ${length(w.yMm, 0)} from the top`)
              .join("; ")}
            : there most plates meet.
          </Text>
        )}
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Work order">
          <Box as="table" w="100%" mt="18px" borderCollapse="collapse">
            <thead>
              <tr>
                {["", "Plate", "Ink", "Covers", "Frame", "Mesh", "Stencil", "Light", "Off-contact", "Then"].map(
                  (head) => (
                    <Box
                      as="th"
                      key={head}
                      textAlign="left"
                      fontSize="small"
                      fontWeight="400"
                      color="quiet"
                      pb="6px"
                      pr="14px"
                      borderBottomWidth="1px"
                      borderColor="ink"
                    >
                      {head}
                    </Box>
                  ),
                )}
              </tr>
            </thead>
            <tbody>
              {job.plates.map((p, i) => (
                <Box as="tr" key={p.id} borderBottomWidth="1px" borderColor="line" h="52px">
                  <td className="readout">{i + 1}</td>
                  <Box as="td" fontWeight="700" pr="14px">
                    {p.name}
                    {p.mind !== "" && (
                      <Text role="status" color="madder" fontSize="small" maxW="30ch">
                        {p.mind}
                      </Text>
                    )}
                  </Box>
                  <Box as="td" pr="14px">
                    <span
                      className="colours"
                      style={{
                        display: "inline-block",
                        width: 14,
                        height: 14,
                        background: p.inkHex,
                        border: "1px solid var(--line)",
                        marginRight: 8,
                      }}
                    />
                    {p.inkName}
                  </Box>
                  <td className="readout">{Math.round(p.coveragePct)} %</td>
                  <td className="readout">{p.frameLabel || "–"}</td>
                  <td className="readout">{mesh(p.mesh.text, p.mesh.value ?? 0)}</td>
                  <td className="readout">{figureText(p.stencil)}</td>
                  <td className="readout">{figureText(p.light)}</td>
                  <td className="readout">{length(p.offContact.value ?? 0, 1)}</td>
                  <td>{p.flashAfter ? "flash, cool" : i === job.plates.length - 1 ? "dryer" : "wet on wet"}</td>
                </Box>
              ))}
            </tbody>
          </Box>
        </Box>
      </Box>
    </Box>
  );
}
