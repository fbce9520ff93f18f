'use client';

import { sayOutWords } from '@/messages/outWords';
import { useMemo, useState } from 'react';
import * as z from 'zod/mini';
import type { AddressedLineup } from '@/formats/out/lineupOut';
import { linkGroups } from '@/formats/out/links';
import { PLAIN_OPTIONS } from '@/formats/out/options';
import { fill, placeholdersIn } from '@/formats/out/handout/placeholders';
import { PLACEHOLDERS, valuesOf } from '@/formats/out/handout/values';
import { sayHandoff } from '@/messages/handoff';
import { sayLive } from '@/messages/live';
import type { ClassId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import type { Said, Saying, SpacesClient } from '@/services/channels/spaces';
import type { SpaceRequest } from '@/services/channels/spacesContract';
import { draftText, keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { useDraft, useSetting } from '../frame/useDraft';
import { Button } from '../primitives/Button';
import { Select } from '../primitives/Select';
import { isQuiet, type PlacedSpace } from './placed';
import { Field } from '../primitives/Field';
import styles from './Spaces.module.css';
import { whyOf } from './useSpaces';

const PARTS = ['announcements', 'welcome', 'threads', 'meeting', 'files'] as const;

/** What was chosen to be said, and to whom. */
const SAYING: Setting<{
  readonly part: SpaceRequest;
  readonly name: string;
  readonly quietOnly: boolean;
}> = {
  name: 'spaceSaying',
  shape: z.object({
    part: z.enum(PARTS),
    name: z.string(),
    quietOnly: z.boolean(),
  }),
  usual: { part: 'announcements', name: '', quietOnly: false },
};

/** The key of what is on its way: it stays until all have it, so that nobody gets it twice. */
const ON_ITS_WAY: Setting<{ readonly key: string; readonly what: string } | null> = {
  name: 'spaceSayingSent',
  shape: z.nullable(z.object({ key: z.string(), what: z.string() })),
  usual: null,
};

interface SayAllProps {
  readonly classId: ClassId;
  readonly out: AddressedLineup;
  readonly spaces: readonly PlacedSpace[];
  readonly client: () => SpacesClient;
  readonly onSaid: () => void;
}

type Work =
  | { readonly state: 'idle' }
  | { readonly state: 'sending'; readonly done: number }
  | { readonly state: 'done'; readonly sayings: readonly Saying[]; readonly said: readonly Said[] };

/** The same welcome, announcement, thread, link or hand-out for every group, filled in for each. */
export function SayAll({ classId, out, spaces, client, onSaid }: SayAllProps) {
  const words = sayLive.spaces;
  const store = useStore();
  const [chosen, setChosen] = useSetting(SAYING, classId);
  const [onItsWay, setOnItsWay] = useSetting(ON_ITS_WAY, classId);
  const field = { of: 'spaces', classId } as const;
  const text = useDraft(field);
  const [work, setWork] = useState<Work>({ state: 'idle' });
  const { part, name, quietOnly } = chosen;
  const isLink = part === 'meeting' || part === 'files';
  const named = part === 'threads' || part === 'files';
  const values = useMemo(() => {
    const linked = linkGroups(out, PLAIN_OPTIONS);
    const groups = linked.ok ? linked.groups : [];
    const ask = { lineup: { ...out, groups }, options: PLAIN_OPTIONS, words: sayOutWords };
    return groups.map((group, row) => valuesOf(ask, group, row));
  }, [out]);
  const open = spaces.filter(({ brief }) => !brief.archived);
  const to = quietOnly ? open.filter(({ brief }) => isQuiet(brief)) : open;
  const filled = ({ row }: PlacedSpace, what: string): string => fill(what, values[row] ?? {});
  const sayingFor = (space: PlacedSpace): Saying => {
    const [body, title] = [filled(space, text.trim()), filled(space, name.trim())];
    const bodies: Readonly<Record<SpaceRequest, Saying['body']>> = {
      welcome: { text: body },
      announcements: { text: body },
      threads: { title, text: body },
      meeting: { link: body },
      files: { name: title, link: body },
    };
    return { space: space.brief.id, part, body: bodies[part] };
  };
  const unknown = placeholdersIn(`${text} ${name}`).find(
    (one) => !(PLACEHOLDERS as readonly string[]).includes(one),
  );
  const [first] = to;
  const sample = first && filled(first, text);
  const badLink = isLink && text.trim() !== '' && !/^https?:\/\/\S/i.test(sample ?? '');
  const ready = text.trim() !== '' && (!named || name.trim() !== '') && to.length > 0 && !badLink;

  const send = async (sayings: readonly Saying[]): Promise<void> => {
    // The same thing said again before all have it is the same saying.
    const what = JSON.stringify([part, name, text]);
    const key = onItsWay?.what === what ? onItsWay.key : crypto.randomUUID();
    setOnItsWay({ key, what });
    await store.saver.flush();
    setWork({ state: 'sending', done: 0 });
    const said = await client()
      .say(sayings, key, (done) => setWork({ state: 'sending', done }))
      .catch((error: unknown) => sayings.map(() => whyOf(error)));
    setWork({ state: 'done', sayings, said });
    if (said.every((one) => one === null)) {
      setOnItsWay(null);
      // What was typed while it was on its way is something else to say.
      if (draftText(store, field) === text) keepDraft(store, field, '');
    }
    onSaid();
  };
  const refused =
    work.state === 'done' ? work.sayings.filter((_, at) => work.said[at] !== null) : [];
  const why = work.state === 'done' ? work.said.find((one) => one !== null) : undefined;
  return (
    <section aria-label={words.toAll} className={styles.say}>
      <h3 className={styles.subtitle}>{words.toAll}</h3>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) void send(to.map(sayingFor));
        }}
      >
        <Select
          label={words.what}
          value={part}
          options={PARTS.map((value) => ({ value, label: words.parts[value] }))}
          onChange={(next) => setChosen({ ...chosen, part: next })}
        />
        <Select
          label={words.whom}
          value={quietOnly ? 'quiet' : 'all'}
          options={[
            { value: 'all', label: words.everybody },
            { value: 'quiet', label: words.quietOnes },
          ]}
          onChange={(whom) => setChosen({ ...chosen, quietOnly: whom === 'quiet' })}
        />
        {named && (
          <Field label={words.name}>
            <input
              value={name}
              maxLength={200}
              onChange={(event) => setChosen({ ...chosen, name: event.target.value })}
            />
          </Field>
        )}
        <Field label={isLink ? words.link : words.text}>
          {isLink ? (
            <input
              inputMode="url"
              spellCheck={false}
              value={text}
              placeholder={sayHandoff.handoff.options.linkStart}
              onChange={(event) => keepDraft(store, field, event.target.value)}
            />
          ) : (
            <textarea
              rows={4}
              value={text}
              onChange={(event) => keepDraft(store, field, event.target.value)}
            />
          )}
          <small>{words.placeholders(['group', 'members', 'lead', 'place', 'link'])}</small>
        </Field>
        {badLink && <p className={styles.issue}>{words.noLink}</p>}
        {unknown !== undefined && <p className={styles.issue}>{words.unknown(unknown)}</p>}
        {first && sample !== undefined && placeholdersIn(text).length > 0 && (
          <p className={styles.sample}>
            <small>{words.sample(first.name)}</small>
            {sample}
          </p>
        )}
        <div className={styles.sends}>
          <Button type="submit" variant="contained" disabled={!ready || work.state === 'sending'}>
            {words.send(to.length)}
          </Button>
          <p role="status">
            {work.state === 'sending' && words.sending(work.done, to.length)}
            {work.state === 'done' && refused.length === 0 && words.sent(work.said.length)}
          </p>
        </div>
        {refused.length > 0 && (
          <div className={styles.issue} role="alert">
            <p>
              {words.notSent(refused.length)} {why && words.failed(why)}
            </p>
            <Button size="small" variant="paper" onClick={() => void send(refused)}>
              {words.retry}
            </Button>
          </div>
        )}
      </form>
    </section>
  );
}
