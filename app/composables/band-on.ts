/** Where the device keeps the tidy being led. */
export const LED_RUN = 'grumbo-led'

/** Whether a band that a tidy put on was not told to be off; read without the run itself, which few pages want. */
export function bandOn(): boolean {
  try {
    return localStorage.getItem(LED_RUN)?.includes('"band":true') ?? false
  } catch {
    // A device that may keep nothing keeps no run either.
    return false
  }
}
