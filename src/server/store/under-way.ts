/** Work that is under way, by its key: whoever asks for the same meanwhile gets the outcome of the one that runs. */
export class UnderWay<T> {
  private readonly jobs = new Map<string, Promise<T>>();

  once(key: string, work: () => Promise<T>): Promise<T> {
    const running = this.jobs.get(key);
    if (running) return running;
    const job = work().finally(() => this.jobs.delete(key));
    this.jobs.set(key, job);
    return job;
  }
}
