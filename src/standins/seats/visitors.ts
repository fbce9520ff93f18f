import { habitsFor, type SeatDeed } from './people';
import type { SeatState } from './state';

interface Due {
  readonly at: number;
  readonly person: string;
  readonly deeds: readonly SeatDeed[];
}

/** Simulated students of one session: whoever has not come by themselves when they are invited. */
export class Visitors {
  private due: Due[] = [];
  private invited: number | null = null;
  private begun = false;
  private now = 0;

  constructor(private readonly state: SeatState) {}

  /** Invites everybody, so many times faster than people are; once. */
  invite(pace: number): void {
    this.invited ??= pace;
  }

  /** Lets time pass until a moment, in ms since 1970. */
  advance(to: number): void {
    this.now = to;
    if (this.invited !== null && !this.begun) this.begin();
    const ready = this.due.filter(({ at }) => at <= to);
    this.due = this.due.filter(({ at }) => at > to);
    for (const { person, deeds } of ready.sort((a, b) => a.at - b.at)) {
      const [deed] = deeds;
      if (deed) this.act(person, deed);
      this.schedule(person, deeds.slice(1));
    }
  }

  private begin(): void {
    this.begun = true;
    const { kind, groups, people } = this.state.request;
    for (const { id, came } of this.state.body().people) {
      if (came) continue;
      const among = kind === 'partners' ? people.filter((one) => one.id !== id) : groups;
      const choices = among.map((one) => one.id);
      this.schedule(id, habitsFor(`${this.state.id} ${id}`, choices, kind === 'partners' ? 0 : 8));
    }
  }

  private schedule(person: string, deeds: readonly SeatDeed[]): void {
    const [next] = deeds;
    if (next) this.due.push({ at: this.now + next.after / (this.invited ?? 1), person, deeds });
  }

  private act(person: string, { does, likes }: SeatDeed): void {
    const { state } = this;
    if (does === 'wrongPin') state.tried(person, false);
    else if (does === 'come') state.came(person);
    else if (does === 'leave') state.choose(person, null, () => undefined);
    else this.choose(person, likes);
  }

  /** Takes what they like best of what looks open, and the next best where it was taken before. */
  private choose(person: string, likes: readonly string[]): void {
    const { state } = this;
    if (state.request.kind !== 'seats') {
      state.wish(person, likes.slice(0, Math.min(3, state.request.most)));
      return;
    }
    const seen = state.seenBy(person);
    const open = likes.filter((id) => seen.groups.some((group) => group.id === id && group.open));
    const [want] = open.filter((id) => id !== seen.group);
    if (want === undefined) return;
    state.choose(person, want, (outcome) => {
      if (outcome !== 'taken') return;
      const others = likes.filter((id) => id !== want);
      if (others.length > 0) this.schedule(person, [{ after: 1_500, does: 'sit', likes: others }]);
    });
  }
}
