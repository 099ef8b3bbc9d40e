/** First names where they are enough to tell people apart. */
export function shortNames(names: readonly string[]): Map<string, string> {
  const first = (name: string): string => name.split(' ')[0]!;
  return new Map(
    names.map((name) => [
      name,
      names.filter((other) => first(other) === first(name)).length > 1 ? name : first(name),
    ]),
  );
}
