import type { Metadata } from "next";
import { listAdvice } from "@/db/advice";
import { db } from "@/db/connection";
import { listSuppliers } from "@/db/lots";
import { listPlaces } from "@/db/places";
import page from "@/ui/page.module.css";
import { SubNav } from "@/ui/SubNav";
import { requestTime, requireHouse } from "../../request";
import { DOCK_VIEWS } from "../subViews";
import { FileDesk } from "./FileDesk";

export const metadata: Metadata = { title: "Files" };

export default async function FilesPage() {
  const nowMs = await requestTime();
  requireHouse();
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>Read a delivery in, or hand your lots on</h1>
          <p className={page.asks}>
            A file fills in the papers; eyes, nose and probe still decide. Nothing is kept before you have looked.
          </p>
        </div>
      </header>
      <SubNav views={DOCK_VIEWS} here="/dock/files" />
      <FileDesk
        suppliers={listSuppliers(db())}
        places={listPlaces(db())}
        advice={listAdvice(db())}
        serverNowMs={nowMs}
      />
    </>
  );
}
