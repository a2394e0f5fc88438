import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

/** A group of libraries that the screens named take along. */
const group = (name: string, test: RegExp, priority: number) => ({ name, test, priority });

const DESK = {
  input: "index.html",
  groups: [
    // What the Desk does without comes with the screens that need it.
    group("later", /node_modules\/(react-aria|react-stately|@internationalized|marked)/, 2),
    group("libraries", /node_modules/, 1),
  ],
};

const DOOR = { input: "door.html", groups: [group("drawing", /node_modules/, 1)] };

/**
 * The door is built by itself, with Preact in React's place: a third of the bytes, all of which are there after two
 * seconds on slow 3G instead of three.
 */
const SMALL = {
  react: "preact/compat",
  "react-dom": "preact/compat",
};

export default defineConfig(({ mode }) => {
  const isDoor = mode === "door";
  const { input, groups } = isDoor ? DOOR : DESK;
  return {
    plugins: [react(), tailwindcss()],
    resolve: { alias: isDoor ? SMALL : {} },
    build: {
      // The door is built last.
      emptyOutDir: !isDoor,
      assetsInlineLimit: 0,
      modulePreload: { polyfill: false },
      // Every file more is a round more before the first view; libraries change less often than the screens.
      rolldownOptions: {
        input,
        output: { codeSplitting: { includeDependenciesRecursively: false, groups } },
      },
    },
    server: { proxy: { "/api": "http://127.0.0.1:8480" } },
  };
});
