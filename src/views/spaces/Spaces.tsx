'use client';

import { sayOutWords } from '@/messages/outWords';
import { useMemo, useState, type ReactNode } from 'react';
import { publicAddresses } from '@/encode/publicLineup';
import { cleanLineup } from '@/formats/out/lineupOut';
import { sayLive } from '@/messages/live';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import type { TakeRecord } from '@/schema/take';
import type { SpaceBrief } from '@/services/channels/spacesContract';
import { adultsOf, planOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useSpokenForClass } from '../frame/InClassLanguage';
import { useRealRoll } from '../frame/students';
import { useNamesByAddress } from '../frame/useNamesByAddress';
import { useAsk } from '../primitives/asking';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { useNotices } from '../primitives/notices';
import { Sign } from '../primitives/Sign';
import { SayAll } from './SayAll';
import { inOrder, isQuiet } from './placed';
import { AsChooser, SeenBody, type RoomsPlace } from './SeenAs';
import { SpaceBody } from './SpaceBody';
import styles from './Spaces.module.css';
import { useTick } from '../frame/useTick';
import { useSpace, useSpaces, useSpacesClient, type SpacesPlace } from './useSpaces';

interface SpacesProps {
  readonly place: SpacesPlace;
  /** The session of rooms of the same lineup; null where there is none, or its token is not at hand. */
  readonly rooms: RoomsPlace | null;
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  readonly take: TakeRecord;
  readonly title: ReactNode;
}

/** The spaces of all groups: who writes and who is quiet, the same said to all, and what a student sees of it. */
export function Spaces({ place, rooms, theClass, lineup, take, title }: SpacesProps) {
  const words = sayLive.spaces;
  const { known, again } = useSpaces(place, lineup.id);
  const client = useSpacesClient(place);
  const names = useNamesByAddress(theClass.id, lineup);
  const real = useRealRoll(theClass.id, lineup);
  const plan = useQuery(planOf, lineup.id);
  const adults = useQuery(adultsOf, theClass.id);
  // What is said in a space is read by the class.
  useSpokenForClass(theClass.id);
  const out = useMemo(
    () =>
      cleanLineup(publicAddresses(theClass, lineup, take, real, plan, adults), sayOutWords.unnamed),
    [theClass, lineup, take, real, plan, adults],
  );
  const ask = useAsk();
  const { notify } = useNotices();
  const [open, setOpen] = useState<string | null>(null);
  const [as, setAs] = useState<string | null>(null);
  const all = useMemo(() => inOrder(known.spaces ?? [], out.groups), [known.spaces, out]);
  const shown = all.find(({ brief }) => brief.id === open) ?? all[0];
  const space = useSpace(place, shown?.brief.id, known.looks);
  const quiet = all.filter(({ brief }) => isQuiet(brief)).length;
  const head = (
    <div className={styles.head}>
      {title}
      {known.spaces && <p className={styles.count}>{words.count(all.length, quiet)}</p>}
      <LinkButton variant="paper" href={`/c/${theClass.id}/handoff`}>
        {sayLive.rooms.back}
      </LinkButton>
    </div>
  );
  const failure = known.why && (
    <div className={styles.failure}>
      <p role="status">{words.failed(known.why)}</p>
      <Button variant="paper" size="small" onClick={again}>
        {words.again}
      </Button>
    </div>
  );
  if (!shown) {
    return (
      <div className={styles.view}>
        {head}
        {failure ?? (
          <p role="status">
            {known.spaces === undefined
              ? words.looking
              : known.spaces === null
                ? words.without
                : words.none}
          </p>
        )}
      </div>
    );
  }
  const archive = (): void => {
    const ids = all.flatMap(({ brief }) => (brief.archived ? [] : [brief.id]));
    void client()
      .archive(ids)
      .then((said) => {
        const refused = said.find((one) => one !== null);
        if (refused) notify({ text: words.failed(refused) });
        again();
      });
  };
  return (
    <div className={styles.view}>
      {head}
      {failure}
      <div className={styles.sides}>
        <section aria-label={words.heading} className={styles.side}>
          <ol className={styles.list}>
            {all.map(({ brief, sign, name }) => (
              <li key={brief.id}>
                <button
                  type="button"
                  className={styles.space}
                  aria-pressed={brief.id === shown.brief.id && as === null}
                  data-quiet={isQuiet(brief) || undefined}
                  onClick={() => {
                    setAs(null);
                    setOpen(brief.id);
                  }}
                >
                  <Sign index={sign} size={24} />
                  <span className={styles.name}>{name}</span>
                  <Activity brief={brief} />
                </button>
              </li>
            ))}
          </ol>
          <AsChooser out={out} names={names} as={as} onAs={setAs} />
          {all.some(({ brief }) => !brief.archived) && (
            <div>
              <Button
                size="small"
                variant="paper"
                onClick={() => ask({ ...words.archiveAsk, run: archive })}
              >
                {words.archive}
              </Button>
            </div>
          )}
        </section>
        {as !== null ? (
          <SeenBody place={place} rooms={rooms} spaces={all} names={names} as={as} />
        ) : (
          <>
            <section aria-label={shown.name} className={styles.body}>
              <h3 className={styles.subtitle}>
                <Sign index={shown.sign} size={26} /> {shown.name}
              </h3>
              <p className={styles.members}>
                {shown.brief.members.map((one) => names.nameOf(one)).join(', ')}
              </p>
              {space && <SpaceBody space={space} names={names} />}
            </section>
            <SayAll classId={theClass.id} out={out} spaces={all} client={client} onSaid={again} />
          </>
        )}
      </div>
    </div>
  );
}

function Activity({ brief }: { readonly brief: SpaceBrief }) {
  const words = sayLive.spaces;
  const now = useTick();
  const { posts, files, lastAt, archived } = brief;
  return (
    <span className={styles.activity}>
      {isQuiet(brief) ? words.quiet : words.activity(posts, files)}
      {lastAt !== null && <small>{words.last(now - Date.parse(lastAt))}</small>}
      {archived && <small>{words.archived}</small>}
    </span>
  );
}
