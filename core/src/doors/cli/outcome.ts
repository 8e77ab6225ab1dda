/** What a command ends with: the exit code, what goes to standard output, what goes to standard error. */
export type Outcome =
  | {
      readonly code: 0;
      readonly json: object;
      /** Files to write besides, by their names. */
      readonly files?: Readonly<Record<string, string>>;
    }
  /** A file's text, as it is. */
  | { readonly code: 0; readonly text: string }
  /** Stand-ins for instruments are to be started: a server, which is the caller's to start. */
  | { readonly code: 0; readonly devices: { readonly port: number; readonly pace: number } }
  /** 1: the input was refused; 2: the command was used wrongly. */
  | { readonly code: 1 | 2; readonly message: string };

export const done = (json: object, files?: Readonly<Record<string, string>>): Outcome => ({
  code: 0,
  json,
  ...(files && Object.keys(files).length > 0 && { files }),
});
export const wrote = (text: string): Outcome => ({ code: 0, text });
export const refused = (message: string): Outcome => ({ code: 1, message });
export const wrongUse = (message: string): Outcome => ({ code: 2, message });

/** Figures at the fineness that means something: three places, and no −0. */
export const rounded = (value: number, places = 3): number => Number(value.toFixed(places)) + 0;
export const orNull = (value: number | undefined, places = 3): number | null =>
  value === undefined ? null : rounded(value, places);
