declare module 'bidi-js' {
  interface Bidi {
    /** The level of each code unit of a text: even ones are read from the left, odd ones from the right. */
    getEmbeddingLevels(text: string, direction?: 'ltr' | 'rtl' | 'auto'): { levels: Uint8Array }
    /** A bracket as it is drawn from right to left; null for what has no other side. */
    getMirroredCharacter(sign: string): string | null
  }
  export default function bidiFactory(): Bidi
}
