/** An absent value is an absent key: records are compared and validated as they are. */
export const withoutGaps = <T extends object>(values: { readonly [K in keyof T]?: T[K] | undefined }): T =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as T;
