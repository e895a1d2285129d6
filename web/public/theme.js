// Sets the theme before the first paint, so that the page never flashes in the other one.
(() => {
  const chosen = localStorage.getItem("verdamen.theme");
  const dark = chosen ? chosen === "night" : matchMedia("(prefers-color-scheme: dark)").matches;
  document.documentElement.dataset.theme = dark ? "night" : "day";
})();
