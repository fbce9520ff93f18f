import { readFileSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { SEATS_ROOT } from '@/services/seats/contract';
import { Seats, type KeptSessions } from '@/standins/seats/service';

/** A teacher's browser makes up a token of its own; those of the demo are words. */
const TOKEN = /^(?:[\w-]{32,64}|river[\w-]{0,40})$/;
/** Where sessions are kept, so that they go on after a new start; '' for nowhere. */
const FILE = process.env.GRUPPETTO_SEATS_FILE ?? '';
const WRITE_AFTER_MS = 500;

// What it holds outlives a module that is loaded anew.
const held = globalThis as { gruppettoSeats?: Seats };

/** The seats of this machine. From other machines only what is below `open` can be reached (scripts/lan.mjs). */
async function answer(request: Request): Promise<Response> {
  const { pathname } = new URL(request.url);
  const path = pathname.slice(pathname.indexOf(SEATS_ROOT) + SEATS_ROOT.length);
  if (path === '/reach') {
    const students = process.env.GRUPPETTO_STUDENTS ?? '';
    return Response.json({
      students: students === '' ? null : students,
      visitors: process.env.GRUPPETTO_DEMO === '1',
    });
  }
  return (held.gruppettoSeats ??= made()).answer(request, path);
}

function made(): Seats {
  let writing: ReturnType<typeof setTimeout> | null = null;
  const seats: Seats = new Seats({
    isTeacher: (token) => TOKEN.test(token),
    visitors: process.env.GRUPPETTO_DEMO === '1',
    onChange: () => {
      if (FILE === '' || writing !== null) return;
      writing = setTimeout(() => {
        writing = null;
        void writeFile(FILE, JSON.stringify(seats.kept()), { mode: 0o600 });
      }, WRITE_AFTER_MS);
    },
  });
  if (FILE !== '') seats.restore(keptIn(FILE));
  return seats;
}

function keptIn(file: string): readonly KeptSessions[] {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as readonly KeptSessions[];
  } catch {
    return [];
  }
}

export const GET = answer;
export const POST = answer;
export const PATCH = answer;
export const PUT = answer;
export const DELETE = answer;
