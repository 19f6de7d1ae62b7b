import "antd/dist/antd.css";
import "@/ui/theme/global.css";
import type { Metadata, Viewport } from "next";
import { headers } from "next/headers";
import type { ReactNode } from "react";
import { db } from "@/db/connection";
import { findHouse, listStaff } from "@/db/house/house";
import { openCooks } from "@/db/stove/cooks";
import { listOwnSpecies } from "@/db/house/species";
import { HouseProvider } from "@/ui/hooks/HouseContext";
import { Providers } from "@/ui/layout/Providers";
import { cookAtStation, requestTime } from "./request";
import { whoAsks } from "./session";
import { Shell } from "./shell/Shell";
import { clockOf } from "./stove/clockOf";
import { FONTS } from "@/ui/theme/fonts";
import { PALETTE } from "@/ui/theme/palette";
import { t } from "@/words/shell";

export const metadata: Metadata = {
  title: { default: "Gaffel", template: t("sGaffel") },
  description: t("theWorkingCompanionOfAFish"),
};

export const viewport: Viewport = { themeColor: PALETTE.slate, width: "device-width", initialScale: 1 };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const nowMs = await requestTime();
  const nonce = (await headers()).get("x-nonce") ?? "";
  const house = findHouse(db());
  // who is not let in yet sees the door and nothing of the house
  const outside = (await whoAsks())?.asker.kind === "nobody";
  return (
    <html lang="en" className={FONTS}>
      <body>
        <Providers nonce={nonce}>
          {house ? (
            <HouseProvider
              house={{
                name: house.name,
                timeZone: house.timeZone,
                units: house.units,
                currency: house.currency,
                decimalMark: house.decimalMark,
                ruleSetId: house.ruleSetId,
                susceptibleGuests: house.susceptibleGuests,
                ownSpecies: listOwnSpecies(db()),
              }}
            >
              {outside ? (
                children
              ) : (
                <Shell
                  cooks={listStaff(db()).map(({ name }) => name)}
                  atStation={await cookAtStation()}
                  demo={house.demo}
                  running={openCooks(db()).map(clockOf)}
                  serverNowMs={nowMs}
                >
                  {children}
                </Shell>
              )}
            </HouseProvider>
          ) : (
            children
          )}
        </Providers>
      </body>
    </html>
  );
}
