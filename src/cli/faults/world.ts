import type { Clock } from '../../ui/sync/clock.ts';
import type { KeeperStorage, WindowLocks } from '../../ui/sync/keeper.ts';

/** Lets promises that can go on do so. */
const settle = (): Promise<void> => new Promise((r) => setImmediate(r));

/** Time that passes when it is told to. What is real and takes its own time, such as the database, is waited for. */
export class WorldClock implements Clock {
  private time = 1_000_000;
  private calls: { at: number; call: () => void }[] = [];
  private busy = 0;

  now = (): number => this.time;
  after = (ms: number, call: () => void): (() => void) => {
    const entry = { at: this.time + ms, call };
    this.calls.push(entry);
    return () => {
      this.calls = this.calls.filter((c) => c !== entry);
    };
  };
  delay = (ms: number): Promise<void> => new Promise((r) => void this.after(ms, r));

  /** Work outside: time stands still until it is done. */
  async real<T>(work: () => Promise<T>): Promise<T> {
    this.busy++;
    try {
      return await work();
    } finally {
      this.busy--;
    }
  }

  private async rest(): Promise<void> {
    do {
      await settle();
      await settle();
    } while (this.busy > 0);
  }

  /** Moves on, making the calls that fall due one after the other. */
  async pass(ms: number): Promise<void> {
    const end = this.time + ms;
    await this.rest();
    for (;;) {
      const next = this.calls.filter((c) => c.at <= end).sort((a, b) => a.at - b.at)[0];
      if (!next) break;
      this.time = Math.max(this.time, next.at);
      this.calls = this.calls.filter((c) => c !== next);
      next.call();
      await this.rest();
    }
    this.time = end;
  }
}

/** A way to the server on which requests and answers get lost, doubled, held up and overtaken, and a server that restarts. */
export class Network {
  /** 0: nothing goes wrong, 1: nearly everything. */
  trouble = 0;
  /** Until then the server is down. */
  private downUntil = 0;
  constructor(
    private readonly log: (line: string) => void,
    private readonly clock: WorldClock,
    private readonly random: () => number,
    private readonly serve: (url: string, init: RequestInit) => Promise<Response>,
  ) {}

  restartServer(ms: number): void {
    this.downUntil = this.clock.now() + ms;
    this.log('the server restarts');
  }

  private happens = (share: number): boolean => this.random() < share * this.trouble;
  private hold = (): number => (this.happens(0.5) ? this.random() * 20_000 : this.random() * 60);
  private get down(): boolean {
    return this.clock.now() < this.downUntil;
  }

  /** As fetch does: throws a TypeError when no answer comes. */
  fetch = async (url: string, init: RequestInit): Promise<Response> => {
    const lost = () => new TypeError('fetch failed');
    await this.clock.delay(this.hold());
    if (this.down || this.happens(0.2)) {
      this.log('a request is lost');
      throw lost();
    }
    const answer = await this.clock.real(() => this.serve(url, init));
    if (this.happens(0.2)) {
      this.log('a request is doubled');
      this.clock.after(this.hold(), () => {
        if (!this.down) void this.clock.real(() => this.serve(url, init));
      });
    }
    await this.clock.delay(this.hold());
    if (this.down || this.happens(0.25)) {
      this.log('an answer is lost');
      throw lost();
    }
    return answer;
  };
}

/** A browser's storage, shared by its windows or kept by one of them. */
export class MemoryStorage implements KeeperStorage {
  private readonly map = new Map<string, string>();
  get length(): number {
    return this.map.size;
  }
  key = (i: number): string | null => [...this.map.keys()][i] ?? null;
  getItem = (k: string): string | null => this.map.get(k) ?? null;
  setItem = (k: string, v: string): void => void this.map.set(k, v);
  removeItem = (k: string): void => void this.map.delete(k);
}

/** The locks of a browser, as each of its windows sees them. */
export class BrowserLocks {
  private readonly held = new Map<string, object>();

  of(window: object): WindowLocks {
    return {
      hold: async (name) => {
        if (this.held.has(name) && this.held.get(name) !== window) return false;
        this.held.set(name, window);
        return true;
      },
      ifFree: async (name, _, work) => {
        if (this.held.has(name)) return false;
        work();
        return true;
      },
    };
  }

  /** The window is gone. */
  release(window: object): void {
    for (const [name, who] of this.held) if (who === window) this.held.delete(name);
  }
}
