<script setup lang="ts">
import type { FormWithValues } from '~/composables/schema-form'

/** Who somebody is, and what they sign in with. */
defineProps<{ of: FormWithValues; nameLabel: string }>()
</script>

<template>
  <SchemaField :of="of" name="name" :label="nameLabel" autocomplete="name" maxlength="40" />
  <slot />
  <SchemaField :of="of" name="email" label="Email" type="email" autocomplete="email" />
  <NewPassword :of="of" />
</template>
