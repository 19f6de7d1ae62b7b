"use client";
import { Alert, Button, Form, Input, Segmented, Select, Switch } from "antd";
import { TextInput } from "@/ui/form/TextInput";
import { NumberInput } from "@/ui/form/NumberInput";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { celsiusFromF } from "@/core/units";
import { openTheHouse } from "./actions";
import type { NewHouseInput } from "./schema";
import styles from "./Welcome.module.css";
import { t } from "@/words/welcome";
import { useRefresh } from "@/ui/reach/useRefresh";

type Props = {
  readonly rules: { readonly value: string; readonly label: string }[];
  readonly zones: readonly string[];
  readonly currencies: readonly string[];
};

/** No rule set is taken for granted: the house says which. */
const FIRST = { units: "metric", coldRoomC: 1, cooks: [], susceptibleGuests: false } as const;

export function WelcomeForm({ rules, zones, currencies }: Props) {
  const router = useRouter();
  const refresh = useRefresh();
  const [form] = Form.useForm<NewHouseInput>();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const imperial = Form.useWatch("units", form) === "imperial";
  useEffect(() => {
    form.setFieldValue("timeZone", Intl.DateTimeFormat().resolvedOptions().timeZone);
    form.setFieldValue("decimalMark", (1.5).toLocaleString(navigator.language).includes(",") ? "comma" : "point");
  }, [form]);
  const open = async (values: NewHouseInput) => {
    setBusy(true);
    const coldRoomC = imperial ? celsiusFromF(values.coldRoomC) : values.coldRoomC;
    const opened = await openTheHouse({ ...values, coldRoomC });
    setBusy(false);
    if (opened.ok) {
      router.push("/");
      refresh();
    } else setProblem(opened.error.message);
  };
  return (
    <main className={styles.page}>
      <div className={styles.panel}>
        <p className={styles.brand}>{t("gaffel")}</p>
        <h1>{t("openTheHouse")}</h1>
        <p className={styles.lead}>{t("aFewAnswersOnceTheyDecide")}</p>
        <Form form={form} layout="vertical" initialValues={FIRST} onFinish={open} requiredMark={false}>
          <Form.Item
            name="name"
            label={t("nameOfTheHouse")}
            rules={[{ required: true, message: t("whatIsTheHouseCalled") }]}
          >
            <TextInput autoComplete="organization" maxLength={80} />
          </Form.Item>
          <Form.Item
            name="cooks"
            label={t("whoCooksHere")}
            extra={t("typeANameAndPressEnter")}
            rules={[{ required: true, message: t("nameAtLeastOneCook") }]}
          >
            <Select mode="tags" open={false} suffixIcon={null} maxCount={40} />
          </Form.Item>
          <Form.Item
            name="pin"
            label={t("chefsPin")}
            extra={t("theFirstOfThemIsTheChef")}
            rules={[{ required: true, message: t("chooseAPin") }]}
          >
            <Input.Password inputMode="numeric" autoComplete="off" maxLength={6} />
          </Form.Item>
          <Form.Item
            name="phrase"
            label={t("passPhrase")}
            extra={t("itOpensWhenPinsFail")}
            rules={[{ required: true, message: t("chooseAPhrase") }]}
          >
            <TextInput autoComplete="off" maxLength={200} />
          </Form.Item>
          <div className={styles.two}>
            <Form.Item name="timeZone" label={t("timeZone2")} rules={[{ required: true, message: t("chooseTheZone") }]}>
              <Select showSearch options={zones.map((zone) => ({ value: zone, label: zone.replaceAll("_", " ") }))} />
            </Form.Item>
            <Form.Item name="units" label={t("units")}>
              <Segmented
                block
                options={[
                  { value: "metric", label: t("gMmC") },
                  { value: "imperial", label: t("ozInF") },
                ]}
              />
            </Form.Item>
          </div>
          <Form.Item
            name="currency"
            label={t("pricesAreIn")}
            rules={[{ required: true, message: t("whatArePricesIn") }]}
          >
            <Select showSearch options={currencies.map((code) => ({ value: code, label: code }))} />
          </Form.Item>
          <Form.Item
            name="decimalMark"
            label={t("numbersAreWritten")}
            rules={[{ required: true, message: t("howAreNumbersWritten") }]}
          >
            <Segmented
              block
              options={[
                { value: "point", label: "1.5" },
                { value: "comma", label: "1,5" },
              ]}
            />
          </Form.Item>
          <Form.Item
            name="ruleSetId"
            label={t("ruleSet")}
            rules={[{ required: true, message: t("whichRulesIsTheHouseUnder") }]}
            extra={t("namedBesideEveryVerdictYourLocal")}
          >
            <Select options={rules} placeholder={t("whichRulesJudgeYourFish")} />
          </Form.Item>
          <Form.Item
            name="susceptibleGuests"
            label={t("weServeTheYoungTheOld")}
            valuePropName="checked"
            extra={t("aHomeAHospitalASchool")}
          >
            <Switch />
          </Form.Item>
          <Form.Item
            name="coldRoomC"
            label={t("fishColdRoomRunsAtValue", { value: imperial ? "°F" : "°C" })}
            rules={[{ required: true, message: t("itsUsualTemperature") }]}
          >
            <NumberInput min={imperial ? 28 : -2} max={imperial ? 54 : 12} step={imperial ? 1 : 0.5} />
          </Form.Item>
          {problem ? <Alert type="error" showIcon title={problem} className={styles.problem ?? ""} /> : null}
          <Button type="primary" htmlType="submit" size="large" loading={busy} block>
            {t("openTheHouse")}
          </Button>
        </Form>
      </div>
    </main>
  );
}
