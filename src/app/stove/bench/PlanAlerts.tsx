"use client";
import { Alert, Button } from "antd";
import { RULE_SETS } from "@/core/safety";
import type { Said } from "@/core/shared";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { say } from "@/words/say";
import { t } from "@/words/stove-plan";

type Props = {
  /** Under-cooked in a house whose guests may not have it. */
  readonly barred: boolean;
  /** Why the house did not start it. */
  readonly refusal: string | null;
  /** Why there is no plan. */
  readonly problem: Said | null;
  readonly onByRule: () => void;
};

/** What stands between the plan and the pan. */
export function PlanAlerts({ barred, refusal, problem, onByRule }: Props) {
  const { format, ruleSetId } = useHouse();
  return (
    <>
      {barred ? (
        <Alert
          type="warning"
          showIcon
          className={page.below ?? ""}
          title={t("notToBeStartedInThis", { because: RULE_SETS[ruleSetId].susceptible.because })}
          description={RULE_SETS[ruleSetId].susceptible.source}
          action={<Button onClick={onByRule}>{t("planItByTheRule")}</Button>}
          data-testid="barred"
        />
      ) : null}
      {refusal ? <Alert type="error" showIcon title={refusal} className={page.below ?? ""} /> : null}
      {problem ? (
        <Alert
          type="warning"
          showIcon
          title={t("noPlanProblem", { problem: say(problem, format) })}
          className={page.below ?? ""}
        />
      ) : null}
    </>
  );
}
