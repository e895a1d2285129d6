import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, type ReactNode, Suspense } from "react";
import { createBrowserRouter, Navigate, RouterProvider } from "react-router";
import { FormulasPage } from "./formula";
import { Frame, NotFound } from "./frame";
import { FiguresProvider } from "./figures";
import { NoticesProvider } from "./parts";

// Every station is loaded when it is opened.
const BalancePage = lazy(() => import("./balance").then((module) => ({ default: module.BalancePage })));
const IntakePage = lazy(() => import("./intake").then((module) => ({ default: module.IntakePage })));
const KitchenPage = lazy(() => import("./kitchen").then((module) => ({ default: module.KitchenPage })));
const PantryPage = lazy(() => import("./pantry").then((module) => ({ default: module.PantryPage })));
const PrepPage = lazy(() => import("./prep").then((module) => ({ default: module.PrepPage })));
const MethodPage = lazy(() => import("./method").then((module) => ({ default: module.MethodPage })));
const HandlingPage = lazy(() => import("./handling/HandlingPage").then((module) => ({ default: module.HandlingPage })));
const ReworkPage = lazy(() => import("./rework").then((module) => ({ default: module.ReworkPage })));
const PortionPage = lazy(() => import("./portion").then((module) => ({ default: module.PortionPage })));
const OrderPage = lazy(() => import("./portion").then((module) => ({ default: module.OrderPage })));
const CardPage = lazy(() => import("./card").then((module) => ({ default: module.CardPage })));
const BenchPage = lazy(() => import("./bench").then((module) => ({ default: module.BenchPage })));
const DevicesPage = lazy(() => import("./bench").then((module) => ({ default: module.DevicesPage })));
const StartPage = lazy(() => import("./bench").then((module) => ({ default: module.StartPage })));
const PlanPage = lazy(() => import("./plan").then((module) => ({ default: module.PlanPage })));
const SavedDaysPage = lazy(() => import("./plan").then((module) => ({ default: module.SavedDaysPage })));
const RunPage = lazy(() => import("./plan").then((module) => ({ default: module.RunPage })));
const NotebookPage = lazy(() => import("./notebook").then((module) => ({ default: module.NotebookPage })));
const NotebookBatchPage = lazy(() => import("./notebook").then((module) => ({ default: module.NotebookBatchPage })));
const ComparePage = lazy(() => import("./notebook").then((module) => ({ default: module.ComparePage })));
const ScorecardPage = lazy(() => import("./notebook").then((module) => ({ default: module.ScorecardPage })));
const VersionTreePage = lazy(() => import("./notebook").then((module) => ({ default: module.VersionTreePage })));
const GuidePage = lazy(() => import("./guide").then((module) => ({ default: module.GuidePage })));
const ModelPage = lazy(() => import("./explain").then((module) => ({ default: module.ModelPage })));

const later = (page: ReactNode) => (
  <Suspense fallback={<main className="soft px-6 py-24 text-center">Opening…</main>}>{page}</Suspense>
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
      { path: "/formulas/order", element: later(<OrderPage />) },
      { path: "/formulas/new/intake", element: later(<IntakePage />) },
      { path: "/formulas/:id/intake", element: later(<IntakePage />) },
      { path: "/formulas/new/balance", element: later(<BalancePage />) },
      { path: "/formulas/:id/balance", element: later(<BalancePage />) },
      { path: "/formulas/new/prep", element: later(<PrepPage />) },
      { path: "/formulas/:id/prep", element: later(<PrepPage />) },
      { path: "/formulas/new/method", element: later(<MethodPage />) },
      { path: "/formulas/:id/method", element: later(<MethodPage />) },
      { path: "/formulas/new/handling", element: later(<HandlingPage />) },
      { path: "/formulas/:id/handling", element: later(<HandlingPage />) },
      { path: "/formulas/new/rework", element: later(<ReworkPage />) },
      { path: "/formulas/:id/rework", element: later(<ReworkPage />) },
      { path: "/formulas/new/portion", element: later(<PortionPage />) },
      { path: "/formulas/:id/portion", element: later(<PortionPage />) },
      { path: "/formulas/new/card", element: later(<CardPage />) },
      { path: "/formulas/:id/card", element: later(<CardPage />) },
      { path: "/plan", element: later(<PlanPage />) },
      { path: "/plan/days", element: later(<SavedDaysPage />) },
      { path: "/plan/days/:id", element: later(<RunPage />) },
      { path: "/bench", element: later(<StartPage />) },
      { path: "/bench/devices", element: later(<DevicesPage />) },
      { path: "/bench/:id", element: later(<BenchPage />) },
      { path: "/notebook", element: later(<NotebookPage />) },
      { path: "/notebook/compare", element: later(<ComparePage />) },
      { path: "/notebook/scorecard", element: later(<ScorecardPage />) },
      { path: "/notebook/formulas/:id", element: later(<VersionTreePage />) },
      { path: "/notebook/:id", element: later(<NotebookBatchPage />) },
      { path: "/guide", element: later(<GuidePage />) },
      { path: "/model", element: later(<ModelPage />) },
      { path: "/pantry", element: <Navigate to="/pantry/ingredients" replace /> },
      { path: "/pantry/:tab", element: later(<PantryPage />) },
      { path: "/kitchen", element: later(<KitchenPage />) },
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
