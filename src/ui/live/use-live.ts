'use client';

import { startTransition, useEffect, useRef } from 'react';
import { useRouter } from 'next/navigation';
import { wallMs } from '@/core/time';
import { isOwnKey } from '../fields/write-key';
import { linkState } from './link-state';
import { makeRefreshPatient } from './patient-fetch';

/** What was changed how often, as the page was made; see LiveState of the server. */
export interface SeenLive {
  epoch: string;
  build: string;
  versions: Readonly<Record<string, number>>;
}

interface Change {
  kind: string;
  version: number;
  key: string;
}

/** Changes that come one upon the other are taken over together. */
const GATHER_MS = 60;
/** The server says every 15 s that it is there: a silence of so long is no connection, whatever the browser thinks. */
const SILENCE_MS = 40_000;
const LOOK_EVERY_MS = 5000;

/**
 * Takes over what others change: the page is fetched anew, while what is typed and where one stands stay. `of`: the
 * kinds of records that this page shows; undefined: any. A tab that nobody sees waits until it is seen.
 */
export function useLive(page: SeenLive, of?: (kind: string) => boolean): void {
  const router = useRouter();
  const seen = useRef(page);
  const wanted = useRef(of);
  useEffect(() => {
    wanted.current = of;
    // A page that came later knows more than what was heard before it.
    if (page.epoch !== seen.current.epoch) seen.current = page;
    else seen.current = { ...page, versions: { ...seen.current.versions, ...page.versions } };
  }, [page, of]);
  useEffect(() => {
    if (!('EventSource' in window)) return undefined;
    makeRefreshPatient();
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isDue = false;
    const take = () => {
      timer = undefined;
      if (document.visibilityState !== 'visible') return;
      isDue = false;
      startTransition(() => router.refresh());
    };
    const due = () => {
      isDue = true;
      timer ??= setTimeout(take, GATHER_MS);
    };
    const concerns = (kind: string) => wanted.current?.(kind) ?? true;
    const onState = ({ data }: MessageEvent<string>) => {
      const now = JSON.parse(data) as SeenLive;
      const { epoch, build, versions } = now;
      const before = seen.current;
      // Fetched anew, a page of an older app would be loaded whole: that is offered, not done.
      const isNewer = build !== before.build;
      linkState.set({ state: 'open', isNewer });
      if (isNewer) return;
      seen.current = now;
      const isNew = ([kind, version]: [string, number]) =>
        concerns(kind) && version !== (before.versions[kind] ?? 0);
      if (epoch !== before.epoch || Object.entries(versions).some(isNew)) due();
    };
    const onChange = ({ data }: MessageEvent<string>) => {
      const { kind, version, key } = JSON.parse(data) as Change;
      const { versions } = seen.current;
      seen.current = { ...seen.current, versions: { ...versions, [kind]: version } };
      // What this tab wrote came back with its answer.
      if (concerns(kind) && !isOwnKey(key) && !linkState.get().isNewer) due();
    };
    let [stream, heardMs] = [undefined as EventSource | undefined, wallMs()];
    const hear = (then?: (event: MessageEvent<string>) => void) => (event: Event) => {
      heardMs = wallMs();
      then?.(event as MessageEvent<string>);
    };
    const lose = () => linkState.set({ state: 'lost' });
    // Newer windows of this device listen instead; this one does again when somebody comes back to it.
    let isReplaced = false;
    const giveWay = () => {
      isReplaced = true;
      stream?.close();
    };
    const open = () => {
      stream?.close();
      isReplaced = false;
      heardMs = wallMs();
      stream = new EventSource('/api/v1/live');
      stream.addEventListener('state', hear(onState));
      stream.addEventListener('change', hear(onChange));
      stream.addEventListener('beat', hear());
      stream.addEventListener('replaced', giveWay);
      stream.addEventListener('error', lose);
    };
    open();
    // Out of range a connection ends without a word.
    const watch = setInterval(() => {
      if (isReplaced || wallMs() - heardMs < SILENCE_MS) return;
      lose();
      open();
    }, LOOK_EVERY_MS);
    window.addEventListener('offline', lose);
    window.addEventListener('online', open);
    const onSeen = () => {
      if (isReplaced && document.visibilityState === 'visible') open();
      if (isDue && document.visibilityState === 'visible') due();
    };
    document.addEventListener('visibilitychange', onSeen);
    window.addEventListener('focus', onSeen);
    return () => {
      stream?.close();
      clearTimeout(timer);
      clearInterval(watch);
      window.removeEventListener('offline', lose);
      window.removeEventListener('online', open);
      document.removeEventListener('visibilitychange', onSeen);
      window.removeEventListener('focus', onSeen);
    };
  }, [router]);
}
