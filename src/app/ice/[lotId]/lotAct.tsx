"use client";
import { Button } from "antd";
import type { Route } from "next";
import { useRouter } from "next/navigation";
import type { ReactNode } from "react";
import type { Form } from "@/core/freshness";
import type { SpeciesGroup } from "@/core/species";
import type { Action } from "@/ui/hooks/askOnce";
import { useAct } from "@/ui/hooks/useAct";
import { HoldButton } from "@/ui/form/HoldButton";
import page from "@/ui/layout/page.module.css";

/** What the works of a lot know of it. */
export type LotFacts = {
  readonly lotId: string;
  readonly group: SpeciesGroup;
  readonly form: Form;
  readonly leftG: number;
  readonly priceCentsPerKg: number;
  readonly placeId: string | null;
  readonly places: readonly { readonly id: string; readonly name: string; readonly kind: string }[];
  readonly canOpen: boolean;
  /** Its freezing hold runs and is not met yet. */
  readonly freezing: boolean;
};

/** Does it, says what came of it, and goes on to where it led. */
export function useLotAct() {
  const { act, busy } = useAct();
  const router = useRouter();
  const actAndGo = async <T,>(
    action: Action<T>,
    input: unknown,
    done: (value: T) => string,
    goTo?: (value: T) => string,
  ) => {
    const answer = await act(action, input, done);
    if (answer && goTo) router.push(goTo(answer.value) as Route);
  };
  return { act: actAndGo, busy };
}

/** The button that does it, over the whole width. */
export function Act({
  busy,
  disabled = false,
  hold = false,
  onClick,
  children,
}: {
  readonly busy: boolean;
  readonly disabled?: boolean;
  /** It cannot be taken back. */
  readonly hold?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  if (hold)
    return (
      <HoldButton
        block
        size="large"
        loading={busy}
        disabled={disabled}
        onConfirm={onClick}
        className={page.above ?? ""}
      >
        {children}
      </HoldButton>
    );
  return (
    <Button block size="large" loading={busy} disabled={disabled} onClick={onClick} className={page.above ?? ""}>
      {children}
    </Button>
  );
}

export const options = (places: LotFacts["places"]) => places.map(({ id, name }) => ({ value: id, label: name }));
