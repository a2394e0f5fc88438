import "./door.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Door } from "./Door";

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } });

// What a browser keeps to go back to is drawn anew, so that the way back shows nothing of it.
window.addEventListener("pageshow", (event) => {
  if (event.persisted) window.location.reload();
});

const place = document.getElementById("door");
if (place) {
  createRoot(place).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Door />
      </QueryClientProvider>
    </StrictMode>,
  );
}
