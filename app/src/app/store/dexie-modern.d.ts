declare module 'dexie/dist/modern/dexie.mjs' {
  export * from 'dexie';
}
