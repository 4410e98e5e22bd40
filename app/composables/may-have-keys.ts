/** Whether this device can hold a key for this site: it knows how, and the site has a name, for an address in figures has no keys. */
export function useMayHaveKeys() {
  const may = ref(false)
  onMounted(() => (may.value = 'PublicKeyCredential' in window && !/^[\d.]+$|:/.test(location.hostname)))
  return may
}
