export * from "./client";
export * from "./queries";
