/** Something typed that cannot be read: the word, and what was expected in its place. */
export class ParseError extends SyntaxError {
  constructor(
    readonly word: string,
    readonly expected: string,
  ) {
    super(`"${word}": expected ${expected}`);
    this.name = 'UnreadableWord';
  }
}
