export interface Visit {
  readyMs: number;
  scriptKb: number;
  allKb: number;
}

export function measurePages(
  classOf: (ids: readonly string[]) => object,
): Promise<{ list: Visit; fitting: Visit; serverMb: number; workerMb: number }>;
