/** "a", "a and b", "a, b and c". */
export const listed = (words: readonly string[]) =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '')
