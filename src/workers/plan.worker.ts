import { expose } from "comlink";
import { drawSheet } from "@/core/cooking";

/** Plans off the main thread: the calliper never waits for the stove. */
const api = { drawSheet };
export type PlanWorker = typeof api;

expose(api);
