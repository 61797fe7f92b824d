<script setup lang="ts">
import PasswordField from '../../ui/PasswordField.vue'
import TextField from '../../ui/TextField.vue'

/** A name and a password to sign in by, as they are chosen. */
defineProps<{ messageFor: (field: string) => string | undefined }>()
const signInName = defineModel<string>('signInName', { required: true })
const password = defineModel<string>('password', { required: true })
</script>

<template>
  <TextField
    v-model="signInName"
    label="Sign-in name"
    hint="an address of mail, or any name without a space"
    autocomplete="username"
    :message="messageFor('signInName')"
  />
  <PasswordField
    v-model="password"
    label="Password"
    hint="12 characters or more; a few words in a row are good"
    is-new
    :message="messageFor('password')"
  />
</template>
