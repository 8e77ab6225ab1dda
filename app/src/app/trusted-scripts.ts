/*
 * The server's policy lets no text become a script or a script's address unless a policy of ours looked at it. This is that policy: workers
 * and the service worker, from this origin and nowhere else. There is none for markup: nothing here makes any from a text.
 */

interface TrustedTypes {
  createPolicy(name: string, rules: { createScriptURL(url: string): string }): unknown;
}

export function trustOwnScripts(): void {
  const { trustedTypes } = globalThis as unknown as { readonly trustedTypes?: TrustedTypes };
  trustedTypes?.createPolicy('default', {
    createScriptURL: (url) => {
      if (new URL(url, document.baseURI).origin === location.origin) return url;
      throw new TypeError('a script from elsewhere');
    },
  });
}
