import type { ReactNode } from 'react';

export type Step = 'roster' | 'rules' | 'groups' | 'term' | 'show' | 'handoff' | 'activities';

const PATHS: Readonly<Record<Step, ReactNode>> = {
  roster: <path d="M3 5h.1M3 11h.1M3 17h.1M8 5h11M8 11h11M8 17h7" />,
  // Two people and a line between them.
  rules: (
    <path d="M11 3v16M5.5 8.5a2 2 0 1 0-.1 0M2.5 15c0-4 6-4 6 0M16.5 8.5a2 2 0 1 0-.1 0M13.5 15c0-4 6-4 6 0" />
  ),
  groups: <path d="M2 5h18M2 11h18M2 17h18M6 3.5v3M13 9.5v3M9 15.5v3M17 3.5v3" />,
  // Weeks side by side, and a line that runs through them.
  term: <path d="M3 4v14M9 4v14M15 4v14M21 4v14M1 13c4 0 5-6 9-6s5 4 11 4" />,
  show: <path d="M2.5 4h17v11h-17ZM8 19h6M11 15v4" />,
  handoff: <path d="M3 11h14M12 5l6 6-6 6M3 4v14" />,
  // A sheet that was handed in, with a stroke for what is done.
  activities: <path d="M5 3h9l4 4v12H5ZM14 3v4h4M8.5 13l2.2 2.2L15 10.8" />,
};

export function StepIcon({ step }: { readonly step: Step }) {
  return (
    <svg
      width="24"
      height="24"
      viewBox="0 0 22 22"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.7"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {PATHS[step]}
    </svg>
  );
}
