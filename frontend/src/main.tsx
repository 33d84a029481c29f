import "@fontsource/alegreya-sans/latin-400.css";
import "@fontsource/alegreya-sans/latin-500.css";
import "@fontsource/alegreya-sans/latin-700.css";
import "@fontsource/alegreya-sans/latin-400-italic.css";
import "@fontsource/alegreya/latin-500.css";
import "./styles/yonk.scss";

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, Navigate, RouterProvider } from "react-router";

import { BlockPage } from "./block/BlockPage";
import { FabricShelf } from "./fabrics/FabricShelf";
import { FinderPage } from "./finder/FinderPage";
import { ShelfPage } from "./shelf/ShelfPage";

const router = createBrowserRouter([
  { path: "/", element: <ShelfPage /> },
  { path: "/blocks/:id", element: <Navigate to="draft" replace relative="path" /> },
  { path: "/blocks/:id/:step", element: <BlockPage /> },
  { path: "/fabrics", element: <FabricShelf /> },
  { path: "/finder", element: <FinderPage /> },
  { path: "*", element: <Navigate to="/" replace /> },
]);
const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } });
const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  );
}
