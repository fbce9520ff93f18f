'use client';

import { lazily } from '../primitives/lazily';
import { useId, useState, type ComponentType } from 'react';
import { sayActivities } from '@/messages/activities';
import { isAlone } from '@/schema/activity';
import { Button } from '../primitives/Button';
import page from '../frame/SidePage.module.css';
import styles from './Activities.module.css';
import type { BesideProps } from './besideProps';

interface Part {
  readonly name: keyof typeof sayActivities.beside;
  /** Whether it is offered. */
  readonly fits: (props: BesideProps) => boolean;
  /** Loaded when it is first opened. */
  readonly View: ComponentType<BesideProps & { readonly onDone: () => void }>;
}

const always = (): boolean => true;
const inGroups = ({ activity, units }: BesideProps): boolean =>
  !isAlone(activity) && units.length > 0;
const part = lazily<BesideProps & { readonly onDone: () => void }>;

/** What belongs to an activity beside its grid, in the order in which it is offered. */
const PARTS: readonly Part[] = [
  {
    name: 'texts',
    fits: always,
    View: part(() => import('./Texts').then((module) => module.Texts)),
  },
  {
    name: 'handout',
    fits: inGroups,
    View: part(() => import('./Handout').then((module) => module.Handout)),
  },
  {
    name: 'letters',
    fits: ({ units }) => units.length > 0,
    View: part(() => import('./Letters').then((module) => module.Letters)),
  },
  {
    name: 'files',
    fits: ({ units }) => units.length > 0,
    View: part(() => import('./Files').then((module) => module.Files)),
  },
  {
    name: 'shares',
    fits: (props) => inGroups(props) && props.activity.members === 'answers',
    View: part(() => import('./Shares').then((module) => module.Shares)),
  },
  {
    name: 'save',
    fits: ({ units }) => units.length > 0,
    View: part(() => import('./SaveMarks').then((module) => module.SaveMarks)),
  },
  {
    name: 'read',
    fits: ({ units }) => units.length > 0,
    View: part(() => import('./ReadMarks').then((module) => module.ReadMarks)),
  },
  {
    name: 'spread',
    fits: inGroups,
    View: part(() => import('./SpreadChart').then((module) => module.SpreadChart)),
  },
  {
    name: 'onceMore',
    fits: always,
    View: part(() => import('./OnceMore').then((module) => module.OnceMore)),
  },
];

/** All that belongs to an activity beside its grid: one thing open at a time. */
export function Beside(props: BesideProps) {
  const words = sayActivities.beside;
  const [open, setOpen] = useState<Part['name'] | null>(null);
  const id = useId();
  const parts = PARTS.filter(({ fits }) => fits(props));
  const shown = parts.find(({ name }) => name === open);
  return (
    <section className={styles.beside} aria-label={sayActivities.besideTitle}>
      <div className={page.doings}>
        {parts.map(({ name }) => (
          <Button
            key={name}
            size="small"
            variant={name === open ? 'contained' : 'paper'}
            aria-expanded={name === open}
            aria-controls={name === open ? id : undefined}
            onClick={() => setOpen(name === open ? null : name)}
          >
            {words[name]}
          </Button>
        ))}
      </div>
      {shown && (
        <div id={id} className={styles.besidePart} role="group" aria-label={words[shown.name]}>
          <shown.View {...props} onDone={() => setOpen(null)} />
        </div>
      )}
    </section>
  );
}
