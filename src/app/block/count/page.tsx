import type { Metadata } from "next";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { BLOCK_VIEWS } from "../subViews";
import { CountCards } from "./CountCards";
import { PageHead } from "@/ui/layout/PageHead";

export const metadata: Metadata = { title: "By count and shape" };

export default async function CountPage() {
  await requestTime();
  requireHouse();
  return (
    <>
      <PageHead
        title="By count and shape"
        asks="Scallops onto even plates, prawns by their grade, rounds of tuna, rolled fillets, bread for a crust."
      />
      <SubNav views={BLOCK_VIEWS} here="/block/count" />
      <CountCards />
    </>
  );
}
