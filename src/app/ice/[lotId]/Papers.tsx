"use client";
import { FileButton } from "@/ui/form/FileButton";
import { useMessage } from "@/ui/layout/Messages";
import type { AttachmentLine } from "@/db/lots/files";
import { dayText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";
import { Empty } from "@/ui/layout/Empty";
import { useRefresh } from "@/ui/reach/useRefresh";

const ACCEPT = ".pdf,.png,.jpg,.jpeg,.webp";

/** Certificates and photographs of a lot: PDF and pictures, up to 8 MB each. */
export function Papers({ lotId, files }: { readonly lotId: string; readonly files: readonly AttachmentLine[] }) {
  const { timeZone } = useHouse();
  const message = useMessage();
  const refresh = useRefresh();
  const send = async (file: File) => {
    const body = new FormData();
    body.append("file", file);
    const answer = await fetch(`/api/lots/${lotId}/files`, { method: "POST", body }).catch(() => null);
    if (answer?.ok) {
      message.success(t("nameIsKeptWithTheLot", { name: file.name }));
      refresh();
      return;
    }
    const said = (await answer?.json().catch(() => null)) as { error?: { message?: string } } | null;
    message.error(said?.error?.message ?? t("theHouseDidNotAnswerTry"));
  };
  return (
    <section className={page.card} aria-labelledby="files">
      <h2 id="files">{t("certificatesAndPhotographs")}</h2>
      {files.length === 0 ? <Empty>{t("noPaperIsKeptWithThis")}</Empty> : null}
      <ul className={page.rows}>
        {files.map((file) => (
          <li key={file.id}>
            <a className={page.row} href={`/api/files/${file.id}`} target="_blank" rel="noreferrer">
              <span className={page.grow}>{file.name}</span>
              <span className={page.sub}>
                {file.addedBy}, {dayText(file.addedAtMs, timeZone)}
              </span>
            </a>
          </li>
        ))}
      </ul>
      <FileButton accept={ACCEPT} onFile={(file) => void send(file)}>
        {t("addAPaperOrAPicture")}
      </FileButton>
    </section>
  );
}
