/** Whose household the demo opens. */
export const DEMO_EMAIL = 'ruth@demo.example'
/** Whose room the demo opens. */
export const DEMO_GROOMER = 'imke@demo.example'
