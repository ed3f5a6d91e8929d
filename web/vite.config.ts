import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  base: "/app/",
  build: { outDir: "../public/app", emptyOutDir: true, chunkSizeWarningLimit: 900 },
  // The pages are served beside the program that answers them.
  server: { proxy: { "/api": process.env.EKTYPE_URL ?? "http://127.0.0.1:8080" } },
});
