import type {
  Arrived,
  GroupPlan,
  HandedOff,
  Refused,
  ServiceLineup,
  ServicePerson,
  Why,
} from './types';

/** A student of a lineup, with the group they are in. */
export interface Person extends ServicePerson {
  readonly group: string;
  /** The group's key: two groups may have one name. */
  readonly key: string;
}

export function peopleOf({ groups }: ServiceLineup): readonly Person[] {
  return groups.flatMap(({ key, name, members }) =>
    members.map((member) => ({ ...member, group: name, key })),
  );
}

/** Group key → those who are in it. */
export function byGroup(
  { groups }: ServiceLineup,
  people: readonly Person[],
): ReadonlyMap<string, readonly Person[]> {
  const inGroup = new Map<string, Person[]>(groups.map(({ key }) => [key, []]));
  people.forEach((person) => inGroup.get(person.key)?.push(person));
  return inGroup;
}

/** The address as services compare it. */
export function addressOf({ email }: { readonly email: string }): string {
  return email.trim().toLowerCase();
}

/** Each student in just one of the lists; of whom nothing is known, the end of the run is the reason. */
export function whereEverybodyIs(
  people: readonly Person[],
  arrivedAs: ReadonlySet<Person>,
  whyOf: ReadonlyMap<Person, Why>,
  ended: HandedOff['ended'],
): Pick<HandedOff, 'arrived' | 'refused'> {
  const arrived: Arrived[] = [];
  const refused: Refused[] = [];
  for (const person of people) {
    const { id, name, group, email } = person;
    if (arrivedAs.has(person)) arrived.push({ name, email, group });
    else {
      const gone = ended ? ({ code: 'gone', reason: ended } as const) : null;
      const why = whyOf.get(person) ?? gone ?? { code: 'notThere' };
      refused.push({ id, name, email: email === '' ? null : email, group, why });
    }
  }
  return { arrived, refused };
}

/** The plan without those who were to join and were refused after all. */
export function planThatHeld(
  plan: readonly GroupPlan[],
  refused: readonly Refused[],
): readonly GroupPlan[] {
  const left = refused.map(({ name, group }) => JSON.stringify([group, name]));
  return plan.map((group) => ({
    ...group,
    joins: group.joins.filter(({ name }) => {
      const at = left.indexOf(JSON.stringify([group.name, name]));
      if (at >= 0) left.splice(at, 1);
      return at < 0;
    }),
  }));
}
