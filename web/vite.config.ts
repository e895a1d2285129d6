import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { loadEnv } from "vite";
import { defineConfig } from "vitest/config";

export default defineConfig(({ mode }) => ({
  plugins: [react(), tailwindcss()],
  build: { target: "es2022", chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
  // The tests are of pure functions: none leaves anything behind for the next.
  test: { isolate: false },
  server: { proxy: { "/api": loadEnv(mode, ".", "VERDAMEN_").VERDAMEN_SERVER ?? "http://127.0.0.1:8080" } },
}));
