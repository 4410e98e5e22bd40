declare module 'jstat' {
  const jstat: unknown
  export default jstat
}
