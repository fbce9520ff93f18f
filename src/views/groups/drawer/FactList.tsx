'use client';

import type { ToldFact } from '@/encode/insightTypes';
import { sayBench } from '@/messages/bench';
import styles from './Drawer.module.css';
import { factSentence } from './factWords';
import { useWorkbench } from '../workbench/Workbench';

interface FactListProps {
  readonly facts: readonly ToldFact[];
  readonly about: 'student' | 'group';
}

export function FactList({ facts, about }: FactListProps) {
  const { theClass } = useWorkbench('bench');
  const nameOf = useWorkbench('nameOf');
  const sentences = facts.flatMap((fact) => factSentence(fact, { theClass, nameOf, about }) ?? []);
  return (
    <ul className={styles.facts}>
      {sentences.map(({ text, bad }) => (
        <li key={text} className={bad ? styles.broken : undefined}>
          {text}
        </li>
      ))}
      {sentences.length === 0 && <li>{sayBench.drawer.nothingSpecial}</li>}
    </ul>
  );
}
