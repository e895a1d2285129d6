import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, type ReactNode, Suspense } from "react";
import { createBrowserRouter, Navigate, RouterProvider } from "react-router";
import { BalancePage } from "./balance";
import { FormulasPage } from "./formula";
import { Frame, NotFound } from "./frame";
import { IntakePage } from "./intake";
import { FiguresProvider } from "./figures";
import { KitchenPage } from "./kitchen";
import { PantryPage } from "./pantry";
import { NoticesProvider } from "./parts";
import { PrepPage } from "./prep";

// What is not needed to weigh up a dough is loaded when it is opened.
const MethodPage = lazy(() => import("./method").then((module) => ({ default: module.MethodPage })));
const HandlingPage = lazy(() => import("./handling/HandlingPage").then((module) => ({ default: module.HandlingPage })));
const GuidePage = lazy(() => import("./guide").then((module) => ({ default: module.GuidePage })));
const ModelPage = lazy(() => import("./explain").then((module) => ({ default: module.ModelPage })));

const later = (page: ReactNode) => (
  <Suspense fallback={<main className="soft px-6 py-24 text-center">Laying it out…</main>}>{page}</Suspense>
);

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, staleTime: 30_000, refetchOnWindowFocus: false } },
});

const router = createBrowserRouter([
  {
    element: <Frame />,
    children: [
      { path: "/", element: <Navigate to="/formulas" replace /> },
      { path: "/formulas", element: <FormulasPage /> },
      { path: "/formulas/new/intake", element: <IntakePage /> },
      { path: "/formulas/:id/intake", element: <IntakePage /> },
      { path: "/formulas/new/balance", element: <BalancePage /> },
      { path: "/formulas/:id/balance", element: <BalancePage /> },
      { path: "/formulas/new/prep", element: <PrepPage /> },
      { path: "/formulas/:id/prep", element: <PrepPage /> },
      { path: "/formulas/new/method", element: later(<MethodPage />) },
      { path: "/formulas/:id/method", element: later(<MethodPage />) },
      { path: "/formulas/new/handling", element: later(<HandlingPage />) },
      { path: "/formulas/:id/handling", element: later(<HandlingPage />) },
      { path: "/guide", element: later(<GuidePage />) },
      { path: "/model", element: later(<ModelPage />) },
      { path: "/pantry", element: <Navigate to="/pantry/ingredients" replace /> },
      { path: "/pantry/:tab", element: <PantryPage /> },
      { path: "/kitchen", element: <KitchenPage /> },
      { path: "*", element: <NotFound /> },
    ],
  },
]);

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <NoticesProvider>
        <FiguresProvider>
          <RouterProvider router={router} />
        </FiguresProvider>
      </NoticesProvider>
    </QueryClientProvider>
  );
}
