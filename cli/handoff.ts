import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { dirname } from 'node:path';
import { sayHandoff } from '@/messages/handoff';
import { sayShell } from '@/messages/shell';
import { handOffToChannels } from '@/services/channels/handOff';
import { Scim } from '@/services/channels/scim';
import { classAround, clientFor, serviceRoot, type ServiceKind } from '@/services/reach';
import { ReceiptFile } from '@/services/receiptFile';
import { handOffToRooms, type EarlierSession } from '@/services/rooms/handOff';
import type { HandedOff, ServiceLineup } from '@/services/types';
import type { AppRecord } from '@/schema/records';
import { kind, lineupCalled, recordsIn, today } from './classes';
import {
  BAD_INPUT,
  DONE,
  readJson,
  writeJson,
  type Complain,
  isFolder,
  readArguments,
} from './files';

/** Somebody did not arrive. */
const SOME_REFUSED = 3;

const OPTIONS = {
  lineup: { type: 'string' },
  to: { type: 'string' },
  url: { type: 'string' },
  token: { type: 'string' },
  receipt: { type: 'string' },
  plan: { type: 'string' },
  'dry-run': { type: 'boolean' },
  'create-users': { type: 'boolean' },
  minutes: { type: 'string' },
  'move-in': { type: 'string' },
  'may-return': { type: 'string' },
  'warning-seconds': { type: 'string' },
  'countdown-seconds': { type: 'string' },
  open: { type: 'boolean' },
} as const;

/** `gruppetto handoff`: brings channels or rooms in line with a lineup, and writes down what came of it. */
export async function handoffCommand(args: readonly string[], complain: Complain): Promise<number> {
  const wish = wishOf(args);
  if (typeof wish === 'string') {
    complain(wish);
    return BAD_INPUT;
  }
  const records = recordsIn(wish.file, complain);
  const lineup = records && lineupCalled(records, wish.lineup, today(), complain);
  if (!lineup) return BAD_INPUT;
  if (lineup.groups.length === 0) {
    const sentence = sayHandoff.outIssueSentence({ code: 'noGroups' });
    complain(sayShell.commandLine.export.withNothing(sentence));
    return BAD_INPUT;
  }
  const earlier = earlierReceipt(wish);
  if (typeof earlier === 'string') {
    complain(earlier);
    return BAD_INPUT;
  }
  const done = await send(wish, lineup, records, earlier);
  // A service may say the token back to us; it is written nowhere.
  const hidden = (text: string): string => text.replaceAll(wish.token, '…');
  const { services } = sayHandoff;
  if (wish.plan !== null && !writeJson(wish.plan, planFile(done, hidden))) {
    complain(sayShell.commandLine.cannotWrite(wish.plan));
  }
  if (done.ended) complain(services.ended[done.ended]);
  done.told.forEach((text) => complain(hidden(text)));
  if (wish.dryRun) return done.ended ? SOME_REFUSED : DONE;
  const receipt = receiptOf(wish, done, hidden);
  if (wish.receipt !== null && !writeJson(wish.receipt, receipt)) {
    complain(sayShell.commandLine.cannotWrite(wish.receipt));
    return BAD_INPUT;
  }
  if (receipt.refused.length > 0) {
    complain(sayShell.commandLine.handoff.refused(receipt.refused.map(({ name }) => name)));
  }
  return receipt.refused.length > 0 || done.ended ? SOME_REFUSED : DONE;
}

type Done = HandedOff & { readonly session?: EarlierSession | null };

async function send(
  wish: Wish,
  lineup: ServiceLineup,
  records: readonly AppRecord[],
  earlier: ReceiptFile | null,
): Promise<Done> {
  const { root, token, dryRun } = wish;
  const client = clientFor(wish.to, root, token);
  if (wish.to === 'channels') {
    return handOffToChannels(new Scim(client), lineup, {
      ...classAround(lineup, kind(records, 'student'), today()),
      ...{ dryRun, createUsers: wish.createUsers },
    });
  }
  return handOffToRooms(client, lineup, {
    ...wish.rooms,
    dryRun,
    earlier: earlier && sessionOf(earlier),
    day: today(),
    hash: (text) => Promise.resolve(createHash('sha256').update(text).digest('hex')),
  });
}

function sessionOf({ session, rooms = [] }: ReceiptFile): EarlierSession | null {
  if (!session) return null;
  return {
    id: session.id,
    rooms: rooms.map(({ name, id, link = null, key = null }) => ({ name, id, link, key })),
  };
}

/** The receipt of an earlier hand-off of this lineup to there; a sentence where the file is something else. */
function earlierReceipt({ receipt, to, lineup }: Wish): ReceiptFile | null | string {
  if (receipt === null || !existsSync(receipt)) return null;
  const data = readJson(receipt);
  const read = data.ok ? ReceiptFile.safeParse(data.value) : null;
  if (!read?.success) return sayShell.commandLine.handoff.noReceipt(receipt);
  return read.data.to === to && read.data.lineup === lineup ? read.data : null;
}

function receiptOf(wish: Wish, done: Done, hidden: (text: string) => string): ReceiptFile {
  const { session } = done;
  return {
    format: 'gruppetto.receipt',
    version: 1,
    to: wish.to,
    lineup: wish.lineup,
    at: new Date().toISOString(),
    arrived: [...done.arrived],
    refused: done.refused.map(({ name, email, group, why }) => ({
      ...{ name, email, group },
      reason: hidden(sayHandoff.services.why(why)),
    })),
    ...(session ? { session: { id: session.id }, rooms: [...session.rooms] } : {}),
  };
}

function planFile({ plan, refused }: Done, hidden: (text: string) => string) {
  return {
    groups: plan.map(({ name, joins, leaves }) => ({
      ...{ name, joins },
      leaves: leaves.map((one) => ({ name: one.name })),
    })),
    refused: refused.map(({ name, why }) => ({
      name,
      reason: hidden(sayHandoff.services.why(why)),
    })),
  };
}

interface Wish {
  readonly file: string;
  readonly lineup: string;
  readonly to: ServiceKind;
  readonly root: string;
  readonly token: string;
  readonly receipt: string | null;
  readonly plan: string | null;
  readonly dryRun: boolean;
  readonly createUsers: boolean;
  readonly rooms: {
    readonly moveIn: 'automatic' | 'invited';
    readonly mayReturn: boolean;
    readonly minutes: number | null;
    readonly warningSeconds: number | null;
    readonly countdownSeconds: number | null;
    readonly open: boolean;
  };
}

/** What is asked for, or the sentence that says what is wrong with it. */
function wishOf(args: readonly string[]): Wish | string {
  const words = sayShell.commandLine;
  const parsed = readArguments(args, OPTIONS);
  if (typeof parsed === 'string') return parsed;
  const { values, positionals } = parsed;
  const [file, ...others] = positionals;
  if (file === undefined || others.length > 0) return words.export.oneFile;
  const { lineup, to, url, token, receipt = null, plan = null } = values;
  if (lineup === undefined) return words.export.needs('--lineup');
  if (to !== 'channels' && to !== 'rooms') return words.export.needs('--to channels or --to rooms');
  if (url === undefined) return words.export.needs('--url');
  const root = serviceRoot(to, url);
  if (root === null) return words.handoff.noAddress(url);
  if (token === undefined || !/^[\u0021-\u007e]+$/.test(token))
    return words.export.needs('--token');
  const dryRun = values['dry-run'] ?? false;
  if (receipt === null && !dryRun) return words.export.needs('--receipt');
  const homeless = [receipt, plan].find((path) => path !== null && !isFolder(dirname(path)));
  if (typeof homeless === 'string') return words.export.noFolder(homeless);
  const moveIn = values['move-in'] ?? 'automatic';
  if (moveIn !== 'automatic' && moveIn !== 'invited') {
    return words.export.needs('--move-in automatic or --move-in invited');
  }
  const mayReturn = values['may-return'] ?? 'yes';
  if (!/^(?:yes|no)$/.test(mayReturn)) return words.export.needs('--may-return yes or no');
  const numbers = numbersOf(values);
  if (typeof numbers === 'string') return numbers;
  return {
    ...{ file, lineup, to, root, token, receipt, plan, dryRun },
    createUsers: values['create-users'] ?? false,
    rooms: { moveIn, mayReturn: mayReturn === 'yes', open: values.open ?? false, ...numbers },
  };
}

function numbersOf(
  values: Readonly<Record<string, unknown>>,
): Pick<Wish['rooms'], 'minutes' | 'warningSeconds' | 'countdownSeconds'> | string {
  const number = (name: string, least: number): number | null | undefined => {
    const given = values[name];
    if (typeof given !== 'string') return null;
    const value = /^\d{1,6}(?:\.\d{1,3})?$/.test(given) ? Number(given) : Number.NaN;
    const whole = name === 'minutes' || Number.isInteger(value);
    return value >= least && value > (name === 'minutes' ? 0 : -1) && whole ? value : undefined;
  };
  const minutes = number('minutes', 0);
  const warningSeconds = number('warning-seconds', 0);
  const countdownSeconds = number('countdown-seconds', 0);
  const { badNumber } = sayShell.commandLine.handoff;
  if (minutes === undefined) return badNumber('--minutes');
  if (warningSeconds === undefined) return badNumber('--warning-seconds');
  if (countdownSeconds === undefined) return badNumber('--countdown-seconds');
  return { minutes, warningSeconds, countdownSeconds };
}
