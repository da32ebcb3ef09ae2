import { createSystem, defaultConfig, defineConfig } from "@chakra-ui/react";

export const system = createSystem(
  defaultConfig,
  defineConfig({
    globalCss: {
      html: { colorPalette: "teal" },
      body: { bg: "bg.subtle" },
    },
  }),
);
