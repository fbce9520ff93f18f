'use client';

import Button from '@mui/material/Button';
import { say } from '@/messages';
import type { RuleRecord } from '@/schema/rule';
import type { StudentId } from '@/schema/ids';
import type { TakeRecord } from '@/schema/take';
import type { NameOf } from '../frame/names';
import { KeyHint } from '../primitives/KeyHint';
import { Sign } from '../primitives/Sign';
import styles from './Drawer.module.css';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';

interface DrawerProps {
  readonly sheet: Sheet;
  readonly take: TakeRecord;
  readonly rules: readonly RuleRecord[];
  readonly selection: Selection;
  readonly nameOf: NameOf;
}

/** Explains what is selected: the student and where they could go, or else the take as a whole. */
export function Drawer({ sheet, take, rules, selection, nameOf }: DrawerProps) {
  const { selected } = selection;
  const present = sheet.groups.some((group) => group.students.some(({ id }) => id === selected));
  const aside = sheet.aside.some(({ id }) => id === selected);
  const student = selected !== null && (present || aside) ? selected : null;
  return (
    <aside className={styles.drawer} data-open={student !== null} aria-label={say.groups.drawer}>
      {student === null ? (
        <TakeFacts sheet={sheet} take={take} rules={rules} nameOf={nameOf} />
      ) : (
        <StudentFacts
          id={student}
          sheet={sheet}
          rules={rules}
          selection={selection}
          nameOf={nameOf}
        />
      )}
    </aside>
  );
}

function TakeFacts({ sheet, take, rules, nameOf }: Omit<DrawerProps, 'selection'>) {
  const broken = sheet.groups.flatMap((group) => group.broken);
  const placed = sheet.groups.reduce((total, { size }) => total + size, 0);
  return (
    <>
      <h2 className={styles.title}>{say.groups.takeTitle(take.number)}</h2>
      <ul className={styles.facts}>
        <li>{say.groups.placed(placed, sheet.groups.length)}</li>
        {sheet.aside.length > 0 && <li>{say.groups.standAside(sheet.aside.length)}</li>}
        {rules.length > 0 && broken.length === 0 && <li>{say.groups.allKept(rules.length)}</li>}
        {broken.map(({ rule, group }) => (
          <li key={`${rule.id} ${group}`} className={styles.broken}>
            {say.groups.isBroken(say.rules.sentence(rule.kind, rule.studentIds.map(nameOf)))}
          </li>
        ))}
        {take.dealt && <li>{say.groups.changedByHand}</li>}
      </ul>
      <p className={styles.hint}>{say.groups.howToMove}</p>
    </>
  );
}

interface StudentFactsProps extends Omit<DrawerProps, 'take'> {
  readonly id: StudentId;
}

function StudentFacts({ id, sheet, rules, selection, nameOf }: StudentFactsProps) {
  const here = selection.groupOf(id);
  const group = here === null ? null : sheet.groups[here];
  const concerned = rules.filter(({ studentIds }) => studentIds.includes(id));
  const brokenIds = new Set(
    sheet.groups.flatMap(({ broken }) => broken.map(({ rule }) => rule.id)),
  );
  return (
    <>
      <h2 className={styles.title}>{say.groups.studentIn(nameOf(id), group?.name ?? null)}</h2>
      <ul className={styles.facts}>
        {concerned.map((rule) => (
          <li key={rule.id} className={brokenIds.has(rule.id) ? styles.broken : undefined}>
            {say.groups.ruleState(
              say.rules.sentence(rule.kind, rule.studentIds.map(nameOf)),
              brokenIds.has(rule.id),
            )}
          </li>
        ))}
        {concerned.length === 0 && <li>{say.groups.noRules}</li>}
      </ul>
      <h3 className={styles.subtitle}>{say.groups.moveTo}</h3>
      <ul className={styles.targets}>
        {sheet.groups.map(({ index, name, sign, size }) => (
          <li key={index}>
            <Button
              variant="paper"
              size="small"
              disabled={index === here}
              onClick={() => selection.move(id, index)}
            >
              <Sign index={sign} size={18} />
              <span className={styles.target}>{name}</span>
              <span className={styles.size}>{say.groups.nowSize(size)}</span>
              {index < 9 && <KeyHint>{String(index + 1)}</KeyHint>}
            </Button>
          </li>
        ))}
        <li>
          <Button
            variant="paper"
            size="small"
            disabled={here === null}
            onClick={() => selection.move(id, null)}
          >
            <span className={styles.target}>{say.groups.aside}</span>
            <KeyHint>{'0'}</KeyHint>
          </Button>
        </li>
      </ul>
      <Button size="small" onClick={() => selection.select(null)}>
        {say.groups.deselect}
        <KeyHint>{'Esc'}</KeyHint>
      </Button>
    </>
  );
}
