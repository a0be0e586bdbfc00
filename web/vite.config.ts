import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // Fonts and pictures stay files of their own: the content policy allows no data in scripts.
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  server: { proxy: { "/api": "http://127.0.0.1:8484" } },
});
