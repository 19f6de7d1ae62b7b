import type { Metadata } from "next";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { BLOCK_VIEWS } from "../subViews";
import { CountCards } from "./CountCards";

export const metadata: Metadata = { title: "By count and shape" };

export default async function CountPage() {
  await requestTime();
  requireHouse();
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>By count and shape</h1>
          <p className={page.asks}>
            Scallops onto even plates, prawns by their grade, rounds of tuna, rolled fillets, bread for a crust.
          </p>
        </div>
      </header>
      <SubNav views={BLOCK_VIEWS} here="/block/count" />
      <CountCards />
    </>
  );
}
