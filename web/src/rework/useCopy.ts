import { useNotices } from "../parts";

/** Copies a table as CSV. */
export function useCopy() {
  const notify = useNotices();
  return (csv: string) =>
    void navigator.clipboard.writeText(csv).then(
      () => notify("Copied as CSV."),
      () => notify("The browser does not let this page copy: mark the table and copy it."),
    );
}
