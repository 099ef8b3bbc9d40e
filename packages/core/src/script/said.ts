/** Something to say. */
export interface Said {
  as:
    | 'note'
    | 'own'
    | 'invite'
    | 'set-up'
    | 'side'
    | 'breath'
    | 'choices'
    | 'safety'
    | 'feel'
    | 'rest'
    | 'come-out';
  says: string;
  /** Whom alone it is for, by name: said to them, and not aloud. */
  to?: readonly string[];
  /** Seconds after the hold began; on the way there unless it says. */
  after?: number;
}
