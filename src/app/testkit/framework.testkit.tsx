import { lazy, Suspense, type FunctionComponent, type ReactElement } from "react";

/** What the framework gives an action of the request it answers; a test says where it comes from and what the tablet keeps. */
export const request = { origin: "http://house.test", host: "house.test" };
export const jar = new Map<string, string>();

export const nextHeaders = {
  headers: async () => new Headers(request),
  cookies: async () => ({
    get: (name: string) => (jar.has(name) ? { value: jar.get(name) } : undefined),
    set: (name: string, value: string) => void jar.set(name, value),
  }),
};
export const nextCache = { revalidatePath: () => undefined };
export const nextServer = { connection: async () => undefined };

/** Where a form sends the cook when it is done. */
export const went: string[] = [];
export const nextNavigation = {
  useRouter: () => ({
    push: (to: string) => void went.push(to),
    replace: (to: string) => void went.push(to),
    refresh: () => undefined,
    back: () => undefined,
    prefetch: () => undefined,
  }),
  usePathname: () => "/",
  useSearchParams: () => new URLSearchParams(),
};
export const nextLink = {
  __esModule: true,
  default: ({ href, children, ...rest }: { readonly href: string; readonly children: ReactElement }) => (
    <a href={href} {...rest}>
      {children}
    </a>
  ),
};

type Part = FunctionComponent<object>;

/** What comes later comes at once. */
export const nextDynamic = {
  __esModule: true,
  default: (load: () => Promise<Part | { readonly default: Part }>) => {
    const Later = lazy(async () => {
      const part = await load();
      return { default: "default" in part ? part.default : part };
    });
    return (props: object) => (
      <Suspense>
        <Later {...props} />
      </Suspense>
    );
  },
};
