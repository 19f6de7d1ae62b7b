"use client";
import { useSyncExternalStore } from "react";

/** What browsers of some years do not have. */
const older: Partial<Pick<Navigator, "userActivation" | "vibrate">> = typeof navigator === "undefined" ? {} : navigator;

/** Notes of one alarm: hertz, in their order. */
export type Motif = readonly number[];

/** So that two pans are told apart without looking: each rings by a motif of its own. */
export const PAN_MOTIFS: readonly Motif[] = [
  [880, 1175, 880],
  [659, 659, 988],
  [1319, 1047, 784],
  [523, 784, 1047, 1319],
  [988, 740, 988, 740],
  [587, 1175],
];
export const BELL_MOTIF: Motif = [1568, 1568];
export const HOLD_MOTIF: Motif = [440, 554, 440];

const NOTE_S = 0.16;
const NOTE_STEP_S = 0.21;
/** Between two motifs. */
const BREATH_S = 0.35;
const LOUD = 0.35;
/** Where the browser keeps that somebody has turned the sound on here. */
const SHELF = "gaffel-sound";

let audio: AudioContext | null = null;
let on = false;
const watchers = new Set<() => void>();
const tellWatchers = () => {
  on = audio?.state === "running";
  for (const watcher of watchers) watcher();
};

function shelf(armed?: boolean): boolean {
  try {
    if (armed !== undefined) localStorage.setItem(SHELF, armed ? "armed" : "off");
    return localStorage.getItem(SHELF) === "armed";
  } catch {
    return false;
  }
}

/**
 * Turns the sound on; browsers allow it from a touch on, and some without one where this device had it before. A first
 * sound takes a slow tablet tens of milliseconds to open: what the touch is for is painted before it.
 */
export function armSound(): void {
  requestAnimationFrame(() => setTimeout(openSound));
}

function openSound(): void {
  audio ??= new AudioContext();
  audio.onstatechange = tellWatchers;
  void audio.resume().then(() => {
    shelf(true);
    tellWatchers();
  });
}

/** On a new page: a device that was armed tries at once, and any first touch or key arms it. */
export function awaitTouch(): () => void {
  if (older.userActivation?.hasBeenActive) armSound();
  // a player may ask without being told off, where the browser lets pages of this address sound by themselves
  else if (shelf()) void new Audio("/silence.wav").play().then(armSound, () => undefined);
  const first = () => armSound();
  window.addEventListener("pointerdown", first, { once: true });
  window.addEventListener("keydown", first, { once: true });
  return () => {
    window.removeEventListener("pointerdown", first);
    window.removeEventListener("keydown", first);
  };
}

/** Plays motifs one after the other; nothing where the browser does not allow it yet. */
export function play(motifs: readonly Motif[]): void {
  if (!audio || audio.state !== "running") return;
  let startS = audio.currentTime;
  for (const motif of motifs) {
    for (const hertz of motif) {
      const tone = audio.createOscillator();
      const level = audio.createGain();
      tone.frequency.value = hertz;
      level.gain.setValueAtTime(LOUD, startS);
      level.gain.exponentialRampToValueAtTime(0.001, startS + NOTE_S);
      tone.connect(level).connect(audio.destination);
      tone.start(startS);
      tone.stop(startS + NOTE_S);
      startS += NOTE_STEP_S;
    }
    startS += BREATH_S;
  }
  older.vibrate?.(200);
}

const subscribe = (watcher: () => void) => {
  watchers.add(watcher);
  return () => void watchers.delete(watcher);
};

/** Whether this device can be heard. Until the page is alive nobody knows: it is taken to be. */
export const useSoundOn = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => on,
    () => true,
  );
