import type { StudentRecord } from '@/schema/student';

/** Every way in which a sheet may write somebody's name; the given name alone will do where only one is called so. */
export function nameForms({
  name,
  givenName,
  familyName,
  preferredName,
}: StudentRecord): readonly string[] {
  return [
    ...[name, `${familyName} ${givenName}`, `${preferredName} ${familyName}`],
    ...[givenName, preferredName, `${givenName} ${familyName.slice(0, 1)}`],
  ].filter((one) => one.trim() !== '');
}
