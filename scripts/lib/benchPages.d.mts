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
  fitting: Visit;
  serverMb: number;
  workerMb: number;
}>;
