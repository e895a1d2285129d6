import "@fontsource-variable/hanken-grotesk";
import "@fontsource/young-serif";
import "./styles.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./App";

const root = document.getElementById("root");
if (!root) {
  throw new Error("the page has no #root");
}
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
