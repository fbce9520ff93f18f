'use client';

import { sayOutWords } from '@/messages/outWords';
import { useMemo, useState } from 'react';
import * as z from 'zod/mini';
import { cleanLineup } from '@/formats/out/lineupOut';
import { letterLinks, lettersOf, LONGEST_LETTER } from '@/formats/out/letters';
import { prepared } from '@/formats/out/list';
import { PLAIN_OPTIONS } from '@/formats/out/options';
import { sayActivities } from '@/messages/activities';
import { isAlone } from '@/schema/activity';
import type { Setting } from '@/schema/setting';
import { useNameMask } from '../frame/masking';
import page from '../frame/SidePage.module.css';
import { useSetting } from '../frame/useDraft';
import { Choice } from '../primitives/Choice';
import { Field } from '../primitives/Field';
import styles from './Activities.module.css';
import { useAddressed } from './addressed';
import type { BesideProps } from './besideProps';
import { isAsked } from './progress';

/** The text of such letters, as it was last written; '' for the usual one. */
const TEXT: Setting<string> = { name: 'missingLetter', shape: z.string(), usual: '' };

/** Letters to those whose work has not come in, to open one by one in the mail program. */
export function Letters({ activity, units }: BesideProps) {
  const words = sayActivities.letters;
  const [mask] = useNameMask();
  const [kept, keep] = useSetting(TEXT, activity.classId);
  const [to, setTo] = useState<'lead' | 'group'>(
    units.some(({ group, leadId }) => group && leadId !== null) ? 'lead' : 'group',
  );
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const missing = useMemo(
    () => units.filter((unit) => !activity.work[unit.key]?.came && isAsked(activity, unit)),
    [units, activity],
  );
  const addressed = useAddressed(activity, missing);
  const text = kept === '' ? words.usual(activity.due !== null) : kept;
  const letters = useMemo(() => {
    if (!addressed || addressed.groups.length === 0) return [];
    const template = { name: 'letter.txt', bytes: new TextEncoder().encode(text) };
    const fields = {
      activity: activity.name,
      due: activity.due === null ? '' : sayActivities.moment(activity.due),
    };
    const options = { ...PLAIN_OPTIONS, addresses: true, letterTo: to, template, fields };
    const ready = prepared(cleanLineup(addressed, sayOutWords.unnamed), options, sayOutWords);
    return ready.ok ? lettersOf(ready.ask) : [];
  }, [addressed, text, to, activity.name, activity.due]);
  if (mask !== 'names') return <p>{words.masked}</p>;
  if (missing.length === 0) return <p>{words.none}</p>;
  const nobody = letters.filter((letter) => letter.to.length === 0).map(({ group }) => group);
  return (
    <>
      {!isAlone(activity) && (
        <Choice
          inline
          legend={words.to}
          value={to}
          options={(['lead', 'group'] as const).map((value) => ({
            value,
            label: words.toOf[value],
          }))}
          onChange={setTo}
        />
      )}
      <Field label={words.template} hint={words.templateHint}>
        <textarea rows={6} value={text} onChange={({ target }) => keep(target.value)} />
      </Field>
      <ul className={styles.letters}>
        {letters.flatMap((letter) =>
          letterLinks(letter, LONGEST_LETTER).map((href, at) => (
            <li key={href}>
              <a href={href} onClick={() => setOpened(new Set([...opened, href]))}>
                {at === 0 ? words.write(letter.group) : words.part(letter.group, at + 1)}
              </a>{' '}
              {opened.has(href) && <small>{words.opened}</small>}
            </li>
          )),
        )}
      </ul>
      {nobody.length > 0 && <p className={page.hint}>{words.nobody(nobody)}</p>}
    </>
  );
}
