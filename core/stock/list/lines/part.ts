/*
 * One line as the things it names, each as a line of its own: "tissues, cotton buds" are two, "lip liner nude, red" two of a range, "lip
 * palette: sand, rose" one. A line is taken apart where what stands on both sides is a thing, or tells one of a range from the next.
 */

/** One thing of a line, in words that {@link readThing} reads. */
export interface Part {
  text: string
  /** Its own label in a range. */
  shade?: string
  /** 1–12, where the line says from where to where a range goes. */
  depth?: number
  /** What was guessed in taking the line apart. */
  guessed?: string
  /** A part of a face named in this line for what follows: "Eyes: quad, liner". */
  zone?: string
}
