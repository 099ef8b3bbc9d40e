/** What a browser has around a page, for what asks for it while it is loaded: to be imported first. */

/** A browser's store: its keys are its own properties. */
export class Store {
  [key: string]: unknown;
}
for (const [name, value] of Object.entries({
  getItem(this: Store, key: string) {
    return Object.hasOwn(this, key) ? this[key] : null;
  },
  setItem(this: Store, key: string, text: string) {
    this[key] = text;
  },
  removeItem(this: Store, key: string) {
    delete this[key];
  },
}))
  Object.defineProperty(Store.prototype, name, { value });

const origin = 'http://127.0.0.1:4310';
Object.assign(globalThis, {
  window: { location: { href: `${origin}/`, origin, port: '4310' } },
  navigator: {},
  document: { cookie: 'lotus-session-token-4310=abc' },
});
