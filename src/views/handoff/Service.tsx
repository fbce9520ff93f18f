'use client';

import { startTransition, useEffect, useRef, useState } from 'react';
import type { PublicAddresses } from '@/encode/publicLineup';
import { sayHandoff } from '@/messages/handoff';
import type { ClassId, LineupId } from '@/schema/ids';
import type { ReceiptRecord } from '@/schema/receipt';
import type { RollStudent } from '@/schema/student';
import { keepReceipt } from '@/store/actions/receipts';
import { receiptsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { serviceRoot, type ServiceKind } from '@/services/reach';
import { allow, isAllowed } from '../frame/allowedServices';
import { useToken } from '../frame/token';
import { useSetting } from '../frame/useDraft';
import { useRealNames } from '../frame/useRealNames';
import { useToday } from '../frame/useToday';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { Select } from '../primitives/Select';
import { Switch } from '../primitives/Switch';
import { Field } from '../primitives/Field';
import { CUT_OFF, lockOf, useHeld } from './cutOff';
import styles from './HandOffView.module.css';
import { Outcome } from './Outcome';
import {
  CONNECTIONS,
  earlierSession,
  PRACTICE_TOKEN,
  practiceAddress,
  sendTo,
  type Sent,
} from './services';

interface ServiceProps {
  readonly kind: ServiceKind;
  /** Under the real names: a service has to know who it is. */
  readonly lineup: PublicAddresses;
  readonly students: readonly RollStudent[];
  /** A real name as the screen shows it. */
  readonly shownName: (real: string) => string;
  readonly classId: ClassId;
  readonly lineupId: LineupId;
  /** What is told at the side, between connection and receipts. */
  readonly children: React.ReactNode;
}

type Work =
  | { readonly doing: 'nothing' | 'failed' | 'elsewhere' }
  | { readonly doing: 'looking' | 'sending'; readonly done: number }
  | { readonly doing: 'looked' | 'sent'; readonly sent: Sent };

/** Rooms or channels of a service: what would change is looked at first, and nothing is sent before it is said. */
export function Service(props: ServiceProps) {
  const { kind, lineup, students, shownName, classId, lineupId, children } = props;
  const store = useStore();
  const words = sayHandoff.handoff.service;
  const day = useToday();
  const [connection, setConnection] = useSetting(CONNECTIONS[kind], classId);
  const { token, setToken, remembered, remember } = useToken(connection.address);
  const address = connection.address.trim();
  const receipts = useQuery(receiptsOf, lineupId);
  const [work, setWork] = useState<Work>({ doing: 'nothing' });
  const [cut, setCut] = useSetting(CUT_OFF, classId);
  const isCut =
    cut !== null && cut.lineupId === lineupId && cut.kind === kind && cut.address === address;
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  // What was looked at is of no use once anything of it is another.
  const about = JSON.stringify([kind, connection, lineup]);
  const [looked, setLooked] = useState(about);
  if (looked !== about) {
    setLooked(about);
    if (work.doing === 'looked' || work.doing === 'sent') setWork({ doing: 'nothing' });
  }
  const underWay = useHeld(lockOf(kind, lineupId), isCut);
  const root = serviceRoot(kind, connection.address);
  const busy = work.doing === 'looking' || work.doing === 'sending';

  const run = async (dryRun: boolean): Promise<void> => {
    if (dryRun) return runHere(true);
    // Two tabs that send the same lineup would only get in each other's way.
    const here = await navigator.locks.request(
      lockOf(kind, lineupId),
      { ifAvailable: true },
      (lock) => (lock ? runHere(false).then(() => true) : false),
    );
    if (!here) setWork({ doing: 'elsewhere' });
  };
  const runHere = async (dryRun: boolean): Promise<void> => {
    const controller = new AbortController();
    running.current = controller;
    const doing = dryRun ? 'looking' : 'sending';
    setWork({ doing, done: 0 });
    // Hundreds of groups need not each be a line on the disk.
    const step = Math.ceil(lineup.groups.length / 50);
    const begun = { lineupId, kind, address, of: lineup.groups.length };
    if (!dryRun) {
      setCut({ ...begun, at: new Date().toISOString(), done: 0 });
      await store.saver.flush();
    }
    const sent: Sent | null = await sendTo({
      ...{ kind, connection, token, lineup, students, day, dryRun, stop: controller.signal },
      earlier: earlierSession(receipts, kind, address),
      onGroup: (done) => {
        setWork({ doing, done });
        if (!dryRun && done % step === 0) {
          setCut({ ...begun, at: new Date().toISOString(), done });
        }
      },
    }).catch(() => null);
    // What was cut off stays to be gone on with, here or in another tab.
    if (!dryRun && sent?.ended === null) setCut(null);
    // Hundreds of groups are drawn bit by bit, and the page goes on answering.
    startTransition(() =>
      setWork(sent ? { doing: dryRun ? 'looked' : 'sent', sent } : { doing: 'failed' }),
    );
    if (!sent || dryRun || sent.arrived.length === 0) return;
    const known = new Map(students.map(({ id }) => [String(id), id]));
    keepReceipt(
      store,
      lineupId,
      {
        ...{ to: kind, did: 'sent', file: '', addresses: true },
        service: {
          address,
          arrived: sent.arrived.length,
          refused: sent.refused.flatMap(({ id, why }) => {
            const studentId = known.get(id);
            return studentId ? [{ studentId, reason: sayHandoff.services.why(why) }] : [];
          }),
          session: sent.session
            ? { id: sent.session.id, rooms: sent.session.rooms.map((room) => ({ ...room })) }
            : null,
        },
      },
      day,
    );
  };
  const { leave, question } = useRealNames(false);
  const practice = practiceAddress();

  return (
    <div className={styles.sides}>
      <div className={styles.side}>
        <section aria-labelledby="service" className={styles.options}>
          <h3 id="service" className={styles.subtitle}>
            {words.title[kind]}
          </h3>
          <Field label={words.address}>
            <input
              inputMode="url"
              spellCheck={false}
              value={connection.address}
              placeholder={sayHandoff.handoff.options.linkStart}
              onChange={(event) => setConnection({ ...connection, address: event.target.value })}
            />
          </Field>
          <Field label={words.token}>
            <input
              type="password"
              autoComplete="off"
              value={token}
              onChange={(event) => setToken(event.target.value)}
            />
            <small>{remembered ? words.tokenKept : words.tokenHint}</small>
          </Field>
          {token !== '' && (
            <Switch checked={remembered} onChange={remember}>
              {words.rememberToken}
            </Switch>
          )}
          {practice !== null && address === '' && (
            <div>
              <Button
                variant="paper"
                size="small"
                onClick={() => {
                  setConnection({ ...connection, address: practice });
                  setToken(PRACTICE_TOKEN, practice);
                }}
              >
                {words.practice}
              </Button>
            </div>
          )}
          {kind === 'channels' ? (
            <Switch
              checked={connection.createUsers}
              onChange={(createUsers) => setConnection({ ...connection, createUsers })}
            >
              {words.createUsers}
            </Switch>
          ) : (
            <>
              <Field label={words.minutes}>
                <input
                  type="number"
                  min={1}
                  max={600}
                  value={connection.minutes ?? ''}
                  onChange={(event) => {
                    const minutes = event.target.valueAsNumber;
                    setConnection({ ...connection, minutes: minutes > 0 ? minutes : null });
                  }}
                />
              </Field>
              <Select
                label={words.moveIn}
                value={connection.moveIn}
                options={(['automatic', 'invited'] as const).map((value) => ({
                  value,
                  label: words.movesIn[value],
                }))}
                onChange={(moveIn) => setConnection({ ...connection, moveIn })}
              />
              <Switch
                checked={connection.mayReturn}
                onChange={(mayReturn) => setConnection({ ...connection, mayReturn })}
              >
                {words.mayReturn}
              </Switch>
              <Switch
                checked={connection.open}
                onChange={(open) => setConnection({ ...connection, open })}
              >
                {words.open}
              </Switch>
            </>
          )}
        </section>
        {hasGone(receipts, kind, address) && (
          <div>
            <LinkButton
              variant="contained"
              href={`/c/${classId}/handoff/${kind === 'rooms' ? 'rooms' : 'spaces'}`}
            >
              {words.lead[kind]}
            </LinkButton>
          </div>
        )}
        {children}
      </div>
      <section aria-labelledby="preview" className={styles.preview}>
        <div className={styles.head}>
          <h3 id="preview" className={styles.subtitle}>
            {words.changes}
          </h3>
          <div className={styles.doings}>
            {busy ? (
              <>
                <p role="status">{words[work.doing](work.done, lineup.groups.length)}</p>
                <Button variant="paper" onClick={() => running.current?.abort()}>
                  {sayHandoff.handoff.stop}
                </Button>
              </>
            ) : (
              <Button
                variant={work.doing === 'looked' ? 'paper' : 'contained'}
                disabled={root === null || token === '' || !allowedNow(address, root)}
                onClick={() => void run(true)}
              >
                {words.look}
              </Button>
            )}
            {work.doing === 'looked' && work.sent.ended === null && (
              <Button variant="contained" onClick={() => leave(() => void run(false))}>
                {words.send(changesIn(work.sent))}
              </Button>
            )}
          </div>
        </div>
        {question}
        <div className={styles.sheet} tabIndex={0} role="group" aria-labelledby="preview">
          {address !== '' && root === null && <p className={styles.issue}>{words.noAddress}</p>}
          {root !== null && !allowedNow(address, root) && (
            <>
              <p>{words.notAllowed}</p>
              <Button
                variant="contained"
                onClick={() => {
                  allow(address);
                  void store.saver.flush().then(() => window.location.reload());
                }}
              >
                {words.allow}
              </Button>
            </>
          )}
          {work.doing === 'failed' && <p className={styles.issue}>{words.failed}</p>}
          {work.doing === 'elsewhere' && !isCut && <p>{words.elsewhere}</p>}
          {isCut && underWay && !busy && <p>{words.elsewhere}</p>}
          {isCut && !underWay && !busy && token !== '' && allowedNow(address, root) && (
            <div className={styles.lost}>
              <p>{words.cutOff(Date.parse(cut.at), cut.done, cut.of)}</p>
              <Button size="small" variant="apricot" onClick={() => leave(() => void run(false))}>
                {words.goOn}
              </Button>{' '}
              <Button size="small" variant="paper" onClick={() => setCut(null)}>
                {words.leaveIt}
              </Button>
            </div>
          )}
          {work.doing === 'looked' || work.doing === 'sent' ? (
            <Outcome
              sent={work.sent}
              done={work.doing === 'sent'}
              lineup={lineup}
              shownName={shownName}
            />
          ) : (
            <p className={styles.more}>{words.before}</p>
          )}
        </div>
      </section>
    </div>
  );
}

/** Whether there is something at the address to be looked into. */
function hasGone(receipts: readonly ReceiptRecord[], kind: ServiceKind, address: string): boolean {
  if (kind === 'rooms') return earlierSession(receipts, kind, address) !== null;
  return receipts.some(({ to, service }) => to === kind && service?.address === address);
}

function changesIn({ plan }: Sent): number {
  return plan.reduce((sum, { joins, leaves }) => sum + joins.length + leaves.length, 0);
}

function allowedNow(address: string, root: string | null): boolean {
  return root !== null && isAllowed(address);
}
