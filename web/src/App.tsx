import { Box } from "@chakra-ui/react";
import { Suspense, useEffect, useRef } from "react";
import { Navigate, Route, Routes } from "react-router";
import { JobsShelf } from "./shelves/jobs/JobsShelf";
import { keepFocus } from "./ui/arrive";
import { Here } from "./ui/Here";
import { JobFrame } from "./ui/JobFrame";
import { Keys } from "./ui/Keys";
import { fetchAhead, laterPage } from "./ui/laterPage";
import { Notices } from "./ui/Notices";
import { Rail } from "./ui/Rail";

const DarkroomShelf = laterPage("/darkroom", () =>
  import("./shelves/darkroom/DarkroomShelf").then((m) => m.DarkroomShelf),
);
const DaysShelf = laterPage("/days", () => import("./shelves/days/DaysShelf").then((m) => m.DaysShelf));
const DevicesPage = laterPage("/devices", () => import("./shelves/devices/DevicesPage").then((m) => m.DevicesPage));
const InksShelf = laterPage("/inks", () => import("./shelves/inks/InksShelf").then((m) => m.InksShelf));
const LampsShelf = laterPage("/lamps", () => import("./shelves/lamps/LampsShelf").then((m) => m.LampsShelf));
const LampPage = laterPage("/lamps/:id", () => import("./shelves/lamps/LampPage").then((m) => m.LampPage));
const StepTestPage = laterPage("/step-test", () =>
  import("./shelves/steptest/StepTestPage").then((m) => m.StepTestPage),
);
const Practice = laterPage("/presses/practice", () => import("./shelves/presses/Practice").then((m) => m.Practice));
const PressesShelf = laterPage("/presses", () => import("./shelves/presses/PressesShelf").then((m) => m.PressesShelf));
const FirstMorning = laterPage("/morning", () => import("./shelves/morning/FirstMorning").then((m) => m.FirstMorning));
const FramePage = laterPage("/rack/:id", () => import("./shelves/rack/FramePage").then((m) => m.FramePage));
const MeshCatalogue = laterPage("/meshes", () => import("./shelves/rack/MeshCatalogue").then((m) => m.MeshCatalogue));
const RackShelf = laterPage("/rack", () => import("./shelves/rack/RackShelf").then((m) => m.RackShelf));
const AfterStage = laterPage("/jobs/:id/after", () => import("./stages/after/AfterStage").then((m) => m.AfterStage));
const ArtStage = laterPage("/jobs/:id/art", () => import("./stages/art/ArtStage").then((m) => m.ArtStage));
const FilmsStage = laterPage("/jobs/:id/films", () => import("./stages/films/FilmsStage").then((m) => m.FilmsStage));
const LightStage = laterPage("/jobs/:id/light", () => import("./stages/light/LightStage").then((m) => m.LightStage));
const PlatesStage = laterPage("/jobs/:id/plates", () =>
  import("./stages/plates/PlatesStage").then((m) => m.PlatesStage),
);
const PressStage = laterPage("/jobs/:id/press", () => import("./stages/press/PressStage").then((m) => m.PressStage));
const PullStage = laterPage("/jobs/:id", () => import("./stages/pull/PullStage").then((m) => m.PullStage));
const QuoteStage = laterPage("/jobs/:id/quote", () => import("./stages/quote/QuoteStage").then((m) => m.QuoteStage));
const RunStage = laterPage("/jobs/:id/run", () => import("./stages/run/RunStage").then((m) => m.RunStage));
const ScreensStage = laterPage("/jobs/:id/screens", () =>
  import("./stages/screens/ScreensStage").then((m) => m.ScreensStage),
);

export function App() {
  useEffect(fetchAhead, []);
  const page = useRef<HTMLDivElement>(null);
  useEffect(() => (page.current ? keepFocus(page.current) : undefined), []);
  return (
    <Box display="flex" minH="100%" flexDirection={{ base: "column", lg: "row" }}>
      <Here />
      <Rail />
      <Box as="main" ref={page} flex="1" minW="0" id="page" tabIndex={-1} outline="none">
        <Notices />
        <Suspense fallback={<Box p="32px" aria-busy="true" />}>
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
              <Route path="after" element={<AfterStage />} />
              <Route path="quote" element={<QuoteStage />} />
            </Route>
            <Route path="/morning" element={<FirstMorning />} />
            <Route path="/rack" element={<RackShelf />} />
            <Route path="/rack/:id" element={<FramePage />} />
            <Route path="/meshes" element={<MeshCatalogue />} />
            <Route path="/days" element={<DaysShelf />} />
            <Route path="/darkroom" element={<DarkroomShelf />} />
            <Route path="/inks" element={<InksShelf />} />
            <Route path="/lamps" element={<LampsShelf />} />
            <Route path="/lamps/:id" element={<LampPage />} />
            <Route path="/step-test" element={<StepTestPage />} />
            <Route path="/presses/practice" element={<Practice />} />
            <Route path="/presses" element={<PressesShelf />} />
            <Route path="/devices" element={<DevicesPage />} />
            <Route path="*" element={<Navigate to="/jobs" replace />} />
          </Routes>
        </Suspense>
      </Box>
      <Keys />
    </Box>
  );
}
