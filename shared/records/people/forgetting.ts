import * as is from '../../checks/rules'

/** A text in which somebody who is to be forgotten is named. */
export interface Mention {
  /** Names the text, and nothing that is in it. */
  key: string
  /** Where it is: "the notes of the job Market day". */
  where: string
  text: string
  /** What could stand there instead. */
  proposal: string
  /** Somebody else here has that name: it may be them who is meant. */
  mayBeAnother: boolean
}

/** Where somebody is named outside their own record. */
export interface Mentions {
  mentions: Mention[]
  /** Acts in the history that name them: they say "somebody" afterwards and cannot be taken back any more. */
  acts: number
}

export class RewrittenText {
  @is.Name(600) key!: string
  /** What is to stand there; left out, it stays as it is. */
  @is.Maybe() @is.Text(0, 4000) text?: string | null
}

/** How somebody is forgotten. */
export class ForgetInput {
  /** What becomes of each text that names them. In any other text "somebody" replaces the name, unless another person has it too. */
  @is.Many(() => RewrittenText, 2000) texts: RewrittenText[] = []
}
