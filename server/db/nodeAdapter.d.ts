/** Comlink ships the types of this one under a name that module resolution does not find. */
declare module 'comlink/dist/esm/node-adapter.mjs' {
  export { default } from 'comlink/dist/esm/node-adapter';
}
