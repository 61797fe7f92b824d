import { ref } from 'vue'

/** Whether the server said that nobody is signed in; whoever shows the page leads to signing in. */
export const isSignedOut = ref(false)
