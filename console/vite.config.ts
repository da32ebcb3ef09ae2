import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react()],
  server: { proxy: { "/api": process.env.ROPEBRIDGE_URL ?? "http://127.0.0.1:8480" } },
  build: { chunkSizeWarningLimit: 1200 },
  test: {
    environment: "jsdom",
    include: ["src/**/*.test.{ts,tsx}"],
  },
});
