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
      input: { index: "index.html", door: "door.html" },
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [
            // What the Desk does without comes with the screens that need it.
            { name: "later", test: /node_modules\/(react-aria|react-stately|@internationalized|marked)/, priority: 2 },
            // The door does with these alone.
            { name: "drawing", test: /node_modules\/(react|react-dom|scheduler)\//, priority: 3 },
            { name: "asking", test: /node_modules\/(@tanstack\/(react-query|query-core)|openapi-fetch)\//, priority: 3 },
            { name: "libraries", test: /node_modules/, priority: 1 },
          ],
        },
      },
    },
  },
  server: { proxy: { "/api": "http://127.0.0.1:8480" } },
});
