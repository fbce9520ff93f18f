'use client';

import { useEffect, useRef } from 'react';
import type { Bench } from '@/encode/bench';
import { saySeats } from '@/messages/seats';
import { spokenOrder } from '@/messages/speaking';
import type { SeatSessionRecord } from '@/schema/seatSession';
import { useStore } from '@/store/react';
import { useStageNames } from '../frame/names';
import { useNotices } from '../primitives/notices';
import { openSeats } from './openSeats';

interface OpeningProps {
  readonly bench: Bench;
  readonly record: SeatSessionRecord;
}

/** Until the service has answered; also after a reload in between. */
export function Opening({ bench, record }: OpeningProps) {
  const store = useStore();
  const { notify } = useNotices();
  const shown = useStageNames(bench.students, bench.theClass.id);
  const asked = useRef(false);
  useEffect(() => {
    if (asked.current) return;
    asked.current = true;
    void openSeats(store, record, shown, spokenOrder, bench.lineup.name).then((done) => {
      if (!done) notify({ text: saySeats.notOpened });
    });
  }, [store, record, shown, bench.lineup.name, notify]);
  return <p role="status">{saySeats.opening}</p>;
}
