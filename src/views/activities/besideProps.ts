import type { Unit } from '@/encode/activityUnits';
import type { ActivityRecord } from '@/schema/activity';
import type { LineupRecord } from '@/schema/lineup';
import type { StudentRecord } from '@/schema/student';
import type { NameOf } from '../frame/names';

/** What every part beside the grid of an activity is told. */
export interface BesideProps {
  readonly activity: ActivityRecord;
  readonly units: readonly Unit[];
  readonly lineup: LineupRecord | undefined;
  readonly students: readonly StudentRecord[];
  readonly nameOf: NameOf;
}
