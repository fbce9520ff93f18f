/** Gruppetto's own mark: a turn of four notes on one line. */
export function Logo() {
  return (
    <svg width="48" height="36" viewBox="0 0 48 36" aria-hidden="true">
      <path
        d="M5 25C10 8 17 9 21 18s10 9 14-2 5-9 8-10"
        fill="none"
        stroke="#F0A35B"
        strokeWidth="3"
        strokeLinecap="round"
      />
      <g fill="currentColor">
        <circle cx="5.5" cy="26" r="4" />
        <circle cx="16" cy="11.5" r="4" />
        <circle cx="27.5" cy="23.5" r="4" />
        <circle cx="42" cy="7" r="4" />
      </g>
    </svg>
  );
}
