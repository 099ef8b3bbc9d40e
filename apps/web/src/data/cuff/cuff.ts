/** A cuff as the page knows it: it sends what it has measured, as bytes. */
export interface Cuff {
  /** What it calls itself. */
  name: string;
  /** Lets it go. */
  close: () => void;
}

/** What a cuff is connected with. */
export interface CuffListener {
  onMessage: (message: DataView) => void;
  /** It is out of reach, or switched off. */
  onGone: () => void;
}

/** Connects one. @throws where there is none, or it was not chosen */
export type ConnectCuff = (listener: CuffListener) => Promise<Cuff>;
