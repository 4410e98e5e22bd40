<script setup lang="ts">
import { LEAST_PASSWORD } from '#shared/limits'
import type { FormOfFields } from '~/composables/schema-form'

/** Who somebody is, and what they sign in with. */
defineProps<{ of: FormOfFields; nameLabel: string }>()
</script>

<template>
  <SchemaField :of="of" name="name" :label="nameLabel" autocomplete="name" maxlength="40" />
  <slot />
  <SchemaField :of="of" name="email" label="Email" type="email" autocomplete="email" />
  <SchemaField
    :of="of"
    name="password"
    label="Password"
    :hint="`${LEAST_PASSWORD} characters or more`"
    type="password"
    autocomplete="new-password"
    maxlength="200"
  />
</template>
