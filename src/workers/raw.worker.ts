import { expose } from "comlink";
import { planCure, type CureRequest } from "@/core/cure";
import { compareStacks, followAirRecord, planFreezing, type AirRecordRequest, type FreezeRequest } from "@/core/raw";
import { ok } from "@/core/shared";

/** Freezing and curing followed off the main thread. */
const api = {
  planCure: (request: CureRequest) => planCure(request),
  followAirRecord: (request: AirRecordRequest) => followAirRecord(request),
  planFreezing: (request: FreezeRequest) => {
    const planned = planFreezing(request);
    return planned.ok ? ok({ plan: planned.value, ...compareStacks(request, planned.value.reachC) }) : planned;
  },
};
export type RawWorker = typeof api;

expose(api);
