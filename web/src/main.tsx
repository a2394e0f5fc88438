import "./theme/desk.css";
import "./i18n/words";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import {
  createRootRoute,
  createRoute,
  createRouter,
  lazyRouteComponent,
  RouterProvider,
  redirect,
} from "@tanstack/react-router";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { sessionQuery } from "./api/session";
import { Desk } from "./desk/Desk";
import { deskQuery, draftsQuery } from "./desk/queries";
import { Undrawn } from "./parts/Undrawn";

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } });

const screens = {
  application: lazyRouteComponent(() => import("./application/Application"), "Application"),
  claim: lazyRouteComponent(() => import("./claim/Claim"), "Claim"),
  household: lazyRouteComponent(() => import("./household/Household"), "Household"),
  ownSignIn: lazyRouteComponent(() => import("./signin/OwnSignIn"), "OwnSignIn"),
  looks: lazyRouteComponent(() => import("./looks/Looks"), "Looks"),
  outside: lazyRouteComponent(() => import("./outside/OutsideParties"), "OutsideParties"),
  registers: lazyRouteComponent(() => import("./registers/Registers"), "Registers"),
  comingUp: lazyRouteComponent(() => import("./coming/ComingUp"), "ComingUp"),
  postOut: lazyRouteComponent(() => import("./post/PostOut"), "PostOut"),
  counter: lazyRouteComponent(() => import("./counter/Counter"), "Counter"),
  together: lazyRouteComponent(() => import("./together/Together"), "Together"),
  tray: lazyRouteComponent(() => import("./tray/Tray"), "Tray"),
  rules: lazyRouteComponent(() => import("./rules/Rules"), "Rules"),
  quickCheck: lazyRouteComponent(() => import("./quickcheck/QuickCheck"), "QuickCheck"),
};

/** A screen for whoever is signed in: its code comes while that is asked, its data only afterwards. */
function signedIn(component: (typeof screens)[keyof typeof screens] | typeof Desk) {
  return {
    component,
    beforeLoad: async () => {
      if ("preload" in component) {
        void component.preload?.();
      }
      const session = await queries.ensureQueryData(sessionQuery());
      if (!session.login) {
        throw redirect({ to: "/sign-in" });
      }
      if (session.newcomer && component !== screens.ownSignIn) {
        throw redirect({ to: "/own-sign-in" });
      }
    },
  };
}

const root = createRootRoute();
const signIn = createRoute({
  getParentRoute: () => root,
  path: "/sign-in",
  component: lazyRouteComponent(() => import("./signin/SignIn"), "SignIn"),
});
const desk = createRoute({
  getParentRoute: () => root,
  path: "/",
  ...signedIn(Desk),
  // The page has asked for these already: waiting for them here draws the Desk once, with its claims.
  loader: () =>
    Promise.allSettled([
      queries.ensureInfiniteQueryData(deskQuery()),
      queries.ensureQueryData(draftsQuery()),
    ]),
});
const application = createRoute({
  getParentRoute: () => root,
  path: "/applications/$id",
  ...signedIn(screens.application),
});
const claim = createRoute({
  getParentRoute: () => root,
  path: "/claims/$number",
  // The round that is being gone through: the step of its claims.
  validateSearch: (search: Record<string, unknown>): { round?: string } =>
    typeof search.round === "string" ? { round: search.round } : {},
  ...signedIn(screens.claim),
});

const quickCheck = createRoute({
  getParentRoute: () => root,
  path: "/quick-check/$service",
  ...signedIn(screens.quickCheck),
});

const outside = createRoute({
  getParentRoute: () => root,
  path: "/outside",
  ...signedIn(screens.outside),
});

const household = createRoute({
  getParentRoute: () => root,
  path: "/households/$id",
  ...signedIn(screens.household),
});

const looks = createRoute({
  getParentRoute: () => root,
  path: "/looks",
  ...signedIn(screens.looks),
});

const ownSignIn = createRoute({
  getParentRoute: () => root,
  path: "/own-sign-in",
  ...signedIn(screens.ownSignIn),
});

const registers = createRoute({
  getParentRoute: () => root,
  path: "/registers",
  ...signedIn(screens.registers),
});

const tray = createRoute({
  getParentRoute: () => root,
  path: "/tray",
  ...signedIn(screens.tray),
});

const comingUp = createRoute({
  getParentRoute: () => root,
  path: "/coming-up",
  ...signedIn(screens.comingUp),
});

const postOut = createRoute({
  getParentRoute: () => root,
  path: "/post-out",
  ...signedIn(screens.postOut),
});

const counter = createRoute({
  getParentRoute: () => root,
  path: "/counter",
  ...signedIn(screens.counter),
});

const together = createRoute({
  getParentRoute: () => root,
  path: "/alike",
  ...signedIn(screens.together),
});

const rules = createRoute({
  getParentRoute: () => root,
  path: "/rules/$service",
  ...signedIn(screens.rules),
});

const router = createRouter({
  routeTree: root.addChildren([
    signIn,
    desk,
    application,
    claim,
    quickCheck,
    household,
    ownSignIn,
    looks,
    outside,
    registers,
    tray,
    comingUp,
    postOut,
    counter,
    together,
    rules,
  ]),
  defaultErrorComponent: Undrawn,
});

declare module "@tanstack/react-router" {
  interface Register {
    router: typeof router;
  }
}

const place = document.getElementById("root");
if (place) {
  createRoot(place).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  );
}
