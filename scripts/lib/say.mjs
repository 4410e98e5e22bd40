/** Progress and refusals on the terminal. */
export const say = (line) => console.log(`  ${line}`)

/** Ends the script with one clear sentence. */
export function giveUp(sentence) {
  console.error(`\n  ${sentence}\n`)
  process.exit(1)
}
