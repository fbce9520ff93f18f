import { newAdult, type AdultRecord } from '../../schema/adult';
import type { Period } from '../../schema/classRecord';
import { AdultId, newId, PeriodId, PlanId, type ClassId, type LineupId } from '../../schema/ids';
import { emptyPlan, type Lead } from '../../schema/plan';
import type { AppStore } from '../appStore';
import { adultsOf, planOf } from '../queries';
import { forget } from './references';

export type AdultEdit = Partial<Omit<AdultRecord, 'record' | 'id' | 'classId' | 'order'>>;

/** Adds an adult to a class, after the others, and returns the id. */
export function addAdult(
  store: AppStore,
  classId: ClassId,
  known: Pick<AdultRecord, 'name'> & AdultEdit,
): AdultId {
  const id = newId(AdultId, 'a');
  store.history.act('editAdults', ({ put }) => {
    const order = (adultsOf(store.records, classId).at(-1)?.order ?? 0) + 1;
    put({ ...newAdult(id, classId, order, { name: known.name, email: '' }), ...known });
  });
  return id;
}

/** Adds several adults at once, after the others, as one step. */
export function addAdults(
  store: AppStore,
  classId: ClassId,
  known: readonly Pick<AdultRecord, 'name' | 'email'>[],
): void {
  store.history.act('editAdults', ({ put }) => {
    const last = adultsOf(store.records, classId).at(-1)?.order ?? 0;
    known.forEach((one, at) => put(newAdult(newId(AdultId, 'a'), classId, last + at + 1, one)));
  });
}

/** Keeps adults as they are given, as one step. */
export function putAdults(store: AppStore, adults: readonly AdultRecord[]): void {
  store.history.act('editAdults', ({ put }) => adults.forEach(put));
}

export function editAdult(store: AppStore, id: AdultId, change: AdultEdit): void {
  store.history.act('editAdults', ({ get, put }) => {
    const adult = get('adult', id);
    if (adult) put({ ...adult, ...change });
  });
}

/** Removes an adult; their groups are left without one. */
export function removeAdult(store: AppStore, id: AdultId): void {
  store.history.act('editAdults', (change) => {
    change.remove(id);
    forget(change, { adult: (one) => (one === id ? null : one) });
  });
}

/** Adds a time of the week, after the others, and returns its id. */
export function addPeriod(store: AppStore, classId: ClassId, period: Omit<Period, 'id'>): PeriodId {
  const id = newId(PeriodId, 'pe');
  store.history.act('editAdults', ({ get, put }) => {
    const theClass = get('class', classId);
    if (theClass) put({ ...theClass, periods: [...theClass.periods, { id, ...period }] });
  });
  return id;
}

export function editPeriod(
  store: AppStore,
  classId: ClassId,
  id: PeriodId,
  change: Partial<Omit<Period, 'id'>>,
): void {
  store.history.act('editAdults', ({ get, put }) => {
    const theClass = get('class', classId);
    if (!theClass) return;
    const periods = theClass.periods.map((one) => (one.id === id ? { ...one, ...change } : one));
    put({ ...theClass, periods });
  });
}

/** Removes a time; nobody can then any more, and groups that were to meet then have no time. */
export function removePeriod(store: AppStore, classId: ClassId, id: PeriodId): void {
  store.history.act('editAdults', ({ get, all, put }) => {
    const theClass = get('class', classId);
    if (!theClass) return;
    put({ ...theClass, periods: theClass.periods.filter((one) => one.id !== id) });
    for (const adult of all('adult')) {
      if (adult.classId !== classId || !adult.times.includes(id)) continue;
      put({ ...adult, times: adult.times.filter((one) => one !== id) });
    }
    for (const plan of all('plan')) {
      if (plan.classId !== classId) continue;
      const leads: Record<string, Lead> = Object.fromEntries(
        Object.entries(plan.leads).map(([key, lead]) => [
          key,
          lead.periodId === id ? { ...lead, periodId: null } : lead,
        ]),
      );
      const meetAt = plan.meetAt?.filter((one) => one !== id) ?? null;
      put({ ...plan, leads, meetAt });
    }
  });
}

/** Sets who leads the groups of a lineup and when they meet, by their keys; the times it may use stay as they are. */
export function setLeads(
  store: AppStore,
  lineupId: LineupId,
  change: (leads: Readonly<Record<string, Lead>>) => Readonly<Record<string, Lead>>,
): void {
  store.history.act('giveAdults', ({ get, put }) => {
    const lineup = get('lineup', lineupId);
    if (!lineup) return;
    const plan =
      planOf(store.records, lineupId) ?? emptyPlan(newId(PlanId, 'p'), lineup.classId, lineupId);
    put({ ...plan, leads: { ...change(plan.leads) } });
  });
}
