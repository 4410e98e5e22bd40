<script setup lang="ts">
import { LEAST_PASSWORD, MOST_PASSWORD } from '#shared/limits'
import type { FormWithValues } from '~/composables/schema-form'

/** A password to be chosen, and how well it holds off guessing while it is written; the lists for that come when it is first typed in. */
const props = withDefaults(
  defineProps<{
    of: FormWithValues
    label?: string
  }>(),
  { label: 'Password' },
)
const typed = props.of.form.useSelector((s) => s.values.password ?? '')
const own = props.of.form.useSelector((s) => `${s.values.name ?? ''} ${s.values.email ?? ''}`)
const says = ref('')
const short = computed(() => typed.value.length < LEAST_PASSWORD)
watch([typed, own], async ([password, who]) => {
  if (short.value) return
  // With no signal it is said when it is sent.
  const meter = await import('#shared/password-strength').catch(() => null)
  if (meter && password === typed.value) says.value = meter.strengthOf(password, [who]).says
})
</script>

<template>
  <div>
    <SchemaField
      :of="of"
      name="password"
      :label="label"
      :hint="`${LEAST_PASSWORD} characters or more`"
      type="password"
      autocomplete="new-password"
      :maxlength="MOST_PASSWORD"
    />
    <p v-if="!short && says" class="small" role="status" data-strength>{{ says }}</p>
  </div>
</template>
