import pdfmake from "pdfmake";
import type { TDocumentDefinitions } from "pdfmake/interfaces";
import fonts from "pdfmake/fonts/Roboto.js";

/** A page of the library's own description as a PDF; its letters are in the document, and nothing is fetched. */
export async function pdfOf(page: TDocumentDefinitions): Promise<Uint8Array> {
  pdfmake.setFonts(fonts);
  pdfmake.setUrlAccessPolicy(() => false);
  pdfmake.setLocalAccessPolicy((path) => path.endsWith(".ttf"));
  return pdfmake.createPdf(page).getBuffer();
}
