<script setup lang="ts">
import type { Component } from 'vue'
import type { FormOfFields } from '~/composables/schema-form'

/** A field of a form that is held to a schema. */
defineOptions({ inheritAttrs: false })
const { of } = defineProps<{
  of: FormOfFields
  name: string
  /** The input's own name, where two forms of a page have a field of one name. */
  inputName?: string
  label: string
}>()
/** A schema's issue, or words. */
const inWords = (wrong?: string | { message: string }) => (typeof wrong === 'object' ? wrong.message : wrong)
const Field = computed(() => of.form.Field as Component)
</script>

<template>
  <component :is="Field" v-slot="{ field, state }" :name="name">
    <FormField
      v-bind="$attrs"
      :label="label"
      :name="inputName ?? name"
      :model-value="state.value"
      :error="of.told.value[name] || inWords(state.meta.errors[0])"
      @blur="field.handleBlur"
      @update:model-value="(v) => (of.mended(name), field.handleChange(v ?? ''))"
    />
  </component>
</template>
