/**
 * Where an error came from, as it may be written down: its kind and the lines of code, never its message, in
 * which there may be SQL, names or health.
 */
export function placeOf(error: unknown): string {
  if (!(error instanceof Error)) return typeof error;
  const code = (error as { code?: unknown }).code;
  const lines = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
  return [`${error.name}${typeof code === 'string' ? ` ${code}` : ''}`, ...lines.slice(0, 8)].join('\n');
}
