import { headers } from "next/headers";
import Image from "next/image";
import { isOpenToKitchen, kitchenAddresses } from "@/server/addresses";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/doors";
import { qrCode } from "../qrCode";

const CODE_PX = 200;

/** Where a tablet opens the house: the addresses of this machine, and one to point a camera at. */
export async function FindIt() {
  const port = /:(\d+)$/.exec((await headers()).get("host") ?? "")?.[1] ?? "";
  const open = isOpenToKitchen();
  const addresses = open ? kitchenAddresses(port) : [];
  const [first] = addresses;
  return (
    <section className={page.card} aria-label={t("howTabletsFindIt")} data-testid="find-it">
      <h2>{t("howTabletsFindIt")}</h2>
      {first ? (
        <>
          <p>{t("openItThere")}</p>
          <ul className={page.rows}>
            {addresses.map((address) => (
              <li key={address} className={`${page.row} figure`}>
                {address}
              </li>
            ))}
          </ul>
          <p className={page.above}>{t("pointTheCamera")}</p>
          <Image unoptimized src={await qrCode(first)} alt={first} width={CODE_PX} height={CODE_PX} />
        </>
      ) : (
        <>
          <p>{open ? t("noNetwork") : t("onlyThisMachine")}</p>
          {open ? null : <p className={page.sub}>{t.rich("howToOpenIt", { code: (words) => <code>{words}</code> })}</p>}
        </>
      )}
    </section>
  );
}
