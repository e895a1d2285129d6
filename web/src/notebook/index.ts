export { NotebookBatchPage } from "./NotebookBatchPage";
export { NotebookPage } from "./NotebookPage";
export { ComparePage } from "./ComparePage";
export { ScorecardPage } from "./ScorecardPage";
export { VersionTreePage } from "./VersionTreePage";
