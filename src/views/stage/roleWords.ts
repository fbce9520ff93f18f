import { sayShown } from '@/messages/shown';
import { LEAD } from '@/schema/take';

/** What stands behind a name for its roles. */
export function roleWords(roles: readonly string[]): string {
  return roles.map((role) => (role === LEAD ? sayShown.stage.lead : role)).join(', ');
}
