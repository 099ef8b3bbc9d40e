export interface Visit {
  readyMs: number;
  /** When anything was first painted. */
  paintMs: number;
  scriptKb: number;
  allKb: number;
}

export function measurePages(classOf: (ids: readonly string[]) => object): Promise<{
  list: Visit;
  atlas: Visit;
  /** Frames a second of a figure that plays. */
  played: number;
  taught: { pacer: number; figure: number };
  fitting: Visit;
  serverMb: number;
  workerMb: number;
}>;

export function measureYears(
  fill: (hall: { databaseUrl: string; keys: string; classId: string }) => Promise<string>,
): Promise<{ answerMs: number; pageMs: number; reportFirstMs: number; reportMs: number }>;
