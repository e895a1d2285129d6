export { useBatch, type BatchView } from "./useBatch";
