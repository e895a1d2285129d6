import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { createBrowserRouter, Navigate, RouterProvider } from "react-router";
import { BalancePage } from "./balance";
import { FormulasPage } from "./formula";
import { Frame, NotFound } from "./frame";
import { IntakePage } from "./intake";
import { KitchenPage, KitchenProvider } from "./kitchen";
import { PantryPage } from "./pantry";
import { NoticesProvider } from "./parts";

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
        <KitchenProvider>
          <RouterProvider router={router} />
        </KitchenProvider>
      </NoticesProvider>
    </QueryClientProvider>
  );
}
