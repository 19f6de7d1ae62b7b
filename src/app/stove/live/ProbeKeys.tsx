"use client";
import { DeviceKeys } from "@/ui/form/DeviceKeys";
import { addProbe } from "./actions";

export const ProbeKeys = ({
  probes,
}: {
  readonly probes: readonly { readonly id: string; readonly name: string }[];
}) => (
  <DeviceKeys
    devices={probes}
    word="probe"
    placeholder="Probe 1"
    postsTo={(id) => `/api/probes/${id}/readings`}
    none="No probe yet: the centre is noted by hand."
    standIn="npm run probe"
    make={addProbe}
  />
);
