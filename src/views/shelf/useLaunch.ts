'use client';

import { useEffect, useRef } from 'react';
import { SHARED_QUERY, takeShared } from '@/serving/shared';
import { chosen } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { LAST_CLASS } from '../frame/lastClass';
import { useRoute } from '../primitives/route';

/** What a browser gives of files opened from the desktop (File Handling API). */
interface LaunchQueue {
  readonly setConsumer: (
    take: (launch: { readonly files?: readonly FileSystemFileHandle[] }) => void,
  ) => void;
}

interface Launched {
  readonly openFile: (file: File) => void;
  readonly openList: (text: string) => void;
}

/** Takes up what the application was opened with: a file, something shared, or a wish of its icon's menu. */
export function useLaunch(launched: Launched): void {
  const store = useStore();
  const { goInstead } = useRoute();
  const latest = useRef(launched);
  useEffect(() => {
    latest.current = launched;
  });
  useEffect(() => {
    const take = async (file: File): Promise<void> => {
      if (/\.json$/i.test(file.name) || file.type === 'application/json')
        latest.current.openFile(file);
      else latest.current.openList(await file.text());
    };
    const query = new URLSearchParams(location.search);
    if (query.has(SHARED_QUERY)) {
      // A second look at the same address finds nothing to take.
      history.replaceState(null, '', '/');
      void takeShared().then((files) => files.forEach((file) => void take(file)));
    }
    const last = chosen(store, LAST_CLASS, null);
    if (store.records.get('class', last)) {
      if (query.has('last')) goInstead(`/c/${last}/groups`);
      if (query.has('stage')) goInstead(`/c/${last}/stage`);
    }
    const { launchQueue } = window as { readonly launchQueue?: LaunchQueue };
    launchQueue?.setConsumer(({ files = [] }) => {
      files.forEach((handle) => void handle.getFile().then(take));
    });
  }, [store, goInstead]);
}
