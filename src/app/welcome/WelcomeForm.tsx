"use client";
import { Alert, Button, Form, Input, InputNumber, Segmented, Select, Switch } from "antd";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { celsiusFromF } from "@/core/units";
import { openTheHouse } from "./actions";
import type { NewHouseInput } from "./schema";
import styles from "./Welcome.module.css";

type Props = {
  readonly rules: { readonly value: string; readonly label: string }[];
  readonly zones: readonly string[];
  readonly currencies: readonly string[];
};

/** No rule set is taken for granted: the house says which. */
const FIRST = { units: "metric", coldRoomC: 1, cooks: [], susceptibleGuests: false } as const;

export function WelcomeForm({ rules, zones, currencies }: Props) {
  const router = useRouter();
  const [form] = Form.useForm<NewHouseInput>();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const imperial = Form.useWatch("units", form) === "imperial";
  useEffect(() => {
    form.setFieldValue("timeZone", Intl.DateTimeFormat().resolvedOptions().timeZone);
  }, [form]);
  const open = async (values: NewHouseInput) => {
    setBusy(true);
    const coldRoomC = imperial ? celsiusFromF(values.coldRoomC) : values.coldRoomC;
    const opened = await openTheHouse({ ...values, coldRoomC });
    setBusy(false);
    if (opened.ok) {
      router.push("/");
      router.refresh();
    } else setProblem(opened.error.message);
  };
  return (
    <main className={styles.page}>
      <div className={styles.panel}>
        <p className={styles.brand}>Gaffel</p>
        <h1>Open the house</h1>
        <p className={styles.lead}>
          A few answers, once. They decide which rules judge your fish and how figures are shown.
        </p>
        <Form form={form} layout="vertical" initialValues={FIRST} onFinish={open} requiredMark={false}>
          <Form.Item
            name="name"
            label="Name of the house"
            rules={[{ required: true, message: "What is the house called?" }]}
          >
            <Input autoComplete="organization" maxLength={80} />
          </Form.Item>
          <Form.Item
            name="cooks"
            label="Who cooks here"
            extra="Type a name and press Enter. Records are kept under these names."
            rules={[{ required: true, message: "Name at least one cook." }]}
          >
            <Select mode="tags" open={false} suffixIcon={null} maxCount={40} />
          </Form.Item>
          <div className={styles.two}>
            <Form.Item name="timeZone" label="Time zone" rules={[{ required: true, message: "Choose the zone." }]}>
              <Select showSearch options={zones.map((zone) => ({ value: zone, label: zone.replaceAll("_", " ") }))} />
            </Form.Item>
            <Form.Item name="units" label="Units">
              <Segmented
                block
                options={[
                  { value: "metric", label: "g, mm, °C" },
                  { value: "imperial", label: "oz, in, °F" },
                ]}
              />
            </Form.Item>
          </div>
          <Form.Item name="currency" label="Prices are in" rules={[{ required: true, message: "What are prices in?" }]}>
            <Select showSearch options={currencies.map((code) => ({ value: code, label: code }))} />
          </Form.Item>
          <Form.Item
            name="ruleSetId"
            label="Rule set"
            rules={[{ required: true, message: "Which rules is the house under?" }]}
            extra="Named beside every verdict. Your local authority decides; Gaffel shows which rule it used."
          >
            <Select options={rules} placeholder="which rules judge your fish" />
          </Form.Item>
          <Form.Item
            name="susceptibleGuests"
            label="We serve the young, the old, the pregnant or the ill"
            valuePropName="checked"
            extra="A home, a hospital, a school: then nothing raw or under-cooked leaves the kitchen."
          >
            <Switch />
          </Form.Item>
          <Form.Item
            name="coldRoomC"
            label={`Fish cold room runs at (${imperial ? "°F" : "°C"})`}
            rules={[{ required: true, message: "Its usual temperature." }]}
          >
            <InputNumber min={imperial ? 28 : -2} max={imperial ? 54 : 12} step={imperial ? 1 : 0.5} />
          </Form.Item>
          {problem ? <Alert type="error" showIcon title={problem} className={styles.problem ?? ""} /> : null}
          <Button type="primary" htmlType="submit" size="large" loading={busy} block>
            Open the house
          </Button>
        </Form>
      </div>
    </main>
  );
}
