import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: {
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    // Every file more is a round more before the first view; libraries change less often than the screens.
    rolldownOptions: {
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [
            // What the Desk does without comes with the screens that need it.
            { name: "later", test: /node_modules\/(react-aria|react-stately|@internationalized|marked)/, priority: 2 },
            { name: "libraries", test: /node_modules/, priority: 1 },
          ],
        },
      },
    },
  },
  server: { proxy: { "/api": "http://127.0.0.1:8480" } },
});
