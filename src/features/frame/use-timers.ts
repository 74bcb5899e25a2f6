'use client';

import type { KeptTimer } from '@/core/model';
import { useEffect, useRef, useState } from 'react';
import { leftOf } from '@/core/bench';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.useTimers;

/** What others do is told at once; this is for what nobody told. */
const POLL_MS = 20_000;

interface Heard {
  nowMs: number;
  timers: KeptTimer[];
}

/** The timers of the server as last heard: with the page, then every few seconds and on waking up. */
export function useTimers(start: readonly KeptTimer[], serverNowMs: number): Heard {
  const [heard, setHeard] = useState<Heard>();
  const [page, setPage] = useState({ start, serverNowMs });
  if (page.start !== start) {
    // A new page brings newer timers than the last poll.
    setPage({ start, serverNowMs });
    setHeard(undefined);
  }
  useEffect(() => {
    let isGone = false;
    const ask = async () => {
      try {
        const response = await fetch('/api/v1/timers', { cache: 'no-store' });
        if (response.ok && !isGone) setHeard((await response.json()) as Heard);
      } catch {
        // No answer: the moments are absolute, so what is shown goes on being right.
      }
    };
    const onWake = () => document.visibilityState === 'visible' && void ask();
    const timer = setInterval(() => void ask(), POLL_MS);
    document.addEventListener('visibilitychange', onWake);
    return () => {
      isGone = true;
      clearInterval(timer);
      document.removeEventListener('visibilitychange', onWake);
    };
  }, []);
  return heard ?? { nowMs: page.serverNowMs, timers: [...page.start] };
}

const BEEP_HZ = 880;
const BEEP_S = 0.6;

function beep(): void {
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.frequency.value = BEEP_HZ;
    volume.gain.setValueAtTime(0.25, audio.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + BEEP_S);
    tone.connect(volume).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + BEEP_S);
  } catch {
    // A browser without sound still shows the tile.
  }
}

/** Sounds, and notifies where allowed, once for each wait that ends while the page is open. */
export function useAlarm(timers: readonly KeptTimer[], nowMs: number): void {
  const rendered = useRef<Set<string>>(undefined);
  useEffect(() => {
    const over = timers.filter((timer) => leftOf(timer, nowMs) <= 0);
    const key = (one: KeptTimer) => `${one.jobId} ${one.dueMs}`;
    if (!rendered.current) {
      rendered.current = new Set(over.map(key));
      return;
    }
    for (const one of over) {
      if (rendered.current.has(key(one))) continue;
      rendered.current.add(key(one));
      beep();
      if ('Notification' in window && Notification.permission === 'granted') {
        new Notification(WORDS.isOver(one.skiName, one.title), { tag: key(one) });
      }
    }
  }, [timers, nowMs]);
}
