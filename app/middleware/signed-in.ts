/** Pages behind sign-in: with no session they lead to the welcome page. Without `await`, which fetches a library first. */
export default defineNuxtRouteMiddleware(() => {
  const store = useMe()
  return store.me ? undefined : store.load().then((me) => (me ? undefined : '/'))
})
