import { Box } from "@chakra-ui/react";
import { Navigate, Route, Routes } from "react-router";
import { DarkroomShelf } from "./shelves/darkroom/DarkroomShelf";
import { InksShelf } from "./shelves/inks/InksShelf";
import { JobsShelf } from "./shelves/jobs/JobsShelf";
import { LampsShelf } from "./shelves/lamps/LampsShelf";
import { PressesShelf } from "./shelves/presses/PressesShelf";
import { FramePage } from "./shelves/rack/FramePage";
import { MeshCatalogue } from "./shelves/rack/MeshCatalogue";
import { RackShelf } from "./shelves/rack/RackShelf";
import { ArtStage } from "./stages/art/ArtStage";
import { FilmsStage } from "./stages/films/FilmsStage";
import { LightStage } from "./stages/light/LightStage";
import { PlatesStage } from "./stages/plates/PlatesStage";
import { PressStage } from "./stages/press/PressStage";
import { PullStage } from "./stages/pull/PullStage";
import { RunStage } from "./stages/run/RunStage";
import { ScreensStage } from "./stages/screens/ScreensStage";
import { JobFrame } from "./ui/JobFrame";
import { Keys } from "./ui/Keys";
import { Rail } from "./ui/Rail";

export function App() {
  return (
    <Box display="flex" minH="100%" flexDirection={{ base: "column", lg: "row" }}>
      <Rail />
      <Box flex="1" minW="0" id="page">
        <Routes>
          <Route path="/" element={<JobsShelf />} />
          <Route path="/jobs" element={<JobsShelf />} />
          <Route path="/jobs/:id" element={<JobFrame />}>
            <Route index element={<PullStage />} />
            <Route path="art" element={<ArtStage />} />
            <Route path="plates" element={<PlatesStage />} />
            <Route path="films" element={<FilmsStage />} />
            <Route path="screens" element={<ScreensStage />} />
            <Route path="light" element={<LightStage />} />
            <Route path="press" element={<PressStage />} />
            <Route path="run" element={<RunStage />} />
          </Route>
          <Route path="/rack" element={<RackShelf />} />
          <Route path="/rack/:id" element={<FramePage />} />
          <Route path="/meshes" element={<MeshCatalogue />} />
          <Route path="/darkroom" element={<DarkroomShelf />} />
          <Route path="/inks" element={<InksShelf />} />
          <Route path="/lamps" element={<LampsShelf />} />
          <Route path="/presses" element={<PressesShelf />} />
          <Route path="*" element={<Navigate to="/jobs" replace />} />
        </Routes>
      </Box>
      <Keys />
    </Box>
  );
}
