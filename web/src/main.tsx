import "@fontsource-variable/archivo/standard.css";
import "@fontsource/spline-sans-mono/500.css";
import "@fontsource/spline-sans-mono/700.css";
import "./ui/paper.css";
import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { App } from "./App";
import { Door } from "./ui/Door";
import { HabitsProvider } from "./ui/habits";
import { system } from "./ui/theme";

const queries = new QueryClient({
  defaultOptions: { queries: { staleTime: 5_000, retry: 1, refetchOnWindowFocus: true } },
});
const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <HabitsProvider>
            <BrowserRouter>
              <Door>
                <App />
              </Door>
            </BrowserRouter>
          </HabitsProvider>
        </QueryClientProvider>
      </ChakraProvider>
    </StrictMode>,
  );
}
