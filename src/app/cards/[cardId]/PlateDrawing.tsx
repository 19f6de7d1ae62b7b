"use client";
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import { Button } from "antd";
import { useRef, useState, type CSSProperties } from "react";
import type { CardSpec } from "@/core/cards";
import { PLATE_MM } from "@/core/cooking";
import { movedPart, plateParts, type CutPiece, type PlatePart } from "@/house/cards/plateDrawing";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { placeOnPlate } from "../actions";
import styles from "./Plate.module.css";

type Props = {
  readonly cardId: string;
  readonly card: CardSpec;
  readonly sauceG: number;
  readonly labels: Readonly<Record<string, string>>;
  /** The batch that would be served; null: nothing is cut. */
  readonly cut: CutPiece | null;
  /** What is drawn is the card of the house and not one changed for a guest: its parts may be moved. */
  readonly own: boolean;
};

/** The rim around the well, mm. */
const RIM_MM = 25;
const SIDE_MM = PLATE_MM + 2 * RIM_MM;

const pct = (mm: number) => `${(mm / SIDE_MM) * 100}%`;

type PartProps = { readonly part: PlatePart; readonly card: CardSpec; readonly movable: boolean };

function Part({ part: { part, kind, label, lengthMm, widthMm, xMm, yMm }, card, movable }: PartProps) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: part, disabled: !movable });
  const style: CSSProperties = {
    left: pct(SIDE_MM / 2 + xMm - lengthMm / 2),
    top: pct(SIDE_MM / 2 + yMm - widthMm / 2),
    width: pct(lengthMm),
    height: pct(widthMm),
    ...(transform ? { translate: `${transform.x}px ${transform.y}px` } : {}),
  };
  const state = { "data-kind": kind, "data-raw": card.piece.use === "raw", "data-crisp": card.piece.crispSkin };
  return movable ? (
    <button
      type="button"
      ref={setNodeRef}
      className={styles.part}
      style={style}
      {...state}
      data-moving={isDragging}
      {...listeners}
      {...attributes}
      aria-label={t("moveThePart", { what: label })}
    />
  ) : (
    <span className={styles.part} style={style} {...state} />
  );
}

/** The plate at scale; its parts are moved by finger, mouse or keys, and kept with the card. */
export function PlateDrawing({ cardId, card, sauceG, labels, cut, own }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [layout, setLayout] = useState(card.layout);
  const plate = useRef<HTMLDivElement>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 3 } }),
    useSensor(KeyboardSensor),
  );
  const parts = plateParts({ ...card, layout }, sauceG, labels, cut);
  const piece = parts.find(({ kind }) => kind === "piece")!;
  const sauce = parts.find(({ kind }) => kind === "sauce");
  const label = t("plateAtScale", {
    length: format.length(piece.lengthMm, 0),
    width: format.length(piece.widthMm, 0),
    apart: sauce ? "no" : "yes",
    pool: format.length(sauce?.lengthMm ?? 0, 0),
    plate: format.length(PLATE_MM, 0),
  });
  const nameOf = (part: string | number) => labels[part] ?? String(part);
  const drop = ({ active, delta }: DragEndEvent) => {
    const width = plate.current?.clientWidth ?? SIDE_MM;
    const mmPerPx = SIDE_MM / width;
    setLayout(movedPart(parts, String(active.id), delta.x * mmPerPx, delta.y * mmPerPx));
  };
  return (
    <figure className={styles.figure} data-testid="plate">
      <DndContext
        id="plate"
        sensors={sensors}
        onDragEnd={drop}
        accessibility={{
          screenReaderInstructions: { draggable: t("dragByKeys") },
          announcements: {
            onDragStart: ({ active }) => t("takenUp", { what: nameOf(active.id) }),
            onDragOver: () => undefined,
            onDragEnd: ({ active }) => t("putDown", { what: nameOf(active.id) }),
            onDragCancel: ({ active }) => t("putBack", { what: nameOf(active.id) }),
          },
        }}
      >
        <div ref={plate} className={styles.plate} role="group" aria-label={label}>
          <span className={styles.well} style={{ inset: pct(RIM_MM) }} />
          {parts.map((part) => (
            <Part key={part.part} part={part} card={card} movable={own} />
          ))}
        </div>
      </DndContext>
      <figcaption>
        {`${label}.`}
        {cut ? ` ${t("asItWasCut", { lean: Math.round(cut.leanDeg) })}` : ""}
        {card.piece.crispSkin ? ` ${t("skinSideUp")}` : ""}
      </figcaption>
      {own && layout !== card.layout ? (
        <div className={page.row}>
          <Button
            loading={busy}
            onClick={() => void act(placeOnPlate, { cardId, layout: layout ?? [] }, () => t("platedSo"))}
          >
            {t("plateItSo")}
          </Button>
          <Button onClick={() => setLayout(card.layout)}>{t("asItWas")}</Button>
        </div>
      ) : null}
    </figure>
  );
}
