'use client';

import CheckRounded from '@mui/icons-material/CheckRounded';
import PriorityHighRounded from '@mui/icons-material/PriorityHighRounded';
import { Link } from '../primitives/Link';
import { useMemo, useState, type ReactNode } from 'react';
import { doubtsOf, type OutDoubt } from '@/formats/out/checks';
import type { AddressedLineup } from '@/formats/out/lineupOut';
import { wayOutOf, type WayOutId } from '@/formats/out/list';
import type { LinkedGroup } from '@/formats/out/lineupOut';
import type { OutOptions } from '@/formats/out/options';
import { sayHandoff } from '@/messages/handoff';
import type { ClassId } from '@/schema/ids';
import type { RollStudent, StudentRecord } from '@/schema/student';
import { LEAD, type TakeRecord } from '@/schema/take';
import { editStudent } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { useNameMask } from '../frame/masking';
import { Button } from '../primitives/Button';
import { InPlaceText } from '../primitives/InPlaceText';
import { Spoken } from '../primitives/Spoken';
import styles from './HandOffView.module.css';

interface CheckListProps {
  readonly way: WayOutId;
  readonly options: OutOptions;
  /** Under the real names: their addresses are checked, and only names on screen are told. */
  readonly lineup: AddressedLineup;
  readonly linked: readonly LinkedGroup[];
  readonly take: TakeRecord;
  /** Under the names that are shown. */
  readonly students: readonly RollStudent[];
  readonly classId: ClassId;
}

/** What is in order and what is not, before anything goes. */
export function CheckList(props: CheckListProps) {
  const { way, options, lineup, linked, take, students, classId } = props;
  const words = sayHandoff.handoff;
  const placed = new Set(take.groups.flatMap(({ studentIds }) => studentIds));
  const here = students.filter((student) => student.here);
  const going = here.filter(({ id }) => placed.has(id));
  const aside = here.filter(({ id }) => !placed.has(id));
  const away = students.filter((student) => !student.here && placed.has(student.id));
  const addresses = options.addresses || wayOutOf(way)?.needs === 'addresses';
  const leads =
    options.letterTo === 'lead' && way === 'mailto'
      ? true
      : take.groups.some(({ roles }) => LEAD in roles);
  const doubts = useMemo(
    () => doubtsOf(lineup, linked, { addresses, leads }),
    [lineup, linked, addresses, leads],
  );
  const names = (list: readonly StudentRecord[]): string[] => list.map(({ name }) => name);
  const shown = new Map<string, RollStudent>(students.map((student) => [student.id, student]));
  const troubled = doubts.some(({ code }) => code.endsWith('Address'));
  return (
    <section aria-labelledby="before">
      <h3 id="before" className={styles.subtitle}>
        {words.before}
      </h3>
      <ul className={styles.checks}>
        <Check good>{words.going(going.length, take.groups.length)}</Check>
        {aside.length > 0 && (
          <Check>
            {words.aside(names(aside))} <ToGroups classId={classId} />
          </Check>
        )}
        {away.length > 0 && <Check>{words.away(names(away))}</Check>}
        {doubts.map((doubt) => (
          <Doubt key={doubt.code} doubt={doubt} shown={shown} classId={classId} />
        ))}
        {addresses && !troubled && <Check good>{words.allAddresses}</Check>}
        <Check good>
          {addresses ? words.nothingQuiet : `${words.noAddresses} ${words.nothingQuiet}`}
        </Check>
      </ul>
    </section>
  );
}

interface DoubtProps {
  readonly doubt: OutDoubt;
  readonly shown: ReadonlyMap<string, RollStudent>;
  readonly classId: ClassId;
}

/** Addresses that can be mended where they stand; of more, and while names are hidden, there is the roster. */
const MENDED_HERE = 30;

function Doubt({ doubt, shown, classId }: DoubtProps) {
  const words = sayHandoff.handoff;
  const [open, setOpen] = useState(false);
  const [mask] = useNameMask();
  const { code, names, ids } = doubt;
  const aboutAddress = code.endsWith('Address');
  const about = ids.flatMap((id) => shown.get(id) ?? []);
  const told = ids.length > 0 ? about.map(({ name }) => name) : names;
  return (
    <Check>
      {words.doubt[code](told)}{' '}
      {code === 'noLead' || code === 'emptyGroups' ? (
        <ToGroups classId={classId} />
      ) : aboutAddress && mask === 'names' && about.length <= MENDED_HERE ? (
        <Button size="small" variant="line" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? words.mendDone : words.mendHere}
        </Button>
      ) : code === 'longLinks' ? null : (
        <Link href={`/c/${classId}/roster`}>{words.mend}</Link>
      )}
      {open && mask === 'names' && <Addresses students={about} likely={doubt.likely} />}
    </Check>
  );
}

interface AddressesProps {
  readonly students: readonly RollStudent[];
  readonly likely: OutDoubt['likely'];
}

/** Addresses to be typed where they are missed. */
function Addresses({ students, likely }: AddressesProps) {
  const store = useStore();
  const words = sayHandoff.handoff;
  return (
    <ul className={styles.addresses}>
      {students.map(({ id, name, email }) => (
        <li key={id}>
          <span>{name}</span>
          <InPlaceText
            label={words.addressOf(name)}
            value={email}
            inputMode="email"
            placeholder={words.noAddressYet}
            mayBeEmpty
            onChange={(next) => editStudent(store, id, { email: next })}
          />
          {likely[id] !== undefined && (
            <Button
              size="small"
              variant="line"
              onClick={() => editStudent(store, id, { email: likely[id] ?? '' })}
            >
              {words.useLikely(likely[id])}
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}

function ToGroups({ classId }: { readonly classId: ClassId }) {
  return <Link href={`/c/${classId}/groups`}>{sayHandoff.handoff.toGroupsPage}</Link>;
}

function Check({
  good = false,
  children,
}: {
  readonly good?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <li className={styles.point} data-good={good}>
      {good ? <CheckRounded aria-hidden="true" /> : <PriorityHighRounded aria-hidden="true" />}
      <div>
        {!good && <Spoken>{sayHandoff.handoff.attention}</Spoken>}
        {children}
      </div>
    </li>
  );
}
