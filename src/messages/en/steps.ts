/** The steps of the work that have a view. */
export type Step =
  'roster' | 'rules' | 'groups' | 'term' | 'stage' | 'show' | 'handoff' | 'activities';
