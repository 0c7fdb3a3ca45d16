/** Something that is not as it should be with what is stored. */
export interface Finding {
  /** What is wrong, and where, in words. */
  what: string;
  /** What was done about it without loss; null when somebody has to decide. */
  mended: string | null;
}

/** Looks at one kind of what is stored, and mends what can be mended without loss. */
export interface StoredCheck {
  /** What is looked at: "pieces". */
  of: string;
  run(now: Date): Promise<{ seen: number; findings: Finding[] }>;
}
