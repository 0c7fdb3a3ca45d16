import { type ChildProcess, fork } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Failed, type Failure } from '../../core/failure.ts';
import { CONFIG } from '../config.ts';

/** What the processes of a pool can do, by name. */
// biome-ignore lint/suspicious/noExplicitAny: stands for every table of tasks
export type TaskTable = Record<string, (...args: any[]) => Promise<unknown>>;

interface TaskRequest {
  id: number;
  name: string;
  args: unknown[];
}

/** failure: of a Failed; what else went wrong is an error with its message. */
export type TaskAnswer =
  | { id: number; ok: true; value: unknown }
  | { id: number; ok: false; failure: Failure }
  | { id: number; ok: false; error: string; code: string | undefined };

export interface PoolLimits {
  /** Milliseconds until a task is stopped. */
  taskMs: number;
  /** Bytes of memory that a process may take; heapMb: of which for the objects of JavaScript, megabytes. */
  memoryBytes: number;
  heapMb: number;
  /** Processes at once, and tasks that may wait for one. */
  processes: number;
  waiting: number;
  /** Milliseconds after which a process that has nothing to do ends, but for the last one. */
  idleMs: number;
}

/** Milliseconds that a process may take to load what it needs: on a busy machine that is longer than most tasks. */
const START_MS = 60_000;
/** What a process says when it has done so. */
const READY = { ready: true } as const;

/** How often the memory of a process at work is looked at, milliseconds. */
const LOOK_MS = 100;

interface Task {
  request: TaskRequest;
  resolve(value: unknown): void;
  reject(e: Error): void;
}

/** One process, and what it works at. */
interface Member {
  child: ChildProcess;
  task: Task | null;
  /** It has loaded what it needs; until then a task's time does not run. */
  ready: boolean;
  /** Why it was stopped by us. */
  stopped: Failure | null;
  timer: NodeJS.Timeout | null;
  look: NodeJS.Timeout | null;
}

/** Processes that do one task at a time each, within limits of time and memory; one that passes them is killed. */
export class ProcessPool<T extends { [N in keyof T]: TaskTable[string] }> {
  private readonly members = new Set<Member>();
  private readonly queue: Task[] = [];
  private next = 1;

  /** script: the program of the processes; it calls serveTasks. */
  constructor(
    private readonly script: string,
    private readonly limits: PoolLimits,
  ) {}

  /** Throws Failed as the task does, 'too-heavy' when it passed a limit, 'busy' when too many wait. */
  run<N extends keyof T & string>(name: N, ...args: Parameters<T[N]>): Promise<Awaited<ReturnType<T[N]>>> {
    if (this.queue.length >= this.limits.waiting) return Promise.reject(new Failed({ code: 'busy' }));
    return new Promise((resolve, reject) => {
      const request = { id: this.next++, name, args };
      this.queue.push({ request, resolve: resolve as (value: unknown) => void, reject });
      this.pump();
    });
  }

  /** Ends every process; what is under way is answered as too heavy. */
  close(): void {
    for (const { child } of this.members) child.kill('SIGKILL');
  }

  private pump(): void {
    while (this.queue.length) {
      const free = [...this.members].find((m) => m.task === null && m.stopped === null);
      const member = free ?? (this.members.size < this.limits.processes ? this.start() : null);
      if (!member) return;
      const task = this.queue.shift();
      if (task) this.begin(member, task);
    }
  }

  private begin(member: Member, task: Task): void {
    const { taskMs, memoryBytes } = this.limits;
    member.task = task;
    member.child.ref();
    member.child.channel?.ref();
    member.child.send(task.request, (e) => {
      // The process ended before it heard of the task: its end answers.
      if (e && member.task === task) member.child.kill('SIGKILL');
    });
    this.time(member, member.ready ? taskMs : START_MS);
    member.look = setInterval(() => {
      if (memoryOf(member.child) > memoryBytes) this.stop(member, this.tooLarge());
    }, LOOK_MS);
  }

  /** The task of a process is stopped after so long. */
  private time(member: Member, ms: number): void {
    if (member.timer) clearTimeout(member.timer);
    member.timer = setTimeout(
      // What has not even begun is not too heavy: the machine has too much to do.
      () =>
        this.stop(
          member,
          member.ready
            ? { code: 'too-heavy', what: 'time', most: this.limits.taskMs / 1000 }
            : { code: 'busy' },
        ),
      ms,
    );
  }

  private stop(member: Member, why: Failure): void {
    member.stopped = why;
    member.child.kill('SIGKILL');
  }

  private readonly tooLarge = (): Failure => ({
    code: 'too-heavy',
    what: 'memory',
    most: this.limits.memoryBytes / 1e9,
  });

  private start(): Member {
    const child = fork(this.script, [], {
      // It dies with this process, even when this process is killed outright.
      execPath: 'setpriv',
      execArgv: [
        ...['--pdeathsig', 'SIGKILL', process.execPath, `--max-old-space-size=${this.limits.heapMb}`],
        ...['--import', `file://${path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')}`],
      ],
      cwd: CONFIG.root,
      serialization: 'advanced',
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      env: { ...process.env, NABBET_ROOT: CONFIG.root, NABBET_DATA: CONFIG.data },
    });
    const member: Member = { child, task: null, ready: false, stopped: null, timer: null, look: null };
    this.members.add(member);
    child.on('message', (answer: TaskAnswer | typeof READY) => {
      if ('ready' in answer) {
        member.ready = true;
        if (member.task) this.time(member, this.limits.taskMs);
      } else if (answer.id === member.task?.request.id) this.finish(member, answer);
    });
    child.on('error', () => this.ended(member));
    child.once('exit', () => this.ended(member));
    return member;
  }

  private finish(member: Member, answer: TaskAnswer): void {
    const task = release(member);
    if (answer.ok) task?.resolve(answer.value);
    else if ('failure' in answer) task?.reject(new Failed(answer.failure));
    else task?.reject(Object.assign(new Error(answer.error), { code: answer.code }));
    this.rest(member);
    this.pump();
  }

  /** An idle process keeps nobody waiting, and ends when others are idle too. */
  private rest(member: Member): void {
    member.child.unref();
    member.child.channel?.unref();
    member.timer = setTimeout(() => {
      if (this.members.size > 1) member.child.kill();
      else this.rest(member);
    }, this.limits.idleMs);
    member.timer.unref();
  }

  /** A process that ended in the midst of a task was stopped by us, or by what it had to do with. */
  private ended(member: Member): void {
    if (!this.members.delete(member)) return;
    release(member)?.reject(new Failed(member.stopped ?? this.tooLarge()));
    this.pump();
  }
}

function release(member: Member): Task | null {
  const { task } = member;
  if (member.timer) clearTimeout(member.timer);
  if (member.look) clearInterval(member.look);
  member.task = null;
  return task;
}

/** Bytes that a process holds in memory (proc(5): second field of statm, in pages of 4096). */
function memoryOf(child: ChildProcess): number {
  try {
    return Number(readFileSync(`/proc/${child.pid}/statm`, 'utf8').split(' ')[1]) * 4096;
  } catch {
    return 0;
  }
}

/** The other side: answers tasks one by one, until the process that asks is gone. */
export function serveTasks(tasks: TaskTable): void {
  const answer = async ({ id, name, args }: TaskRequest): Promise<TaskAnswer> => {
    try {
      const work = Object.hasOwn(tasks, name) ? tasks[name] : undefined;
      if (!work) throw new Error(`There is no task “${name}”.`);
      return { id, ok: true, value: await work(...args) };
    } catch (e) {
      if (e instanceof Failed) return { id, ok: false, failure: e.failure };
      const { message, code } = e as NodeJS.ErrnoException;
      return { id, ok: false, error: message, code };
    }
  };
  process.on('message', (request: TaskRequest) => {
    void answer(request).then((done) => process.send?.(done));
  });
  process.on('disconnect', () => process.exit(0));
  process.send?.(READY);
}
