import { stepRoom, USUAL_ROOM, type RoomState } from "./coldRoomModel";

const run = (minutes: number, door: (minute: number) => boolean): number[] => {
  let state: RoomState = { airC: 2, cooling: false };
  return Array.from({ length: minutes }, (_, minute) => {
    state = stepRoom(state, { ...USUAL_ROOM, setC: 2 }, door(minute));
    return state.airC;
  });
};

test("shut, it swings about its set point and no further", () => {
  const air = run(600, () => false);
  expect(Math.max(...air)).toBeLessThan(3.2);
  expect(Math.min(...air)).toBeGreaterThan(0.7);
});

test("an open door warms it past 5 °C within the half hour, and shut again it comes back", () => {
  const air = run(240, (minute) => minute < 30);
  expect(Math.max(...air.slice(0, 31))).toBeGreaterThan(5);
  expect(air.at(-1)!).toBeLessThan(3.2);
});
