import 'fake-indexeddb/auto';

/**
 * A browser's store for tests. Jest gives modules their own `Object`; what Node clones has another one, and
 * is then equal to nothing. In a browser there is one.
 */
globalThis.structuredClone = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
