/** Pages behind sign-in: with no session they lead to the welcome page. */
export default defineNuxtRouteMiddleware(async () => {
  const store = useMe()
  if (!store.me && !(await store.load())) return navigateTo('/')
})
