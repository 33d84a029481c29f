import { QueryClient, QueryClientProvider, notifyManager } from "@tanstack/react-query";
import { StrictMode, Suspense } from "react";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, Navigate, type NonIndexRouteObject, Outlet, RouterProvider } from "react-router";

import { askForUsual } from "./api/useUsual";
import { askForBlock } from "./block/server";
import { Tips } from "./common/Tips";
import { Fetching, Wrong } from "./common/Waiting";
import { Gate } from "./guild/Gate";
import { askForWho } from "./guild/useWho";
import { askForQuilt } from "./quilts/server";

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } });

/** Has what a page shows asked for while its code is on the way; again only for another block or quilt. */
const first = (askFor: (id: string) => void): Pick<NonIndexRouteObject, "loader" | "shouldRevalidate"> => ({
  loader: ({ params }) => {
    if (params["id"]) askFor(params["id"]);
    askForUsual(queries);
    return null;
  },
  shouldRevalidate: ({ currentParams, nextParams }) => currentParams["id"] !== nextParams["id"],
});

const router = createBrowserRouter([
  {
    path: "/invitation",
    HydrateFallback: Fetching,
    ErrorBoundary: Wrong,
    lazy: async () => ({ Component: (await import("./guild/InvitationPage")).InvitationPage }),
  },
  {
    path: "/phone/*",
    HydrateFallback: Fetching,
    ErrorBoundary: Wrong,
    lazy: async () => ({ Component: (await import("./table/PhonePage")).PhonePage }),
  },
  {
    element: (
      <Gate>
        <Suspense fallback={<Fetching />}>
          <Outlet />
        </Suspense>
      </Gate>
    ),
    HydrateFallback: Fetching,
    ErrorBoundary: Wrong,
    children: [
      { path: "/", lazy: async () => ({ Component: (await import("./shelf/ShelfPage")).ShelfPage }) },
      { path: "/blocks/:id", element: <Navigate to="draft" replace relative="path" /> },
      {
        path: "/blocks/:id/:step",
        ...first(askForBlock),
        lazy: async () => ({ Component: (await import("./block/BlockPage")).BlockPage }),
      },
      { path: "/fabrics", lazy: async () => ({ Component: (await import("./fabrics/FabricShelf")).FabricShelf }) },
      { path: "/quilts", lazy: async () => ({ Component: (await import("./quilts/QuiltShelf")).QuiltShelf }) },
      {
        path: "/quilts/:id/:step?",
        ...first(askForQuilt),
        lazy: async () => ({ Component: (await import("./quilts/QuiltPage")).QuiltPage }),
      },
      { path: "/seam-log", lazy: async () => ({ Component: (await import("./seam/SeamLog")).SeamLog }) },
      { path: "/account", lazy: async () => ({ Component: (await import("./guild/AccountPage")).AccountPage }) },
      { path: "/bin", lazy: async () => ({ Component: (await import("./shelf/BinPage")).BinPage }) },
      { path: "/words", lazy: async () => ({ Component: (await import("./words/WordsPage")).WordsPage }) },
      { path: "/paper", lazy: async () => ({ Component: (await import("./table/PaperPage")).PaperPage }) },
      { path: "/finder", lazy: async () => ({ Component: (await import("./finder/FinderPage")).FinderPage }) },
      { path: "*", element: <Navigate to="/" replace /> },
    ],
  },
]);
// what is ticked is seen ticked before the next picture, without a flicker
notifyManager.setScheduler(queueMicrotask);
askForWho(queries);

/** All pages, drawn into an element of the document. */
export function showIn(root: HTMLElement) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
        <Tips />
      </QueryClientProvider>
    </StrictMode>,
  );
}
