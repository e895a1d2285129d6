export * from "./client";
export * from "./queries";
export { newUuid } from "./uuid";
