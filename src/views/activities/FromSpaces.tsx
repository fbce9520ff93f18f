'use client';

import { useState } from 'react';
import type { Unit } from '@/encode/activityUnits';
import { sayActivities } from '@/messages/activities';
import type { ActivityRecord } from '@/schema/activity';
import type { LineupId } from '@/schema/ids';
import { clientFor, serviceRoot } from '@/services/reach';
import { SpacesClient } from '@/services/channels/spaces';
import { setWork } from '@/store/actions/activities';
import { receiptsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { isAllowed } from '../frame/allowedServices';
import { clockMoment } from '../frame/clockMoment';
import { TokenField } from '../frame/TokenField';
import { useToken } from '../frame/token';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';

interface FromSpacesProps {
  readonly activity: ActivityRecord;
  readonly lineupId: LineupId;
  readonly units: readonly Unit[];
}

/** Notes what students have filed in the spaces that the lineup was handed off to. */
export function FromSpaces({ activity, lineupId, units }: FromSpacesProps) {
  const words = sayActivities.channels;
  const store = useStore();
  const told = useTold();
  const receipts = useQuery(receiptsOf, lineupId);
  const address = receipts.find(({ to }) => to === 'channels')?.service?.address ?? '';
  const { token, setToken } = useToken(address);
  const [asked, setAsked] = useState(false);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState('');
  const root = serviceRoot('spaces', address);
  const look = async (withToken: string): Promise<void> => {
    if (root === null || !isAllowed(address)) {
      setSaid(words.notConnected);
      return;
    }
    setBusy(true);
    setSaid('');
    const client = new SpacesClient(clientFor('spaces', root, withToken));
    const filed = await client.filed({ id: lineupId }).catch(() => undefined);
    setBusy(false);
    const came = units.filter(({ key }) => filed?.has(key)).map(({ key }) => key);
    if (filed === undefined) setSaid(words.failed);
    else if (came.length === 0) setSaid(words.nothing);
    else {
      setWork(store, activity.id, came, 'cameIn', (work, key) => ({
        came: {
          state: work.came?.state ?? 'in',
          at: clockMoment(new Date(filed?.get(key) ?? '')),
        },
      }));
      told(words.done(came.length));
    }
  };
  return (
    <>
      <Button
        size="small"
        variant="paper"
        disabled={busy}
        onClick={() => {
          if (root !== null && token === '') setAsked(true);
          else void look(token);
        }}
      >
        {words.ask}
      </Button>
      {asked && token === '' && (
        <TokenField
          text={words.token(address)}
          label={words.tokenLabel}
          go={words.ask}
          onToken={(next) => {
            setToken(next);
            void look(next);
          }}
        />
      )}
      <p role="status">{said}</p>
    </>
  );
}
