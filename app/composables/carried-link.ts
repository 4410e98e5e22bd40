/** A link's token on its way into a room, while the groomer signs in; in this page only, and once. */
let held: string | null = null
export const carriedLink = {
  keep: (token: string) => (held = token),
  take: () => {
    const token = held
    held = null
    return token
  },
}
