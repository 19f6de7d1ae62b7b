"use client";
import dynamic from "next/dynamic";

/** Asked of houses from before prices had a currency; nobody else loads it. */
export const CurrencyAsk = dynamic(() => import("./CurrencyNote").then((part) => part.CurrencyNote), { ssr: false });
