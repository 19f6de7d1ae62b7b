"use client";
import { useCallback, useEffect, useRef, useState } from "react";

const BEEP_HZ = [880, 1175, 880] as const;
const BEEP_S = 0.16;
const REPEAT_MS = 4000;

/**
 * Three rising notes when `ringing` begins, again every few seconds until it ends. Browsers stay silent until the first touch on the
 * page: `muted` says so, and `unmute` is for the button that asks for it.
 */
export function useAlarm(ringing: boolean): { readonly muted: boolean; readonly unmute: () => void } {
  const audio = useRef<AudioContext | null>(null);
  const [muted, setMuted] = useState(false);

  const open = useCallback(() => {
    audio.current ??= new AudioContext();
    void audio.current.resume().then(() => setMuted(false));
  }, []);

  useEffect(() => {
    const touched = navigator.userActivation?.hasBeenActive ?? false;
    if (touched) open();
    else queueMicrotask(() => setMuted(true));
    const first = () => open();
    window.addEventListener("pointerdown", first, { once: true });
    window.addEventListener("keydown", first, { once: true });
    return () => {
      window.removeEventListener("pointerdown", first);
      window.removeEventListener("keydown", first);
      void audio.current?.close();
      audio.current = null;
    };
  }, [open]);

  useEffect(() => {
    if (!ringing) return;
    const ring = () => {
      const context = audio.current;
      if (!context || context.state !== "running") return;
      for (const [index, hertz] of BEEP_HZ.entries()) {
        const tone = context.createOscillator();
        const level = context.createGain();
        const start = context.currentTime + index * BEEP_S * 1.3;
        tone.frequency.value = hertz;
        level.gain.setValueAtTime(0.35, start);
        level.gain.exponentialRampToValueAtTime(0.001, start + BEEP_S);
        tone.connect(level).connect(context.destination);
        tone.start(start);
        tone.stop(start + BEEP_S);
      }
      navigator.vibrate?.(200);
    };
    ring();
    const timer = setInterval(ring, REPEAT_MS);
    return () => clearInterval(timer);
  }, [ringing]);

  return { muted, unmute: open };
}
