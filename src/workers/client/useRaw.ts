import { wrap } from "comlink";
import type { CurePlan, CureRequest } from "@/core/cure";
import type { AirRecord, AirRecordRequest, FreezePlan, FreezeRequest, StackRow, ThicknessRow } from "@/core/raw";
import type { RawWorker } from "../raw.worker";
import { useNewest, type Answerer } from "./useNewest";

export type FreezeAnswer = {
  readonly plan: FreezePlan;
  readonly stacks: readonly StackRow[];
  readonly thicknesses: readonly ThicknessRow[];
};

function openWorker() {
  const worker = new Worker(new URL("../raw.worker.ts", import.meta.url), { type: "module" });
  return { remote: wrap<RawWorker>(worker), close: () => worker.terminate() };
}

function openCure(): Answerer<CurePlan> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.planCure(JSON.parse(question) as CureRequest), close };
}

function openFreeze(): Answerer<FreezeAnswer> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.planFreezing(JSON.parse(question) as FreezeRequest), close };
}

function openRecord(): Answerer<AirRecord> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.followAirRecord(JSON.parse(question) as AirRecordRequest), close };
}

export const useCure = (request: CureRequest) => useNewest(openCure, JSON.stringify(request));
export const useFreezing = (request: FreezeRequest) => useNewest(openFreeze, JSON.stringify(request));
export const useAirRecord = (request: AirRecordRequest) => useNewest(openRecord, JSON.stringify(request));
