/**
 * What the framework gives an action of the request it answers and a page where it is drawn, stood in for in every test; and what a page asks of
 * the house is listened to. A test that wants another double says so itself.
 */
jest.mock("next/headers", () => jest.requireActual("@/app/testkit/framework.testkit").nextHeaders);
jest.mock("next/cache", () => jest.requireActual("@/app/testkit/framework.testkit").nextCache);
jest.mock("next/server", () => jest.requireActual("@/app/testkit/framework.testkit").nextServer);
jest.mock("next/navigation", () => jest.requireActual("@/app/testkit/framework.testkit").nextNavigation);
jest.mock("next/link", () => jest.requireActual("@/app/testkit/framework.testkit").nextLink);
jest.mock("next/dynamic", () => jest.requireActual("@/app/testkit/framework.testkit").nextDynamic);
jest.mock("@/ui/hooks/answerWithin", () =>
  jest.requireActual("@/app/testkit/answers.testkit").heard(jest.requireActual("@/ui/hooks/answerWithin")),
);

// a drawn page may ask whether its house answers: it does, and says nothing more
if (!("fetch" in globalThis)) Object.assign(globalThis, { fetch: async () => ({ ok: false }) });
