/** One pose as a shape of a story: its name there, and a sound or small task. */
export interface StoryShape {
  pose: string;
  name: string;
  task: string;
}

/** A story for a children's class. */
export interface Theme {
  id: string;
  name: string;
  story: string;
  shapes: readonly StoryShape[];
}
