"use client";
import { DeviceKeys } from "@/ui/form/DeviceKeys";
import { addProbe } from "./actions";
import { t } from "@/words/stove";

export const ProbeKeys = ({
  probes,
}: {
  readonly probes: readonly { readonly id: string; readonly name: string }[];
}) => (
  <DeviceKeys
    devices={probes}
    word="probe"
    placeholder={t("probe1")}
    postsTo={(id) => `/api/probes/${id}/readings`}
    none={t("noProbeYetTheCentreIs")}
    standIn="npm run probe"
    make={addProbe}
  />
);
