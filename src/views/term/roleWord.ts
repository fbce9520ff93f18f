import { sayTerm } from '@/messages/term';
import { LEAD } from '@/schema/take';

/** How a role is called: the lead in the reader's language, others as the teacher named them. */
export function roleWord(role: string): string {
  return role === LEAD ? sayTerm.plan.lead : role;
}
