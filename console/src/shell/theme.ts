import { createSystem, defaultConfig, defineConfig } from "@chakra-ui/react";

const pair = (light: string, dark: string) => ({
  value: { _light: `{colors.${light}}`, _dark: `{colors.${dark}}` },
});

/** Where the default colours are too near to each other to be read by everybody, others. */
export const system = createSystem(
  defaultConfig,
  defineConfig({
    globalCss: {
      html: { colorPalette: "teal" },
      body: { bg: "bg.subtle" },
    },
    theme: {
      semanticTokens: {
        colors: {
          fg: { subtle: pair("gray.600", "gray.400"), error: pair("red.700", "red.300") },
          teal: { solid: pair("teal.700", "teal.700") },
        },
      },
    },
  }),
);
