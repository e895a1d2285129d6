import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, loadEnv } from "vite";

export default defineConfig(({ mode }) => ({
  plugins: [react(), tailwindcss()],
  build: { target: "es2022", chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
  server: { proxy: { "/api": loadEnv(mode, ".", "VERDAMEN_").VERDAMEN_SERVER ?? "http://127.0.0.1:8080" } },
}));
