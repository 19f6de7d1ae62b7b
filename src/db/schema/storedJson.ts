import { customType } from "drizzle-orm/sqlite-core";
import { readForm, writeForm, type StoredForm } from "@/house/stored/form";

/** A text column of facts in one form: read in any version, written in the newest. */
export const storedJson = <T>(name: string, form: StoredForm<T>) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => "text",
    toDriver: (facts) => writeForm(form, facts),
    fromDriver: (text) => readForm(form, text),
  })(name);
