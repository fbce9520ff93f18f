'use client';

import { useEffect, useState } from 'react';
import { sayShelf } from '@/messages/shelf';
import { useStore } from '@/store/react';
import { allowKeptFile, chooseKeptFile, dropKeptFile, useKeptFile } from '../frame/keptFile';
import { roomHere, SAFEKEEPING, STEPS_UNTIL_REMINDED, type Room } from '../frame/safekeeping';
import { today } from '../frame/today';
import { useSetting } from '../frame/useDraft';
import { Button } from '../primitives/Button';
import styles from './ShelfView.module.css';

/** Begins the file that keeps itself, where the browser can write one. */
export function KeepFile() {
  const store = useStore();
  const { state } = useKeptFile();
  if (state !== 'none') return null;
  return (
    <Button
      size="small"
      variant="paper"
      title={sayShelf.safe.keepHint}
      onClick={() => void chooseKeptFile(store, sayShelf.backupName(today()))}
    >
      {sayShelf.safe.keep}
    </Button>
  );
}

/** How safe the classes are in this browser, and what can be done about it. */
export function Safekeeping() {
  const store = useStore();
  const file = useKeptFile();
  const [{ steps }] = useSetting(SAFEKEEPING, null);
  return (
    <div className={styles.safe}>
      {file.state !== 'kept' && steps >= STEPS_UNTIL_REMINDED && (
        <p className={styles.remind}>{sayShelf.safe.remind(steps)}</p>
      )}
      {file.state === 'kept' && (
        <p>
          {sayShelf.safe.kept(file.name)} <Drop />
        </p>
      )}
      {file.state === 'asking' && (
        <p>
          {sayShelf.safe.asking(file.name)}{' '}
          <Button variant="line" onClick={() => void allowKeptFile(store)}>
            {sayShelf.safe.allow(file.name)}
          </Button>{' '}
          <Drop />
        </p>
      )}
      {file.state === 'failed' && (
        <p role="alert" className={styles.trouble}>
          {sayShelf.safe.failed(file.name)} <Drop />
        </p>
      )}
      <RoomHere />
    </div>
  );
}

function Drop() {
  return (
    <Button variant="line" onClick={() => void dropKeptFile()}>
      {sayShelf.safe.drop}
    </Button>
  );
}

/** How much room is taken, and whether it stays. */
function RoomHere() {
  const [room, setRoom] = useState<Room | null>(null);
  const [refused, setRefused] = useState(false);
  useEffect(() => {
    void roomHere().then(setRoom);
  }, []);
  if (!room) return null;
  const ask = async (): Promise<void> => {
    const promised = await navigator.storage.persist();
    setRoom({ ...room, promised });
    setRefused(!promised);
  };
  return (
    <p>
      {sayShelf.safe.room(room.used, room.most)}{' '}
      {room.promised ? sayShelf.safe.promised : sayShelf.safe.notPromised}
      {!room.promised && (
        <>
          {' '}
          <Button variant="line" onClick={() => void ask()}>
            {sayShelf.safe.ask}
          </Button>
        </>
      )}
      {refused && <span role="status"> {sayShelf.safe.refused}</span>}
      {room.offline && ` ${sayShelf.safe.offline}`}
    </p>
  );
}
