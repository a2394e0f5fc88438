import "./theme/theme.css";
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

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } });

/** Whoever is not signed in is asked to, and nothing else is loaded. */
async function signedIn() {
  const session = await queries.ensureQueryData(sessionQuery());
  if (!session.login) {
    throw redirect({ to: "/sign-in" });
  }
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
  beforeLoad: signedIn,
  component: lazyRouteComponent(() => import("./desk/Desk"), "Desk"),
});
const application = createRoute({
  getParentRoute: () => root,
  path: "/applications/$id",
  beforeLoad: signedIn,
  component: lazyRouteComponent(() => import("./application/Application"), "Application"),
});
const claim = createRoute({
  getParentRoute: () => root,
  path: "/claims/$number",
  beforeLoad: signedIn,
  component: lazyRouteComponent(() => import("./claim/Claim"), "Claim"),
});

const quickCheck = createRoute({
  getParentRoute: () => root,
  path: "/quick-check/$service",
  beforeLoad: signedIn,
  component: lazyRouteComponent(() => import("./quickcheck/QuickCheck"), "QuickCheck"),
});

const router = createRouter({
  routeTree: root.addChildren([signIn, desk, application, claim, quickCheck]),
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
