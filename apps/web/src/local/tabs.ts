/** The browser's tabs with this application: each has a name while it is open. */

const LOCK = 'drop-close tab ';
/** Without locks, one that has written in the last so many ms counts as open. */
const RECENT = 30_000;

/** The name of this tab; another one each time the page is loaded. */
export const TAB = Math.random().toString(36).slice(2, 12);

/** Lets other tabs see that this one is open, until it is closed or killed. */
export function beOpen(): void {
  void locks()?.request(LOCK + TAB, () => new Promise<void>(() => undefined));
}

/** Tells which tabs are open. @returns whether a tab that wrote at a time, in ms since 1970, is one of them */
export async function openTabs(): Promise<(tab: string, at: number) => boolean> {
  const held = (await locks()?.query())?.held;
  if (!held) return (tab, at) => tab === TAB || Date.now() - at < RECENT;
  const names = new Set(held.map(({ name }) => name));
  return (tab) => tab === TAB || names.has(LOCK + tab);
}

/** Does something that only one tab at a time may do; nothing where another is at it. */
export async function alone(name: string, work: () => Promise<void>): Promise<void> {
  const manager = locks();
  if (!manager) return work();
  await manager.request(`drop-close ${name}`, { ifAvailable: true }, (lock) =>
    lock ? work() : undefined,
  );
}

/** Only secure pages, as those from this machine are, have locks. */
const locks = (): LockManager | undefined =>
  typeof navigator === 'undefined' ? undefined : (navigator as Partial<Navigator>).locks;

/** What tabs tell each other. */
export type TabMessage = { readonly kind: 'saved'; readonly tuneId: string };

const CHANNEL = 'drop-close';
let channel: BroadcastChannel | undefined;

const ownChannel = (): BroadcastChannel => (channel ??= new BroadcastChannel(CHANNEL));

export function tellTabs(message: TabMessage): void {
  if (typeof window !== 'undefined') ownChannel().postMessage(message);
}

/** Hears what other tabs tell, until the returned function is called. */
export function hearTabs(hear: (message: TabMessage) => void): () => void {
  const onMessage = (event: MessageEvent<TabMessage>): void => {
    hear(event.data);
  };
  const own = ownChannel();
  own.addEventListener('message', onMessage);
  return () => {
    own.removeEventListener('message', onMessage);
  };
}
