import { PassThrough } from "node:stream";
import { text as textOf } from "node:stream/consumers";
import type { ReactElement } from "react";
import { renderToPipeableStream } from "react-dom/server";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { listOwnSpecies } from "@/db/house/species";
import { house as houseTable } from "@/db/schema/house";
import { HouseProvider } from "@/ui/hooks/HouseContext";
import { Messages } from "@/ui/layout/Messages";
import type { Units } from "@/words/format/format";

/** For `jest.mock`: what the framework gives a page while it is drawn on the server. */
export const nextNavigation = {
  useRouter: () => ({
    push: () => undefined,
    refresh: () => undefined,
    replace: () => undefined,
    prefetch: () => undefined,
  }),
  usePathname: () => "/",
  useSearchParams: () => new URLSearchParams(),
  notFound: () => {
    throw new Error("not found");
  },
  redirect: (to: string) => {
    throw new Error(`redirected to ${to}`);
  },
};
type LinkProps = {
  readonly href: string;
  readonly children: ReactElement;
  readonly prefetch?: unknown;
  readonly replace?: unknown;
};
export const nextLink = {
  __esModule: true,
  default: ({ href, children, prefetch: _, replace: __, ...rest }: LinkProps) => (
    <a href={href} {...rest}>
      {children}
    </a>
  ),
};
export const nextDynamic = { __esModule: true, default: () => () => null };

type PageProps = { readonly params: Promise<object>; readonly searchParams: Promise<object> };
type Page = (props: PageProps) => ReactElement | Promise<ReactElement>;

/** The page as the server sends it to a house of these units. */
export async function drawn(
  units: Units,
  path: string,
  params: object = {},
  searchParams: object = {},
): Promise<string> {
  db().update(houseTable).set({ units }).run();
  const { default: Drawn } = jest.requireActual<{ readonly default: Page }>(`../${path}page`);
  const house = { ...findHouse(db())!, ownSpecies: listOwnSpecies(db()) };
  const element = await Drawn({ params: Promise.resolve(params), searchParams: Promise.resolve(searchParams) });
  const out = new PassThrough();
  let failed: unknown = null;
  const { pipe } = renderToPipeableStream(
    <HouseProvider house={house}>
      <Messages>{element}</Messages>
    </HouseProvider>,
    {
      onAllReady: () => void pipe(out),
      onError: (problem) => {
        failed ??= problem;
      },
      onShellError: () => void out.end(),
    },
  );
  const html = await textOf(out);
  if (failed) throw failed;
  return html;
}

/** What is written for eyes: no marks, no styles, no scripts; a source stands as it is printed where it comes from. */
export const words = (html: string) =>
  html
    .replace(/<(style|script|svg)\b.*?<\/\1>/gs, " ")
    .replace(/<(p|span)[^>]*data-source="true".*?(?=<\/(?:p|li|div|section)>)/gs, " ")
    .replace(/<[^>]+>/g, " ")
    .replace(/&#x27;/g, "'")
    .replace(/\s+/g, " ");
