export { NotebookBatchPage } from "./NotebookBatchPage";
export { NotebookPage } from "./NotebookPage";
