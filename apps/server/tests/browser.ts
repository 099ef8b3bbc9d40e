/** What a browser does for a page: keeps cookies, and shows with each change what our pages read of them. */

export interface Answer {
  status: number;
  text: string;
  json: any; // eslint-disable-line @typescript-eslint/no-explicit-any
  headers: Headers;
}

export class Browser {
  readonly cookies = new Map<string, string>();

  /** @param base where the server answers, without a slash at the end */
  constructor(readonly base: string) {}

  /** What it sends along. */
  headers(path: string): Record<string, string> {
    const kind = /^mine(\/|$)/.test(path) ? 'mine' : 'session';
    const token = [...this.cookies].find(([name]) => name.includes(`lotus-${kind}-token`))?.[1];
    const all = [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
    return { ...(all ? { Cookie: all } : {}), ...(token ? { 'X-Lotus-Token': token } : {}) };
  }

  async ask(
    path: string,
    method = 'GET',
    body?: unknown,
    more: Record<string, string> = {},
  ): Promise<Answer> {
    const response = await fetch(`${this.base}/api/${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...this.headers(path),
        ...more,
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    for (const line of response.headers.getSetCookie()) this.keep(line);
    const text = await response.text();
    const { status, headers } = response;
    const isJson = text !== '' && /json/.test(headers.get('Content-Type') ?? '');
    return { status, text, headers, json: isJson ? (JSON.parse(text) as never) : undefined };
  }

  private keep(line: string): void {
    const [, name, value] = /^([^=]+)=([^;]*)/.exec(line)!;
    if (/Max-Age=0|Expires=Thu, 01 Jan 1970/i.test(line)) this.cookies.delete(name!);
    else this.cookies.set(name!, value!);
  }
}

const FIRST = {
  hall: 'Curlew House',
  name: 'Wren Addleby',
  signIn: 'wren@curlew.example',
  password: 'a tide table for november',
};

/** A browser in which the demo's teacher is signed in, or the first owner of a hall without a demo. */
export async function signedInAt(base: string): Promise<Browser> {
  const browser = new Browser(base);
  const answers: string[] = [];
  for (const [path, body] of [
    ['session/demo', undefined],
    ['session/first', FIRST],
    ['session', FIRST],
  ] as const) {
    const sent = path === 'session' ? { signIn: FIRST.signIn, password: FIRST.password } : body;
    const { status, text } = await browser.ask(path, 'POST', sent);
    if (status === 200) return browser;
    answers.push(`${path}: ${text}`);
  }
  throw new Error(`Nobody could sign in. ${answers.join(' ')}`);
}
