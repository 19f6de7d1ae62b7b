import { compiled } from "#messages";
import type { GetICUArgs } from "@schummar/icu-type-parser";
import format, { type CompiledMessage } from "icu-minify/format";
import { createElement, Fragment, type ReactNode } from "react";
import { assert } from "@/core/shared";
import { LANGUAGE } from "./language";

type PlainArgs = { ICUArgument: string | number; ICUNumberArgument: number };

type Asked<Values> = keyof Values extends never ? [] : [values: Values];
/** The tags of a message, each a function from the words between to the element around them. */
type Tags<Message extends string> = Message extends `${string}</${infer Tag}>${infer Rest}`
  ? { readonly [key in Tag]: (words: ReactNode) => ReactNode } & Tags<Rest>
  : object;

/** The words of one view: a key and its values in, a text out; `rich` where parts of it are marked or linked. */
export type Translator<Messages extends Readonly<Record<string, string>>> = {
  <Key extends keyof Messages & string>(key: Key, ...values: Asked<GetICUArgs<Messages[Key], PlainArgs>>): string;
  readonly rich: <Key extends keyof Messages & string>(
    key: Key,
    values: GetICUArgs<Messages[Key], PlainArgs> & Tags<Messages[Key]>,
  ) => ReactNode;
};

type Value = string | number | ((words: ReactNode) => ReactNode);

/** One of each is enough: making one costs many times what it then says. */
function once<Args extends readonly unknown[], Made>(make: (...args: Args) => Made): (...args: Args) => Made {
  const made = new Map<string, Made>();
  return (...args) => {
    const key = JSON.stringify(args);
    const known = made.get(key) ?? make(...args);
    made.set(key, known);
    return known;
  };
}

const OPTIONS = {
  formatters: {
    getDateTimeFormat: once(
      (...args: ConstructorParameters<typeof Intl.DateTimeFormat>) => new Intl.DateTimeFormat(...args),
    ),
    getNumberFormat: once((...args: ConstructorParameters<typeof Intl.NumberFormat>) => new Intl.NumberFormat(...args)),
    getPluralRules: once((...args: ConstructorParameters<typeof Intl.PluralRules>) => new Intl.PluralRules(...args)),
  },
};

/** A message as text; one that comes to nothing is an empty text, not an empty list of parts. */
function textOf(message: CompiledMessage, values?: Record<string, string | number>): string {
  const parts = format<string>(message, LANGUAGE, values, OPTIONS);
  return typeof parts === "string" ? parts : parts.join("");
}

/** `messages`: ICU messages by key. A missing or an unknown value is an error of the compiler, not of the evening. */
export function translator<const Messages extends Readonly<Record<string, string>>>(
  messages: Messages,
): Translator<Messages> {
  const messageOf = reader((key) => messages[key]);
  const plain = (key: string, values?: Record<string, string | number>) => textOf(messageOf(key), values);
  const rich = (key: string, values: Record<string, Value>) => {
    const withParts = Object.fromEntries(
      Object.entries(values).map(([name, value]) => [
        name,
        typeof value === "function" ? (parts: readonly ReactNode[]) => value(within(parts)) : value,
      ]),
    );
    const parts = format<ReactNode>(messageOf(key), LANGUAGE, withParts, OPTIONS);
    return Array.isArray(parts) ? within(parts) : parts;
  };
  return Object.assign(plain, { rich }) as unknown as Translator<Messages>;
}

/** Compiles each message when it is first said. */
function reader(find: (key: string) => string | undefined) {
  const read = new Map<string, CompiledMessage>();
  return (key: string) => {
    const known = read.get(key);
    if (known !== undefined) return known;
    const message = find(key);
    assert(message !== undefined, `no message ${key}`);
    const done = compiled(message);
    read.set(key, done);
    return done;
  };
}

/** Messages by room, said by the code the core answers: "room.key". */
export function speaker(rooms: Readonly<Record<string, Readonly<Record<string, string>>>>) {
  const messageOf = reader((code) => {
    const [room, key] = code.split(".");
    return rooms[room!]?.[key!];
  });
  return (code: string, values: Record<string, string | number>): string => textOf(messageOf(code), values);
}

/** Parts side by side as children that need no keys. */
const within = (parts: readonly ReactNode[]) => createElement(Fragment, null, ...parts);
