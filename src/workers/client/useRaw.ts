import type { CurePlan, CureRequest } from "@/core/cure";
import type { AirRecord, AirRecordRequest, FreezePlan, FreezeRequest, StackRow, ThicknessRow } from "@/core/raw";
import type { RawWorker } from "../raw.worker";
import { helper } from "./helper";
import { useNewest, type Answerer } from "./useNewest";

export type FreezeAnswer = {
  readonly plan: FreezePlan;
  readonly stacks: readonly StackRow[];
  readonly thicknesses: readonly ThicknessRow[];
};

const openWorker = () =>
  helper<RawWorker>(() => new Worker(new URL("../raw.worker.ts", import.meta.url), { type: "module" }));

function openCure(): Answerer<CurePlan> {
  const { ask, close } = openWorker();
  return { ask: (question) => ask((worker) => worker.planCure(JSON.parse(question) as CureRequest)), close };
}

function openFreeze(): Answerer<FreezeAnswer> {
  const { ask, close } = openWorker();
  return { ask: (question) => ask((worker) => worker.planFreezing(JSON.parse(question) as FreezeRequest)), close };
}

function openRecord(): Answerer<AirRecord> {
  const { ask, close } = openWorker();
  return {
    ask: (question) => ask((worker) => worker.followAirRecord(JSON.parse(question) as AirRecordRequest)),
    close,
  };
}

export const useCure = (request: CureRequest) => useNewest(openCure, JSON.stringify(request));
export const useFreezing = (request: FreezeRequest) => useNewest(openFreeze, JSON.stringify(request));
export const useAirRecord = (request: AirRecordRequest) => useNewest(openRecord, JSON.stringify(request));
