"use client";
import { Alert, App, AutoComplete, Button, DatePicker, Form, Input, InputNumber, Segmented, Select } from "antd";
import dayjs, { type Dayjs } from "dayjs";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { FORMS, judgeAtDoor, schemeFor, type Form as FishForm, type Grade, type Grades } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { daysBetween } from "@/core/units";
import type { Place } from "@/db/house";
import { GradeRow } from "@/ui/GradeRow";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import { SpeciesSearch } from "@/ui/SpeciesSearch";
import { lastDeliveryOf, receiveDelivery, type Received } from "./actions";
import styles from "./Dock.module.css";
import { VerdictPanel } from "./VerdictPanel";

type Fields = {
  speciesId?: string;
  form: FishForm;
  supplier?: string;
  production: "wild" | "farmed";
  area?: string;
  gear?: string;
  source?: string;
  caughtOn?: Dayjs | null;
  mass?: number | null;
  pricePerKg?: number | null;
  receipt?: number | null;
  placeId?: string;
};

type Props = {
  readonly suppliers: readonly string[];
  readonly places: readonly Place[];
  readonly serverNowMs: number;
};

const GEARS = [
  "Hook and line",
  "Longline",
  "Gillnet",
  "Trawl",
  "Seine",
  "Trap or pot",
  "Dredge",
  "By hand",
  "Net pen",
  "Land tank",
];
const need = (message: string) => [{ required: true, message }];

/** The receiving desk: facts on the left, eyes-nose-finger below, the verdict always in sight. */
export function DeliveryDesk({ suppliers, places, serverNowMs }: Props) {
  const { format, ruleSetId } = useHouse();
  const { message } = App.useApp();
  const router = useRouter();
  const [form] = Form.useForm<Fields>();
  const facts: Partial<Fields> = Form.useWatch([], form) ?? {};
  const [grades, setGrades] = useState<Grades>({});
  const [kept, setKept] = useState<Received | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const species = facts.speciesId ? findSpecies(facts.speciesId) : undefined;
  const fishForm = facts.form ?? "whole-gutted";
  const scheme = species ? schemeFor(species.group, fishForm) : null;
  const caughtMs = facts.caughtOn ? Date.parse(`${facts.caughtOn.format("YYYY-MM-DD")}T12:00:00Z`) : null;
  const judge = () => {
    if (!species) return null;
    const receiptC = typeof facts.receipt === "number" ? format.fromTemperature(facts.receipt) : null;
    const daysSinceCatch = caughtMs === null ? null : Math.max(0, daysBetween(caughtMs, serverNowMs));
    return judgeAtDoor({ species, form: fishForm, grades, receiptC, daysSinceCatch, ruleSetId });
  };
  const judgement = judge();

  const grade = (id: string, value: Grade | undefined) => setGrades((before) => ({ ...before, [id]: value }));
  const allGood = () => {
    if (scheme) setGrades(Object.fromEntries(scheme.attributes.map(({ id }) => [id, grades[id] ?? 0])));
  };

  const copyLast = async (supplier: string) => {
    const last = await lastDeliveryOf(supplier);
    if (!last) return;
    const { speciesId, ...rest } = last;
    form.setFieldsValue(form.getFieldValue("speciesId") ? rest : { speciesId, ...rest });
    message.info(`Filled in from the last lot of ${supplier}: check it against the box.`);
  };

  const keep = async (values: Fields) => {
    setBusy(true);
    setProblem(null);
    const answer = await receiveDelivery({
      speciesId: values.speciesId,
      form: values.form,
      supplier: values.supplier,
      production: values.production,
      area: values.area,
      gear: values.gear,
      source: values.source,
      caughtOn: values.caughtOn?.format("YYYY-MM-DD") ?? null,
      massG: format.fromBigMass(values.mass ?? 0),
      pricePerKg: values.pricePerKg,
      receiptC: format.fromTemperature(values.receipt ?? 0),
      grades: Object.fromEntries(Object.entries(grades).filter(([, value]) => value !== undefined)),
      placeId: values.placeId,
    });
    setBusy(false);
    if (!answer.ok) {
      setProblem(answer.error.message);
      return;
    }
    setKept(answer.value);
    setGrades({});
    form.resetFields();
    router.refresh();
  };

  return (
    <Form
      form={form}
      layout="vertical"
      requiredMark={false}
      initialValues={{ form: "whole-gutted", production: "wild", placeId: places[0]?.id }}
      onFinish={keep}
      scrollToFirstError
    >
      <div className={styles.desk}>
        <div className={page.stack}>
          {kept ? (
            <Alert
              type={kept.verdict === "refuse" ? "warning" : "success"}
              showIcon
              closable
              title={
                kept.verdict === "refuse" ? `Refused and kept on record as ${kept.code}.` : `On ice as ${kept.code}.`
              }
              action={<Link href={`/ice/${kept.lotId}`}>Open the lot</Link>}
            />
          ) : null}
          <section className={page.card} aria-labelledby="what">
            <h2 id="what">What is it, and where from</h2>
            <div className={styles.fields}>
              <Form.Item name="speciesId" label="Fish" className={styles.wide ?? ""} rules={need("Which fish is it?")}>
                <SpeciesSearch />
              </Form.Item>
              <Form.Item name="form" label="Comes as">
                <Select options={FORMS.map(({ id, label }) => ({ value: id, label }))} />
              </Form.Item>
              <Form.Item name="supplier" label="Supplier" rules={need("Who brought it?")}>
                <AutoComplete
                  options={suppliers.map((value) => ({ value }))}
                  filterOption={(typed, option) => (option?.value ?? "").toLowerCase().includes(typed.toLowerCase())}
                  onSelect={copyLast}
                />
              </Form.Item>
              <Form.Item name="production" label="Wild or farmed">
                <Segmented
                  block
                  options={[
                    { value: "wild", label: "Wild" },
                    { value: "farmed", label: "Farmed" },
                  ]}
                />
              </Form.Item>
              <Form.Item name="area" label="Area" rules={need("Where was it caught or reared?")}>
                <Input maxLength={120} placeholder="FAO 27.3.a, or the bay" />
              </Form.Item>
              <Form.Item name="gear" label="Gear or rearing" rules={need("How was it caught or reared?")}>
                <AutoComplete options={GEARS.map((value) => ({ value }))} />
              </Form.Item>
              <Form.Item name="source" label="Boat or farm" rules={need("Which boat or farm?")}>
                <Input maxLength={120} />
              </Form.Item>
              <Form.Item name="caughtOn" label="Caught or harvested">
                <DatePicker
                  style={{ width: "100%" }}
                  format="ddd D MMM YYYY"
                  disabledDate={(day) => day.isAfter(dayjs(serverNowMs), "day")}
                />
              </Form.Item>
              <Form.Item name="mass" label={`Weight, ${format.bigMassUnit}`} rules={need("How much does it weigh?")}>
                <InputNumber min={0.05} max={2000} step={0.1} inputMode="decimal" style={{ width: "100%" }} />
              </Form.Item>
              <Form.Item name="pricePerKg" label="Price a kilo" rules={need("What does a kilo cost?")}>
                <InputNumber min={0} max={10000} step={0.5} inputMode="decimal" style={{ width: "100%" }} />
              </Form.Item>
              <Form.Item
                name="receipt"
                label={`Probe at the door, ${format.degree}`}
                rules={need("Probe it: temperature at the door.")}
              >
                <InputNumber step={0.1} inputMode="decimal" style={{ width: "100%" }} />
              </Form.Item>
              <Form.Item name="placeId" label="Goes to" rules={need("Where does it go?")}>
                <Select options={places.map(({ id, name }) => ({ value: id, label: name }))} />
              </Form.Item>
            </div>
          </section>
          <section className={page.card} aria-labelledby="look">
            <div className={styles.lookHead}>
              <h2 id="look">{scheme ? `Look, smell, press: ${scheme.label.toLowerCase()}` : "Look, smell, press"}</h2>
              {scheme ? (
                <Button size="small" onClick={allGood}>
                  The rest as caught
                </Button>
              ) : null}
            </div>
            {scheme ? (
              <>
                <p className="muted">
                  White light, rinsed, on ice; gill smell before you touch anything. Three fish a lot or more: tap the
                  worst. Skip what does not apply.
                </p>
                {scheme.attributes.map((attribute) => (
                  <GradeRow
                    key={attribute.id}
                    attribute={attribute}
                    grade={grades[attribute.id]}
                    onGrade={(value) => grade(attribute.id, value)}
                  />
                ))}
              </>
            ) : (
              <p className={page.empty}>Name the fish first: each kind has its own signs.</p>
            )}
          </section>
        </div>
        <VerdictPanel judgement={judgement} species={species} scheme={scheme} problem={problem} busy={busy} />
      </div>
    </Form>
  );
}
